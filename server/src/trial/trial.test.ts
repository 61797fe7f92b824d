import type { TrialDto } from '@spudder/contract/trial'
import { planTrial } from '@spudder/core/outcome/trial'
import { describe, expect, it } from 'vitest'
import { get, newId, newStand, post, refused, trialBody } from '../tests/test-estate.ts'

const rating = (plot: number, value: number, ratedOn = '2025-06-01') => ({
  id: newId(),
  plot,
  ratedOn,
  value,
})
async function newTrial() {
  const { id: standId } = await newStand()
  const trial = await post<TrialDto>(`/stands/${standId}/trials`, trialBody())
  const rate = (...ratings: object[]) => post<TrialDto>(`/trials/${trial.id}/ratings`, { ratings })
  return { standId, trial, rate }
}

describe('a trial', () => {
  it('is laid out again just as it was, from what is kept', async () => {
    const { standId, trial } = await newTrial()
    const [found] = await get<TrialDto[]>(`/stands/${standId}/trials`)
    expect(found).toEqual(trial)
    const plots = planTrial(trialBody().design as never, trialBody().seed)
    expect(planTrial(found?.design as never, found?.seed ?? 0)).toEqual(plots)
  })

  it('keeps ratings of a walk; of two on one day the newer counts, of two days both', async () => {
    const { rate } = await newTrial()
    await rate(rating(1, 5), rating(2, 6))
    const { ratings } = await rate(rating(1, 5.5), rating(1, 7, '2025-06-15'))
    expect(ratings.map(({ plot, ratedOn, value }) => [plot, ratedOn, value])).toEqual([
      [1, '2025-06-01', 5.5],
      [2, '2025-06-01', 6],
      [1, '2025-06-15', 7],
    ])
  })

  it('rated by a walk that is sent twice has each rating once', async () => {
    const { rate } = await newTrial()
    const walk = [rating(1, 5), rating(2, 6), rating(3, 4)]
    await rate(...walk)
    expect((await rate(...walk)).ratings).toHaveLength(3)
  })

  it('refuses a plot that it has not, and keeps nothing of that walk', async () => {
    const { standId, trial } = await newTrial()
    const walk = { ratings: [rating(1, 5), rating(13, 6)] }
    const { detail } = await refused('post', `/trials/${trial.id}/ratings`, walk, 400)
    expect(detail).toContain('12 plots; there is no plot 13')
    const [found] = await get<TrialDto[]>(`/stands/${standId}/trials`)
    expect(found?.ratings).toEqual([])
  })

  it.each([
    [{ factors: [{ name: 'iron', levels: ['none', 'none'] }] }, 'levels of iron that differ'],
    [{ layout: 'split-plot' }, 'two factors for split plots'],
    [{ replicates: 60, factors: [{ name: 'iron', levels: ['a', 'b', 'c', 'd', 'e'] }] }, 'at most 240 plots'], // prettier-ignore
  ])('that cannot be laid out is refused: %j', async (part, words) => {
    const { id: standId } = await newStand()
    const body = trialBody()
    const design = { ...body.design, ...part }
    const path = `/stands/${standId}/trials`
    expect((await refused('post', path, { ...body, design }, 400)).detail).toContain(words)
  })
})

import type { EntryDto } from '@spudder/contract/entry'
import type { BufferingDto, LearningDto } from '@spudder/contract/learning'
import type { ReadingDto } from '@spudder/contract/reading'
import type { RemedyDto } from '@spudder/contract/remedy'
import type { StandDto } from '@spudder/contract/stand'
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import {
  acidPlanBody,
  entryBody,
  get,
  lookBody,
  newPlace,
  newStand,
  patch,
  post,
  readingBody,
  remedyBody,
  standBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const applied = '2025-06-03'
const colourBody = (days: number, value: number) => ({
  ...readingBody(value),
  kind: 'turfColour',
  method: 'eye',
  takenOn: addDays(applied, days),
})
const learning = (placeId: string) => get<LearningDto>(`/places/${placeId}/learning`)

/** A stand of which a treatment was watched. */
async function watchedStand(placeId: string, colours: readonly (readonly [number, number])[]) {
  const { stand, caseId, applyJobId } = await standWithRemedy(placeId)
  const entry = await post<EntryDto>(`/jobs/${applyJobId}/entries`, {
    ...entryBody(),
    happenedOn: applied,
  })
  for (const [days, value] of colours)
    await post(`/stands/${stand.id}/readings`, colourBody(days, value))
  return { stand, caseId, entry }
}

describe('what teaches', () => {
  it('is every treatment of a case and every colour, with whoever rated it', async () => {
    const { id: placeId } = await newPlace()
    const { stand, entry } = await watchedStand(placeId, [
      [-2, 4],
      [10, 6],
    ])
    const told = await learning(placeId)
    expect(told.stands).toEqual([
      {
        id: stand.id,
        name: stand.name,
        context: 'turf',
        plantId: stand.plantId,
        paleLossPerDay: expect.any(Number) as number,
      },
    ])
    expect(told.treatments).toMatchObject([
      { entryId: entry.id, standId: stand.id, appliedOn: applied, sourceId: 'fe-eddha' },
    ])
    expect(told.colours).toMatchObject([
      { kind: 'turfColour', value: 4, ratedBy: entry.createdBy },
      { kind: 'turfColour', value: 6 },
    ])
  })

  it('is nothing that was struck out, nothing made up, and nothing of another place', async () => {
    const [{ id: placeId }, { id: elsewhere }] = [await newPlace(), await newPlace()]
    await watchedStand(elsewhere, [[-2, 4]])
    const { stand, entry } = await watchedStand(placeId, [[-2, 4]])
    const madeUp = { ...colourBody(5, 6), method: 'meter', instrument: 'simulated leaf meter' }
    await post(`/stands/${stand.id}/readings`, madeUp)
    expect((await learning(placeId)).colours).toHaveLength(1)
    const body = { ...entryBody(), reason: 'Never went out.', isStruck: true }
    await post(`/entries/${entry.id}/corrections`, { ...body, happenedOn: applied })
    expect(await learning(placeId)).toMatchObject({ treatments: [], stands: [{ id: stand.id }] })
    expect((await learning(elsewhere)).treatments).toHaveLength(1)
  })
})

describe('next dates', () => {
  it('follow what the place taught where it is switched on, and what is published else', async () => {
    const { id: placeId } = await newPlace()
    // Full by the tenth day, where two to three weeks are published.
    const soon = [-1, 6, 11, 18, 24, 32, 42, 53].map(
      (days, at) => [days, [3, 5.5, 7.5, 7.5, 7, 6, 5, 4][at] ?? 3] as const,
    )
    for (let stands = 0; stands < 3; stands++) await watchedStand(placeId, soon)
    const looksOf = async () => {
      const { stand, caseId } = await standWithRemedy(placeId)
      const before = new Set((await storyOf(stand.id)).jobs.map(({ id }) => id))
      const remedy = await post<RemedyDto>(`/cases/${caseId}/remedies`, remedyBody())
      const { jobs } = await storyOf(stand.id)
      return jobs
        .filter(({ id, kind }) => kind === 'look' && !before.has(id))
        .map(({ dueOn }) => daysBetween(remedy.applyOn, dueOn))
    }
    const published = await looksOf()
    await patch(`/places/${placeId}/settings`, { learns: true })
    const taught = await looksOf()
    expect(published.length).toBeGreaterThan(0)
    expect(taught).toHaveLength(published.length)
    expect(taught.at(-1)).toBeLessThan(published.at(-1) ?? 0)
  })
})

describe('instruments beside a laboratory', () => {
  const takenOn = (days: number) => addDays('2025-01-10', days)
  /** Strips that read far too low, some times, each on the day of a laboratory. */
  async function strips(placeId: string): Promise<void> {
    const stand = await post<StandDto>(`/places/${placeId}/stands`, standBody())
    for (const days of [0, 20, 40, 60, 80]) {
      const lab = { ...readingBody(7.9), method: 'laboratory', takenOn: takenOn(days) }
      const strip = { ...readingBody(6.6), method: 'strip', takenOn: takenOn(days) }
      await post(`/stands/${stand.id}/readings`, lab)
      await post(`/stands/${stand.id}/readings`, { ...strip, instrument: 'box of last year' })
    }
  }
  /** The cause thought likeliest where such a strip is all that was measured. */
  async function verdictBy(placeId: string) {
    const stand = await post<StandDto>(`/places/${placeId}/stands`, standBody())
    const strip = { ...readingBody(6.5), method: 'strip', instrument: 'box of last year' }
    await post(`/stands/${stand.id}/readings`, strip)
    await post(`/stands/${stand.id}/looks`, lookBody())
    const [open] = (await storyOf(stand.id)).cases
    const { verdict } = await post<RemedyDto>(`/cases/${open?.id}/remedies`, remedyBody())
    return verdict.find(({ causeId }) => causeId === 'iron-tied-up-by-pH')?.probability ?? NaN
  }

  it('are told with what they read, alone where a laboratory stands beside', async () => {
    const { id: placeId } = await newPlace()
    await strips(placeId)
    await verdictBy(placeId)
    const { measures } = await learning(placeId)
    expect(measures).toHaveLength(10)
    const [struck] = measures.filter(({ method }) => method === 'strip')
    const strike = { version: 1, reason: 'Read wet.', isStruck: true }
    await patch(`/things/reading/${struck?.readingId}`, strike)
    expect((await learning(placeId)).measures).toHaveLength(9)
    const { id: elsewhere } = await newPlace()
    expect((await learning(elsewhere)).measures).toEqual([])
    expect(measures.find(({ method }) => method === 'strip')).toMatchObject({
      kind: 'pH',
      value: 6.6,
      instrument: 'box of last year',
    })
  })

  it('put readings right that a verdict rests on, where it is switched on', async () => {
    const { id: placeId } = await newPlace()
    await strips(placeId)
    const asRead = await verdictBy(placeId)
    await patch(`/places/${placeId}/settings`, { learns: true })
    const putRight = await verdictBy(placeId)
    expect(putRight).toBeGreaterThan(asRead + 0.02)
    expect((await learning(placeId)).measures).toHaveLength(10)
  })
})

describe('retests of acid plans', () => {
  const buffering = (placeId: string) => get<BufferingDto>(`/places/${placeId}/buffering`)
  const laboratory = (pH: number, takenOn: string) => ({ ...readingBody(pH), method: 'laboratory', takenOn }) // prettier-ignore

  it('say how the ground holds its pH, by what went on and was measured since; what is struck out does not', async () => {
    const stand = await newStand()
    const { placeId } = stand
    const plan = acidPlanBody()
    await post(`/stands/${stand.id}/acid-plans`, plan)
    for (const { id, day } of plan.steps)
      await post(`/jobs/${id}/entries`, { ...entryBody(20), happenedOn: day, waterL: 0 })
    expect(await buffering(placeId)).toEqual({ plans: [] })
    const { id } = await post<ReadingDto>(`/stands/${stand.id}/readings`, laboratory(6.9, '2026-05-31')) // prettier-ignore
    const [taught] = (await buffering(placeId)).plans
    expect(taught).toMatchObject({
      planId: plan.id,
      standId: stand.id,
      startsOn: plan.startsOn,
      retests: [{ day: '2026-05-31', pH: 6.9 }],
    })
    expect(taught?.said?.doubt).toBeGreaterThan(0.1)
    await post(`/stands/${stand.id}/readings`, laboratory(6.2, '2026-06-20'))
    const lower = (await buffering(placeId)).plans[0]
    expect(lower?.said?.mmolPerKg).toBeLessThan(taught?.said?.mmolPerKg ?? 0)
    expect(lower?.figured).toEqual(taught?.figured)
    await patch(`/things/reading/${id}`, { version: 1, reason: 'Wet sample.', isStruck: true })
    expect((await buffering(placeId)).plans[0]?.retests).toMatchObject([{ day: '2026-06-20' }])
    const { id: elsewhere } = await newPlace()
    expect(await buffering(elsewhere)).toEqual({ plans: [] })
  })

  it('know nothing of what went onto other stands of the place', async () => {
    const stand = await newStand()
    const { placeId } = stand
    const plan = acidPlanBody()
    await post(`/stands/${stand.id}/acid-plans`, plan)
    await post(`/stands/${stand.id}/readings`, laboratory(6.9, '2026-05-31'))
    const before = await buffering(placeId)
    expect(before.plans[0]?.retests).toHaveLength(1)
    const beside = await post<StandDto>(`/places/${placeId}/stands`, standBody())
    const own = acidPlanBody()
    await post(`/stands/${beside.id}/acid-plans`, own)
    for (const { id, day } of own.steps)
      await post(`/jobs/${id}/entries`, { ...entryBody(20), happenedOn: day, waterL: 0 })
    expect(await buffering(placeId)).toEqual(before)
  })
})

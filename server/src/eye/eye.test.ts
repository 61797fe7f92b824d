import type { EyeSittingDto } from '@spudder/contract/eye'
import { measureEyes, planSitting, ratingsOf } from '@spudder/core/seen/eye'
import { describe, expect, it } from 'vitest'
import { eyeSittingBody, get, newId, newPlace, patch, post, refused } from '../tests/test-estate.ts'

async function newSitting() {
  const { id: placeId } = await newPlace()
  const path = `/places/${placeId}/eye-sittings`
  const body = eyeSittingBody()
  const sitting = await post<EyeSittingDto>(path, body)
  return { path, body, sitting, sittings: () => get<EyeSittingDto[]>(path) }
}

describe('a sitting', () => {
  it('is kept with what was true of each picture, whatever the sender thinks', async () => {
    const { body, sitting, sittings } = await newSitting()
    const plan = planSitting(body.scale, body.seed).slice(0, body.said.length)
    expect(sitting.shown).toEqual(plan.map(({ picture, truth }) => ({ picture, truth })))
    expect(sitting.said).toEqual(body.said)
    expect(await sittings()).toEqual([sitting])
  })

  it('sent twice is there once', async () => {
    const { path, body, sittings } = await newSitting()
    await post<EyeSittingDto>(path, body)
    expect(await sittings()).toHaveLength(1)
  })

  it('whole is enough to measure the eye of whoever sat', async () => {
    const { path, sittings } = await newSitting()
    const seed = 0.61
    const said = planSitting('severity', seed).map(({ truth }) => Math.min(5, truth + 0.4))
    await post(path, { ...eyeSittingBody(), scale: 'severity', seed, said })
    const rated = (await sittings())
      .filter(({ scale }) => scale === 'severity')
      .map(({ id, createdBy, ratedOn, shown, said: heard }) => {
        return { id, person: createdBy, ratedOn, ratings: ratingsOf(shown, heard) }
      })
    const [eye] = measureEyes('severity', rated).values()
    expect(eye?.bias.middle.mean).toBeCloseTo(0.4, 1)
  })

  it('that went wrong is struck out and counts no more; its day is put right', async () => {
    const { sitting, sittings } = await newSitting()
    const thing = `/things/eye/${sitting.id}`
    const dated = { version: 1, reason: 'Entered later.', changes: { ratedOn: '2025-05-01' } }
    await patch(thing, dated)
    expect(await sittings()).toMatchObject([{ ratedOn: '2025-05-01', shown: sitting.shown }])
    await patch(thing, { version: 2, reason: 'Somebody else sat there.', isStruck: true })
    expect(await sittings()).toEqual([])
  })

  it('with a number that its scale does not have is refused with what it has', async () => {
    const { path } = await newSitting()
    const body = { ...eyeSittingBody(), id: newId(), scale: 'severity', said: [7] }
    const { detail } = await refused('post', path, body, 400)
    expect(detail).toContain('from 0 to 5')
  })
})

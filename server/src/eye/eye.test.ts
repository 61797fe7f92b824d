import type { EyeSittingDto, RatedPhotoDto } from '@spudder/contract/eye'
import { measureEyes, planSitting, ratingsOf } from '@spudder/core/seen/eye'
import { jpeg } from '../tests/jpeg.ts'
import { describe, expect, it } from 'vitest'
import {
  api,
  eyeSittingBody,
  get,
  measureBody,
  newId,
  newPlace,
  newStand,
  patch,
  post,
  refused,
} from '../tests/test-estate.ts'

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

describe('photos to rate', () => {
  const photosOf = (placeId: string) => get<RatedPhotoDto[]>(`/places/${placeId}/eye-photos`)

  /** A stand of turf with photos that were measured to be so green. */
  async function photographed(greens: readonly number[]) {
    const stand = await newStand()
    for (const greenness of greens) {
      const id = newId()
      await api
        .post(`/api/stands/${stand.id}/photos?id=${id}&fileName=turf.jpg`)
        .set('content-type', 'image/jpeg')
        .send(jpeg())
      await post(`/photos/${id}/measure`, { ...measureBody(), greenness })
    }
    return { stand, placeId: stand.placeId, photos: await photosOf(stand.placeId) }
  }
  const greens = [0.2, 0.3, 0.4, 0.5, 0.6, 0.7]
  const bodyOf = (photos: readonly RatedPhotoDto[]) => ({
    ...eyeSittingBody(),
    said: Array.from({ length: 12 }, () => 5),
    photoIds: photos.map(({ photoId }) => photoId),
  })

  it('are those of the place that the card measured, on the scale of their stands', async () => {
    const { stand, photos } = await photographed(greens)
    expect(photos.map(({ greenness, scales }) => [greenness, scales])).toEqual(
      greens.map((greenness) => [greenness, ['turfColour']]),
    )
    const id = newId()
    await api
      .post(`/api/stands/${stand.id}/photos?id=${id}&fileName=bare.jpg`)
      .set('content-type', 'image/jpeg')
      .send(jpeg())
    const strike = { version: photos.length, reason: 'Blurred.', isStruck: true }
    await patch(`/things/photo/${photos[0]?.photoId}`, { ...strike, version: 2 })
    expect(await photosOf(stand.placeId)).toHaveLength(greens.length - 1)
  })

  it('are kept with what they were measured to be, each twice', async () => {
    const { placeId, photos } = await photographed(greens)
    const { shown } = await post<EyeSittingDto>(`/places/${placeId}/eye-sittings`, bodyOf(photos))
    expect(shown).toHaveLength(12)
    for (const { photoId, greenness } of photos) {
      const own = shown.filter((each) => each.photoId === photoId)
      expect(own.map(({ truth }) => truth)).toEqual([1 + 8 * greenness, 1 + 8 * greenness])
    }
  })

  it('of another place or of another scale are refused, and too few', async () => {
    const [{ photos }, { placeId }] = [await photographed(greens), await photographed([])]
    const path = `/places/${placeId}/eye-sittings`
    expect((await refused('post', path, bodyOf(photos), 400)).detail).toMatch(/of this place/)
    const own = await photographed(greens)
    const onOther = { ...bodyOf(own.photos), scale: 'severity' }
    expect((await refused('post', `/places/${own.placeId}/eye-sittings`, onOther, 400)).detail).toMatch(/such a scale/) // prettier-ignore
    const few = bodyOf(own.photos.slice(0, 3))
    expect((await refused('post', `/places/${own.placeId}/eye-sittings`, few, 400)).detail).toMatch(/give 6 at least/) // prettier-ignore
  })
})

import { jpeg } from '../tests/jpeg.ts'
import type { PhotoDto } from '@spudder/contract/photo'
import { describe, expect, it } from 'vitest'
import { api, lookBody, measureBody, newId, newStand, post, storyOf } from '../tests/test-estate.ts'

const send = (standId: string, bytes: Buffer, id = newId(), type = 'image/jpeg') =>
  api
    .post(`/api/stands/${standId}/photos?id=${id}&fileName=leaf.jpg`)
    .set('content-type', type)
    .send(bytes)

describe('a photo', () => {
  it('is kept with size and the day that the camera wrote, and comes back byte for byte', async () => {
    const { id: standId } = await newStand()
    const bytes = jpeg('2025-05-20')
    const { body, status } = await send(standId, bytes)
    const photo = body as PhotoDto
    expect(status).toBe(201)
    expect(photo).toMatchObject({ widthPx: 4, heightPx: 3, takenOn: '2025-05-20', caseId: null })
    const back = await api.get(`/api/photos/${photo.id}`)
    expect(back.type).toBe('image/jpeg')
    expect(Buffer.compare(back.body as Buffer, bytes)).toBe(0)
  })

  it('without a day says so', async () => {
    const { id: standId } = await newStand()
    expect((await send(standId, jpeg())).body).toMatchObject({ takenOn: null })
  })

  it('goes with the case that the next look opens, and with an open one at once', async () => {
    const { id: standId } = await newStand()
    await send(standId, jpeg())
    await post(`/stands/${standId}/looks`, lookBody())
    await send(standId, jpeg())
    const { photos, cases } = await storyOf(standId)
    expect(photos.map(({ caseId }) => caseId)).toEqual([cases[0]?.id, cases[0]?.id])
  })

  it('sent twice is kept once', async () => {
    const { id: standId } = await newStand()
    const id = newId()
    const first = await send(standId, jpeg(), id)
    const again = await send(standId, jpeg(), id)
    expect([first.status, again.status]).toEqual([201, 201])
    expect((await storyOf(standId)).photos).toHaveLength(1)
  })

  it.each([
    ['text under a picture’s name', Buffer.from('not a picture at all'), 'image/jpeg', 400],
    ['a picture cut short', jpeg().subarray(0, 6), 'image/jpeg', 400],
    ['another type', Buffer.from('GIF89a'), 'image/gif', 400],
    ['nothing', Buffer.alloc(0), 'image/png', 400],
    ['more than 12 MB', Buffer.alloc(12.5 * 1024 * 1024), 'image/jpeg', 413],
  ])('%s is refused and nothing kept', async (_, bytes, type, status) => {
    const { id: standId } = await newStand()
    const answer = await send(standId, bytes, newId(), type)
    expect(answer.status).toBe(status)
    expect(answer.type).toBe('application/problem+json')
    expect((await storyOf(standId)).photos).toEqual([])
  })

  it('of no stand is not found', async () => {
    expect((await send(newId(), jpeg())).status).toBe(404)
    expect((await api.get(`/api/photos/${newId()}`)).status).toBe(404)
  })
})

describe('a measured photo', () => {
  const photoOf = async (day?: string) => {
    const { id: standId } = await newStand()
    const id = newId()
    await send(standId, jpeg(day), id)
    const measure = (change: object = {}) =>
      post<PhotoDto>(`/photos/${id}/measure`, { ...measureBody(), ...change })
    return { standId, id, measure }
  }

  it('keeps what it shows, and is a reading of the stand on the day it was taken', async () => {
    const { standId, measure } = await photoOf('2025-05-20')
    expect((await measure()).measure).toMatchObject({ darkGreenIndex: 0.48, cover: 0.7 })
    const { photos, readings } = await storyOf(standId)
    expect(photos[0]?.measure?.severityShares).toHaveLength(6)
    expect(readings).toMatchObject([
      { kind: 'photoGreenness', value: 0.66, doubt: 0.03, method: 'photo', takenOn: '2025-05-20' },
    ])
  })

  it('measured again is one reading, the newer', async () => {
    const { standId, measure } = await photoOf('2025-05-20')
    await measure()
    await measure({ greenness: 0.5, takenOn: '2025-05-22' })
    const { readings } = await storyOf(standId)
    expect(readings).toMatchObject([{ value: 0.5, takenOn: '2025-05-22' }])
  })

  it('that cannot be compared is kept, but is no reading', async () => {
    const { standId, measure } = await photoOf()
    await measure()
    await measure({ isComparable: false, remarks: ['no-card'] })
    const { photos, readings } = await storyOf(standId)
    expect(photos[0]?.measure?.remarks).toEqual(['no-card'])
    expect(readings).toEqual([])
  })

  it('of the untreated strip does not paint the ribbon of the stand', async () => {
    const { standId, measure } = await photoOf('2025-05-20')
    await measure({ part: 'untreated' })
    const { stand, readings } = await storyOf(standId)
    expect(readings[0]?.place).toBe('untreated')
    const { body } = await api.get(`/api/places/${stand.placeId}/estate?from=2025-01-01`)
    const [row] = (body as { rows: { ribbon: { readings: object[] } }[] }).rows
    expect(row?.ribbon.readings).toEqual([])
  })

  it('that is nowhere is refused', async () => {
    await expect(post(`/photos/${newId()}/measure`, measureBody())).rejects.toThrow('404')
  })
})

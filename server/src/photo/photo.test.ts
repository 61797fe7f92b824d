import type { PhotoDto } from '@spudder/contract/photo'
import { describe, expect, it } from 'vitest'
import { api, lookBody, newId, newStand, post, storyOf } from '../tests/test-estate.ts'

/** A JPEG of 4 × 3 pixels as far as its header goes, with a day in its EXIF where one is given. */
function jpeg(day?: string): Buffer {
  const frame = Buffer.from([0xff, 0xc0, 0, 11, 8, 0, 3, 0, 4, 1, 1, 0x11, 0])
  const exif = day ? exifSegment(`${day.replaceAll('-', ':')} 14:05:00\0`) : Buffer.alloc(0)
  return Buffer.concat([Buffer.from([0xff, 0xd8]), exif, frame, Buffer.from([0xff, 0xd9])])
}

/** An APP1 segment whose one Exif tag is DateTimeOriginal (EXIF 2.3, tag 0x9003). */
function exifSegment(moment: string): Buffer {
  const tiff = Buffer.alloc(26 + 18 + moment.length)
  tiff.write('II*\0', 0, 'latin1')
  tiff.writeUInt32LE(8, 4)
  tiff.writeUInt16LE(1, 8)
  tiff.writeUInt16LE(0x8769, 10)
  tiff.writeUInt16LE(4, 12)
  tiff.writeUInt32LE(1, 14)
  tiff.writeUInt32LE(26, 18)
  tiff.writeUInt16LE(1, 26)
  tiff.writeUInt16LE(0x9003, 28)
  tiff.writeUInt16LE(2, 30)
  tiff.writeUInt32LE(moment.length, 32)
  tiff.writeUInt32LE(44, 36)
  tiff.write(moment, 44, 'latin1')
  const body = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff])
  const head = Buffer.from([0xff, 0xe1, 0, 0])
  head.writeUInt16BE(body.length + 2, 2)
  return Buffer.concat([head, body])
}

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

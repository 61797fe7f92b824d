import { strToU8, unzipSync, zipSync, type Zippable } from 'fflate'
import { createHash } from 'node:crypto'
import { expect } from 'vitest'
import { jpeg } from '../../tests/jpeg.ts'
import {
  acidPlanBody,
  api,
  entryBody,
  drillBody,
  eyeSittingBody,
  jarTestBody,
  newId,
  patch,
  post,
  productBody,
  readingBody,
  sprayerBody,
  standWithRemedy,
  trialBody,
  zoneBody,
} from '../../tests/test-estate.ts'

export type Files = Record<string, Uint8Array>
export type Row = Record<string, unknown>
export interface Content {
  format: unknown
  version: unknown
  tables: Record<string, Row[]>
  photos: Row[]
}

/** A place with a row in nearly every table. */
export async function fullPlace(): Promise<string> {
  const { stand, applyJobId } = await standWithRemedy()
  const place = `/places/${stand.placeId}`
  await post(`${place}/products`, productBody())
  await post(`${place}/sprayers`, sprayerBody())
  await post(`${place}/jar-tests`, jarTestBody())
  await post(`${place}/drills`, drillBody())
  await post(`${place}/eye-sittings`, eyeSittingBody())
  await post(`/stands/${stand.id}/events`, { id: newId(), kind: 'limed', happenedOn: '2025-05-02' })
  await post(`/stands/${stand.id}/readings`, readingBody(20 * 0.45359237))
  await post(`/stands/${stand.id}/zones`, zoneBody())
  await post(`/stands/${stand.id}/advice`, {
    id: newId(),
    givenOn: '2025-06-02',
    words: 'Drain it.',
  })
  await post(`/stands/${stand.id}/acid-plans`, acidPlanBody())
  const { id: trialId } = await post<{ id: string }>(`/stands/${stand.id}/trials`, trialBody())
  const rating = { id: newId(), plot: 2, ratedOn: '2025-06-01', value: 6 }
  await post(`/trials/${trialId}/ratings`, { ratings: [rating] })
  const first = await post<{ id: string }>(`/jobs/${applyJobId}/entries`, entryBody(0.1 + 0.2))
  await post(`/entries/${first.id}/corrections`, { ...entryBody(0.7), reason: 'Weighed again.' })
  await api
    .post(`/api/stands/${stand.id}/photos?id=${newId()}&fileName=leaf.jpg`)
    .set('content-type', 'image/jpeg')
    .send(jpeg())
    .expect(201)
  await patch(`/stands/${stand.id}`, { name: 'Brow “north”, ümlaut =1+1', note: 'two\nlines' })
  await patch(`${place}/calendar`, { isShared: true })
  return stand.placeId
}

export async function archiveOf(placeId: string): Promise<Files> {
  const answer = await api
    .get(`/api/places/${placeId}/archive`)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = []
      response.on('data', (part: Buffer) => parts.push(part))
      response.on('end', () => done(null, Buffer.concat(parts)))
    })
  expect(answer.status).toBe(200)
  return unzipSync(answer.body as Buffer)
}

export const contentOf = (files: Files): Content =>
  JSON.parse(Buffer.from(files['archive.json'] ?? []).toString('utf8')) as Content

/** Files as an archive, with checksums that fit. */
export function zipped(files: Files, change: { checksums?: string } = {}): Buffer {
  const { 'checksums.sha256': _old, ...rest } = files
  const sums = Object.entries(rest).map(
    ([name, bytes]) => `${createHash('sha256').update(bytes).digest('hex')}  ${name}`,
  )
  const all = { ...rest, 'checksums.sha256': strToU8(change.checksums ?? `${sums.join('\n')}\n`) }
  return Buffer.from(zipSync(all as Zippable))
}
export const withContent = (files: Files, content: unknown): Files => ({
  ...files,
  'archive.json': strToU8(JSON.stringify(content)),
})

export const send = (bytes: Buffer) =>
  api.post('/api/archives').set('content-type', 'application/zip').send(bytes)

/** The same archive of a place with ids of its own, as it would be in another installation. */
export function renamed(files: Files): { files: Files; back: (text: string) => string } {
  const uuid = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g
  const [to, from] = [new Map<string, string>(), new Map<string, string>()]
  // Only the end is another, so that rows of one moment stay in one order.
  const end = newId().slice(24)
  const other = (id: string): string => {
    if (!to.has(id)) {
      const made = `${id.slice(0, 24)}${end}`
      to.set(id, made)
      from.set(made, id)
    }
    return to.get(id) ?? id
  }
  const entries = Object.entries(files).map(([name, bytes]): [string, Uint8Array] => [
    name.replace(uuid, other),
    name.startsWith('photos/')
      ? bytes
      : strToU8(Buffer.from(bytes).toString('utf8').replace(uuid, other)),
  ])
  const back = (text: string) => text.replace(uuid, (id) => from.get(id) ?? id)
  return { files: Object.fromEntries(entries), back }
}

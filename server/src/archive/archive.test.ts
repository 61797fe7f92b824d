import type { PlaceDto } from '@spudder/contract/place'
import type { PhotoDto } from '@spudder/contract/photo'
import { strToU8, unzipSync, zipSync, type Zippable } from 'fflate'
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { jpeg } from '../tests/jpeg.ts'
import {
  acidPlanBody,
  api,
  entryBody,
  get,
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
} from '../tests/test-estate.ts'
import { archiveSchema } from './archive-format.ts'
import { archiveTables } from './archive-tables.repository.ts'

type Files = Record<string, Uint8Array>
type Row = Record<string, unknown>
interface Content {
  format: unknown
  version: unknown
  tables: Record<string, Row[]>
  photos: Row[]
}

/** A place with a row in nearly every table. */
async function fullPlace(): Promise<string> {
  const { stand, applyJobId } = await standWithRemedy()
  const place = `/places/${stand.placeId}`
  await post(`${place}/products`, productBody())
  await post(`${place}/sprayers`, sprayerBody())
  await post(`${place}/jar-tests`, jarTestBody())
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

async function archiveOf(placeId: string): Promise<Files> {
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

const contentOf = (files: Files): Content =>
  JSON.parse(Buffer.from(files['archive.json'] ?? []).toString('utf8')) as Content

/** Files as an archive, with checksums that fit. */
function zipped(files: Files, change: { checksums?: string } = {}): Buffer {
  const { 'checksums.sha256': _old, ...rest } = files
  const sums = Object.entries(rest).map(
    ([name, bytes]) => `${createHash('sha256').update(bytes).digest('hex')}  ${name}`,
  )
  const all = { ...rest, 'checksums.sha256': strToU8(change.checksums ?? `${sums.join('\n')}\n`) }
  return Buffer.from(zipSync(all as Zippable))
}
const withContent = (files: Files, content: unknown): Files => ({
  ...files,
  'archive.json': strToU8(JSON.stringify(content)),
})

const send = (bytes: Buffer) =>
  api.post('/api/archives').set('content-type', 'application/zip').send(bytes)

/** The same archive of a place with ids of its own, as it would be in another installation. */
function renamed(files: Files): { files: Files; back: (text: string) => string } {
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

describe('the archive of a place', () => {
  it('comes back whole: out again it is the same, byte for byte, but for its stamp', async () => {
    const files = await archiveOf(await fullPlace())
    const moved = renamed(files)
    const answer = await send(zipped(moved.files))
    expect(answer.status, JSON.stringify(answer.body)).toBe(201)
    const { id } = answer.body as PlaceDto
    const again = await archiveOf(id)
    const text = (of: Files) => Buffer.from(of['archive.json'] ?? []).toString('utf8')
    expect(moved.back(text(again))).toBe(text(files))
    const photos = (of: Files) => Object.keys(of).filter((name) => name.startsWith('photos/'))
    expect(photos(again)).toHaveLength(1)
    expect(again[photos(again)[0] ?? '']).toEqual(files[photos(files)[0] ?? ''])
    const photo = contentOf(again).tables['photo']?.[0] as unknown as PhotoDto
    await api.get(`/api/photos/${photo.id}`).expect(200)
    // The same place a second time is refused, and says where it is.
    const twice = await send(zipped(moved.files))
    expect([twice.status, twice.body.detail]).toEqual([
      409,
      expect.stringMatching(/is here already/),
    ])
  })

  it('holds a row of every table, as its schema says, and no secret', async () => {
    const files = await archiveOf(await fullPlace())
    const { tables } = contentOf(files)
    const empty = Object.entries(tables).filter(([, rows]) => rows.length === 0)
    expect(empty.map(([name]) => name)).toEqual([
      'laboratoryImport',
      'stationDay',
      'laboratoryOrder',
    ])
    expect(JSON.stringify(tables['place'])).not.toContain('calendarToken')
  })

  it('that an older Spudder wrote comes back as it was, with nothing where it knew nothing', async () => {
    const { files } = renamed(await archiveOf(await fullPlace()))
    const { tables, ...content } = contentOf(files)
    const { advice: _, ...others } = tables
    const without = (rows: Row[] = [], name: string) => rows.map(({ [name]: __, ...row }) => row)
    const before = {
      ...others,
      entry: without(tables['entry'], 'licence'),
      product: without(tables['product'], 'applicator'),
    }
    const answer = await send(
      zipped(withContent(files, { ...content, version: 1, tables: before })),
    )
    expect(answer.status, JSON.stringify(answer.body)).toBe(201)
    const again = contentOf(await archiveOf((answer.body as PlaceDto).id))
    expect(again).toMatchObject({ version: 2, tables: before })
    expect([again.tables['advice'], again.tables['entry']?.map(({ licence }) => licence)]).toEqual([[], ['', '']]) // prettier-ignore
  })

  it('is described by the schema that is published', () => {
    const published = new URL('../../../docs/archive.schema.json', import.meta.url)
    expect(JSON.parse(readFileSync(published, 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(archiveSchema(archiveTables))),
    )
  })
})

/** A number that repeats from a seed. */
function numbersFrom(seed: number): (below: number) => number {
  let state = seed
  return (below) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state % below
  }
}

/** Damages of the content, each with what it does to a row, or to all. */
const damages: readonly ((content: Content, pick: (below: number) => number) => boolean)[] = [
  (content, pick) => onField(content, pick, (row, field) => Reflect.deleteProperty(row, field)),
  (content, pick) => onField(content, pick, (row, field) => (row[field] = { a: [] })),
  (content, pick) => onField(content, pick, (row, field) => (row[`${field}X`] = 1)),
  (content, pick) =>
    onField(content, pick, (row, field) => {
      const value = row[field]
      row[field] = typeof value === 'string' ? 7 : 'seven'
    }),
  (content, pick) => onId(content, pick, (row, field) => (row[field] = newId())),
  (content, pick) =>
    onTable(content, pick, (rows) => {
      if (rows[0]?.['id'] !== undefined) rows.push({ ...rows[0] })
    }),
  (content, pick) =>
    onTable(content, pick, (_rows, name) => Reflect.deleteProperty(content.tables, name)),
  (content) => {
    content.tables['place']?.push(...(content.tables['place'] ?? []))
    return true
  },
  (content, pick) => {
    content.version = 3 + pick(9)
    return true
  },
  (content) => {
    content.format = 'another'
    return true
  },
  (content) => {
    content.photos = []
    return true
  },
  (content) => {
    for (const row of content.tables['reading'] ?? []) row['value'] = 1e9
    return true
  },
  (content) => {
    for (const row of content.tables['stand'] ?? []) row['plantId'] = ''
    return true
  },
]

function onTable(
  content: Content,
  pick: (below: number) => number,
  change: (rows: Row[], name: string) => void,
): boolean {
  const all = Object.entries(content.tables).filter(([, rows]) => rows.length > 0)
  const [name, rows] = all[pick(all.length)] ?? ['', []]
  const before = JSON.stringify(content)
  change(rows, name)
  return JSON.stringify(content) !== before
}
const onRow = (content: Content, pick: (below: number) => number, change: (row: Row) => void) =>
  onTable(content, pick, (rows) => {
    const row = rows[pick(rows.length)]
    if (row) change(row)
  })
const onField = (
  content: Content,
  pick: (below: number) => number,
  change: (row: Row, field: string) => void,
) =>
  onRow(content, pick, (row) => {
    // Whatever is in a field of many parts is another matter: a field that holds text or a number.
    const plain = Object.keys(row).filter((name) => typeof row[name] !== 'object')
    change(row, plain[pick(plain.length)] ?? 'id')
  })
const onId = (
  content: Content,
  pick: (below: number) => number,
  change: (row: Row, field: string) => void,
) =>
  onRow(content, pick, (row) => {
    const ids = ['standId', 'caseId', 'jobId', 'trialId', 'remedyId'].filter((name) => row[name])
    const field = ids[pick(ids.length)]
    if (field) change(row, field)
  })

describe('a damaged archive', () => {
  it('of a thousand kinds is refused with the reason, and nothing of it is stored', async () => {
    const { files } = renamed(await archiveOf(await fullPlace()))
    const whole = zipped(files)
    const before = (await get<PlaceDto[]>('/places')).length
    const pick = numbersFrom(20)
    const reasons = new Set<string>()
    for (let kind = 0; kind < 1000; kind += 1) {
      let bytes: Buffer
      if (kind % 4 === 0) {
        // Bytes that fell over, or a file that was cut short.
        bytes = Buffer.from(whole)
        if (pick(3) === 0) bytes = bytes.subarray(0, pick(bytes.length))
        else
          for (let at = 0; at < 40; at += 1) bytes[pick(bytes.length)] = (bytes[pick(bytes.length)] ?? 0) ^ (1 + pick(255)) // prettier-ignore
      } else if (kind % 4 === 1) {
        const names = Object.keys(files)
        const { [names[pick(names.length)] ?? '']: _gone, ...rest } = files
        const odd = pick(3)
        if (odd === 0) bytes = Buffer.from(zipSync({ ...rest } as Zippable))
        else if (odd === 1)
          bytes = Buffer.from(zipSync({ ...files, [`more-${kind}.txt`]: strToU8('x') } as Zippable)) // prettier-ignore
        else bytes = zipped(files, { checksums: `${'0'.repeat(64)}  archive.json\n` })
      } else {
        const content = contentOf(files)
        if (!damages[kind % damages.length]?.(content, pick)) continue
        bytes = zipped(withContent(files, content))
      }
      const { status, body } = await send(bytes)
      expect([status, kind], JSON.stringify(body)).toEqual([400, kind])
      expect(body.detail).toMatch(/^This archive cannot be taken in: .+ Nothing was stored\.$/)
      reasons.add(String(body.detail).replace(/\d+/g, 'n'))
    }
    expect((await get<PlaceDto[]>('/places')).length).toBe(before)
    // They are told apart: what is wrong, and where.
    expect(reasons.size).toBeGreaterThan(60)
    // The archive that they were made of is sound.
    expect((await send(whole)).status).toBe(201)
  }, 240_000)
})

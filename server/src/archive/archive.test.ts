import type { PlaceDto } from '@spudder/contract/place'
import type { PhotoDto } from '@spudder/contract/photo'
import { strToU8, zipSync, type Zippable } from 'fflate'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { api, get, newId } from '../tests/test-estate.ts'
import { archiveSchema } from './archive-format.ts'
import { archiveTables } from './archive-tables.repository.ts'
import {
  fullPlace,
  archiveOf,
  contentOf,
  zipped,
  withContent,
  send,
  renamed,
  type Files,
  type Row,
  type Content,
} from './tests/archives.ts'

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
    expect(again).toMatchObject({ version: 3, tables: before })
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
    content.version = 4 + pick(9)
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

import 'fake-indexeddb/auto'
import { jobRoutes } from '@spudder/contract/job'
import { photoRoutes } from '@spudder/contract/photo'
import { readingRoutes } from '@spudder/contract/reading'
import { entryRoutes } from '@spudder/contract/entry'
import { zoneRoutes, type ZoneDto } from '@spudder/contract/zone'
import { createStore, set } from 'idb-keyval'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { carryBy } from '../api/carrier.ts'
import { outdoors } from '../tests/outdoors.ts'
import { jobRow } from '../tests/rows.ts'
import { dayWords } from '../shared/units/today.ts'
import { takeOverOlder } from './older-outbox.ts'
import { useOutbox } from './outbox.ts'

/** A server that can be out of reach, and keeps what it took, by what it was sent. */
function serverOf(answer: (url: string, body: unknown) => Response | 'unreachable') {
  const taken: string[] = []
  vi.stubGlobal('fetch', (url: string, { body }: RequestInit = {}) => {
    const sent: unknown = typeof body === 'string' ? JSON.parse(body) : body
    const given = answer(url, sent)
    if (given === 'unreachable') return Promise.reject(new TypeError('failed'))
    if (given.ok) taken.push(url.replace('/api', ''))
    return Promise.resolve(given)
  })
  return taken
}
const ok = () => Response.json({}, { status: 201 })
const unreachable = () => 'unreachable' as const
const refusing = (detail: string, version?: number) => () =>
  Response.json({ code: version === undefined ? 'conflict' : 'changed-meanwhile', detail, fields: [], version }, { status: 409 }) // prettier-ignore

/** A page of a device that knows a job and a zone. */
function page() {
  const pinia = createPinia()
  const { carrier, cache } = outdoors(pinia, [job])
  cache.setQueryData(['zones', 'a'], [zone])
  return { outbox: useOutbox(pinia), carrier }
}
const job = jobRow({ id: 'job', standId: 'green', route: 'leaf', sourceId: 'ferrous-sulfate' })
const zone = { id: 'zone', standId: 'green', name: 'North', score: 2, version: 4 } as ZoneDto

const changeId = () => crypto.randomUUID()
const readingOf = (id: string, value = 7.4) => ({
  standId: 'green',
  dto: { id, kind: 'pH' as const, value, method: 'meter' as const, takenOn: '2026-06-15' },
})
const reading = ({ carrier }: ReturnType<typeof page>, id: string, value?: number) =>
  carrier.carry(readingRoutes.create, readingOf(id, value), { changeId: changeId() })

afterEach(() => {
  vi.unstubAllGlobals()
  carryBy(undefined)
})
beforeEach(async () => {
  serverOf(unreachable)
  const { outbox } = page()
  await outbox.load()
  for (const { id } of outbox.items) await outbox.forget(id)
})

describe('what is done without signal', () => {
  it('is answered as it will be, outlives the page, and goes out once each in the order in which it was made', async () => {
    const first = page()
    const kept = await reading(first, 'a')
    expect(kept).toMatchObject({
      isWaiting: true,
      answer: { id: 'a', standId: 'green', value: 7.4, came: { how: 'typed' }, createdBy: 'Marla Quist' }, // prettier-ignore
    })
    const begun = { jobId: 'job', dto: { since: '2026-06-15T06:00:00.000Z' } }
    const answer = await first.carrier.carry(jobRoutes.beAt, begun, { changeId: changeId() })
    expect(answer.answer.underWay).toEqual([{ personId: 'me', name: 'Marla Quist', since: begun.dto.since }]) // prettier-ignore
    await reading(first, 'b')

    const later = page()
    await later.outbox.load()
    expect(later.outbox.waiting.map(({ title, standName }) => [title, standName])).toEqual([
      [`pH: 7.4, ${dayWords('2026-06-15')}`, 'Green 1'],
      [`Started: ${job.title}`, 'Green 1'],
      [`pH: 7.4, ${dayWords('2026-06-15')}`, 'Green 1'],
    ])
    const taken = serverOf(ok)
    await later.outbox.flush(true)
    expect(taken).toEqual(['/stands/green/readings', '/jobs/job/under-way', '/stands/green/readings']) // prettier-ignore
    expect(later.outbox.items).toEqual([])
    await later.outbox.flush(true)
    expect(taken).toHaveLength(3)
  })

  it('keeps a photo with its bytes, after the entry that it belongs to', async () => {
    const here = page()
    const dto = { id: 'entry', happenedOn: '2026-06-15', productKg: 2, waterL: 0 }
    await here.carrier.carry(entryRoutes.record, { jobId: 'job', dto }, { changeId: changeId() })
    const picture = new Blob(['picture'], { type: 'image/jpeg' })
    const query = { id: 'photo', fileName: 'leaf.jpg', entryId: 'entry' }
    await here.carrier.carry(photoRoutes.keep, { standId: 'green', query, dto: picture }, { changeId: changeId() }) // prettier-ignore
    // The entry is refused: its photo waits with it, and goes when it goes.
    let bytes = ''
    const taken = serverOf((url) => (url.includes('/entries') ? refusing('Already done.')() : ok()))
    await here.outbox.flush(true)
    expect(taken).toEqual([])
    expect(here.outbox.refused.map(({ id }) => id)).toEqual(['entry'])
    expect(here.outbox.restingOn('entry').map(({ id }) => id)).toEqual(['photo'])
    const [entry] = here.outbox.refused
    if (entry) await here.outbox.again(entry)
    serverOf((_url, body) => {
      if (body instanceof Blob) void body.text().then((text) => (bytes = text))
      return ok()
    })
    await here.outbox.flush(true)
    expect(here.outbox.items).toEqual([])
    await vi.waitFor(() => expect(bytes).toBe('picture'))
  })

  it('is told at the form where it is refused at once, and nothing of it stays', async () => {
    const here = page()
    serverOf(refusing('This id is taken.'))
    await expect(reading(here, 'a')).rejects.toThrow(/This id is taken/)
    expect(here.outbox.items).toEqual([])
  })

  it('that is refused later stays with the reason, and is put right under its own id', async () => {
    const here = page()
    await reading(here, 'a', 7.4)
    serverOf(refusing('That day is still to come.'))
    await here.outbox.flush(true)
    expect(here.outbox.refused[0]?.refusal?.words).toMatch(/still to come/)
    // What was refused is nothing that will be: it is shown nowhere but among what waits.
    expect(here.outbox.shown).toEqual([])
    const taken = serverOf(ok)
    await reading(here, 'a', 7.1)
    expect(taken).toHaveLength(1)
    expect(here.outbox.items).toEqual([])
  })

  it('of a thing that somebody else changed meanwhile is stored over theirs only when that is said', async () => {
    const here = page()
    const score = (value: number) =>
      here.carrier.carry(zoneRoutes.change, { zoneId: 'zone', dto: { score: value, version: 4 } }, { changeId: changeId() }) // prettier-ignore
    await score(3)
    await score(4)
    // The first is stored: one's own second change of the same state goes on from there.
    const seen: unknown[] = []
    serverOf((_url, body) => {
      seen.push((body as { version: number }).version)
      return seen.length === 1 ? Response.json({ version: 5 }) : refusing('Ona changed it.', 7)()
    })
    await here.outbox.flush(true)
    expect(seen).toEqual([4, 5])
    const [item] = here.outbox.refused
    expect(item).toMatchObject({ refusal: { version: 7 }, title: 'North: score 4' })
    if (item) await here.outbox.again(item, 7)
    serverOf((_url, body) => Response.json({ version: (body as { version: number }).version + 1 }))
    await here.outbox.flush(true)
    expect(here.outbox.items).toEqual([])
  })

  it('goes at once, or not at all, where the browser keeps nothing', async () => {
    const here = page()
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    const taken = serverOf(ok)
    expect(await reading(here, 'a')).toMatchObject({ isWaiting: false })
    expect(taken).toHaveLength(1)
    serverOf(unreachable)
    await expect(reading(here, 'b')).rejects.toThrow(/this device keeps nothing now.*stays here/)
    vi.restoreAllMocks()
  })

  it('is sent by whoever made it, and by nobody else', async () => {
    const here = page()
    await reading(here, 'a')
    here.outbox.sender = 'somebody else'
    const taken = serverOf(ok)
    await here.outbox.flush(true)
    expect(taken).toEqual([])
    here.outbox.sender = 'me'
    await here.outbox.flush(true)
    expect(taken).toHaveLength(1)
  })
})

describe('what an earlier version left', () => {
  it('is taken over whole, its photos after it', async () => {
    const store = createStore('spudder-outbox', 'entries')
    const dto = { id: 'old', happenedOn: '2026-06-15', productKg: 2, waterL: 0 }
    const photo = { id: 'picture', fileName: 'leaf.jpg', type: 'image/jpeg', bytes: new Uint8Array([1, 2]).buffer } // prettier-ignore
    const older = { jobId: 'job', standId: 'green', title: 'Ferrous sulfate', dto, photos: [photo], typed: { water: '0' }, keptAt: '2026-06-15T06:00:00.000Z' } // prettier-ignore
    await set('old', older, store)
    await takeOverOlder()
    await takeOverOlder()
    const here = page()
    await here.outbox.load()
    expect(here.outbox.waiting.map(({ title }) => title)).toEqual(['Record: Ferrous sulfate', 'Photo leaf.jpg']) // prettier-ignore
    expect(here.outbox.waiting[0]?.draft).toEqual({ water: '0' })
    const taken = serverOf(ok)
    await here.outbox.flush(true)
    expect(taken).toEqual(['/jobs/job/entries', '/stands/green/photos?id=picture&fileName=leaf.jpg&entryId=old']) // prettier-ignore
  })
})

import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useOutbox, type Outgoing } from './outbox.ts'

const record = (id: string, photos = 0): Outgoing => ({
  jobId: `job of ${id}`,
  standId: 'green',
  title: 'Ferrous sulfate',
  dto: { id, happenedOn: '2026-06-15', productKg: 2, waterL: 0 },
  photos: Array.from({ length: photos }, (_, index) => ({
    id: `${id} photo ${index}`,
    fileName: 'leaf.jpg',
    file: new Blob(['x'], { type: 'image/jpeg' }),
  })),
  keptAt: `2026-06-15T0${id.length}:00:00.000Z`,
})

/** A server that can be out of reach, and keeps what it took, once an id. */
function serverOf(answer: (path: string) => Response | 'unreachable') {
  const taken = new Map<string, number>()
  vi.stubGlobal('fetch', (url: string, { body }: RequestInit = {}) => {
    const given = answer(url)
    if (given === 'unreachable') return Promise.reject(new TypeError('failed'))
    const id = typeof body === 'string' ? (JSON.parse(body) as { id: string }).id : url
    if (given.ok) taken.set(id, (taken.get(id) ?? 0) + 1)
    return Promise.resolve(given)
  })
  return taken
}
const ok = () => Response.json({}, { status: 201 })

async function outboxWith(...items: readonly Outgoing[]) {
  setActivePinia(createPinia())
  const outbox = useOutbox()
  await outbox.load()
  for (const { dto } of outbox.items) await outbox.forget(dto.id)
  for (const item of items) await outbox.keep(item)
  return outbox
}

beforeEach(() => vi.unstubAllGlobals())

describe('records without signal', () => {
  it('outlive the page and go out once each, in the order in which they were made', async () => {
    const outbox = await outboxWith(record('bb'), record('a', 2))
    serverOf(() => 'unreachable')
    expect(await outbox.flush()).toBe(0)
    setActivePinia(createPinia())
    const later = useOutbox()
    await later.load()
    expect(later.waiting.map(({ dto }) => dto.id)).toEqual(['a', 'bb'])
    const taken = serverOf(ok)
    expect(await later.flush(true)).toBe(2)
    expect([...taken.keys()].map((key) => key.replace(/.*&entryId=/, 'photo of '))).toEqual([
      'a',
      'photo of a',
      'photo of a',
      'bb',
    ])
    expect([...taken.values()].every((times) => times === 1)).toBe(true)
    expect(later.items).toEqual([])
    expect(await later.flush()).toBe(0)
  })

  it('that somebody else recorded meanwhile stay with the reason until it is read', async () => {
    const outbox = await outboxWith(record('a'), record('bb'))
    const problem = {
      code: 'conflict',
      detail: 'This job is already done, by Ona Birch.',
      fields: [],
    }
    const taken = serverOf((url) =>
      url.includes('job%20of%20a') || url.includes('job of a/')
        ? Response.json(problem, { status: 409 })
        : ok(),
    )
    expect(await outbox.flush()).toBe(1)
    expect([...taken.keys()]).toEqual(['bb'])
    expect(outbox.refused.map(({ problem: words }) => words)).toEqual([
      expect.stringMatching(/already done, by Ona Birch/),
    ])
    expect(await outbox.flush()).toBe(0)
    await outbox.forget('a')
    expect(outbox.items).toEqual([])
  })

  it.each([500, 502, 503, 429, 403])(
    'are kept and tried again, with growing pauses, whatever a server that answers %d says',
    async (status) => {
      vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-06-15T08:00:00Z') })
      const outbox = await outboxWith(record('a'))
      const taken = serverOf(() => new Response('<html>', { status }))
      const pauses: number[] = []
      for (let tries = 1; tries <= 8; tries += 1) {
        expect(await outbox.flush()).toBe(0)
        const [item] = outbox.waiting
        expect(item?.tries).toBe(tries)
        pauses.push((item?.nextTryAt ?? 0) - Date.now())
        // Before its time nothing is sent, unless somebody asks.
        await outbox.flush()
        expect(outbox.waiting[0]?.tries).toBe(tries)
        vi.setSystemTime((item?.nextTryAt ?? 0) + 1)
      }
      expect(pauses[0]).toBeLessThan(7000)
      expect(pauses[3]).toBeGreaterThan(3 * (pauses[0] ?? 0))
      expect(Math.max(...pauses)).toBeLessThanOrEqual(6 * 60_000)
      expect(outbox.refused).toEqual([])
      serverOf(ok)
      expect(await outbox.flush(true)).toBe(1)
      expect(taken.size).toBe(0)
      vi.useRealTimers()
    },
  )

  it('are sent by one at a time, even when asked twice', async () => {
    const outbox = await outboxWith(record('a'))
    const taken = serverOf(ok)
    const sent = await Promise.all([outbox.flush(), outbox.flush()])
    expect(sent.toSorted()).toEqual([0, 1])
    expect(taken.get('a')).toBe(1)
  })

  it('with a photo that is lost on the way are sent again whole; the server stores each once', async () => {
    const outbox = await outboxWith(record('a', 1))
    let photos = 0
    const taken = serverOf((url) =>
      url.includes('/photos') && photos++ === 0 ? 'unreachable' : ok(),
    )
    expect(await outbox.flush()).toBe(0)
    expect(outbox.waiting).toHaveLength(1)
    expect(await outbox.flush(true)).toBe(1)
    expect(taken.get('a')).toBe(2)
  })
})

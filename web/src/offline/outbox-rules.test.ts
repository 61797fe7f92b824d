import { describe, expect, it } from 'vitest'
import { isDue, sendWaiting, type InOrder, type Sending } from './outbox-rules.ts'
import { Device, ModelServer, numbersOf, type Made, type Sky } from './tests/simulated-day.ts'

const dayMs = 86_400_000

/** What a hand does on a day outside: new records, photos that belong to them, things scored anew. */
function doingsOf(random: () => number, server: ModelServer): Omit<Made, 'seq'>[] {
  const count = 10 + Math.floor(random() * 30)
  const created: string[] = []
  return Array.from({ length: count }, (_, index): Omit<Made, 'seq'> => {
    const [id, value] = [`made ${index}`, Math.floor(random() * 100)]
    const isWrong = random() < 0.08
    const thing = created[Math.floor(random() * created.length)]
    if (thing !== undefined && random() < 0.3) return { id, does: 'belong', thing, value, isWrong }
    if (random() < 0.3) {
      const zone = `zone ${Math.floor(random() * 3)}`
      // As the page showed it: nothing new was read since the signal went.
      return { id, does: 'change', thing: zone, value, version: server.versions.get(zone) ?? 1, isWrong } // prettier-ignore
    }
    created.push(id)
    return { id, does: 'create', thing: id, value, isWrong }
  })
}

/** One day with cuts, lost answers, pages that go down and a clock that is put wrong and right again. */
async function dayOf(seed: number) {
  const random = numbersOf(seed)
  const server = new ModelServer()
  const sky: Sky = { lost: 1, killed: 0.02, clockMs: 1.7e12 }
  const device = new Device(server, sky, random)
  const made = doingsOf(random, server)
  for (const each of made) {
    if (random() < 0.3) sky.lost = random() < 0.5 ? 1 : random()
    if (random() < 0.1) sky.clockMs += (random() - 0.5) * 800 * dayMs
    sky.clockMs += random() * 600_000
    if (random() < 0.05) server.elsewhere(`zone ${Math.floor(random() * 3)}`)
    await device.keep(each)
    if (random() < 0.6) await device.flush(random() < 0.5)
    if (random() < 0.1) await device.putRight()
  }
  const soFar = [...server.order]
  // The signal comes back in bursts, and stays.
  for (let tries = 0; device.all().length > 0 && tries < 500; tries += 1) {
    sky.lost = tries < 20 ? random() : 0
    if (tries > 40) sky.killed = 0
    await device.flush(random() < 0.7)
    await device.putRight()
  }
  return { made, server, device, soFar }
}

describe('a thousand days with cuts, kills and wrong clocks', () => {
  it('lose nothing, double nothing, and keep what belongs together in order', async () => {
    let [lost, doubled, outOfOrder, all, over] = [0, 0, 0, 0, 0]
    for (let seed = 1; seed <= 1000; seed += 1) {
      const { made, server, device, soFar } = await dayOf(seed)
      all += made.length
      over += soFar.length
      lost += made.filter(({ id }) => !server.rows.has(id)).length + device.all().length
      doubled += server.order.length - new Set(server.order).size
      const at = (id: string) => server.order.indexOf(id)
      outOfOrder += made.filter(({ does, id, thing }) => does === 'belong' && at(thing) > at(id)).length // prettier-ignore
    }
    expect({ lost, doubled, outOfOrder }).toEqual({ lost: 0, doubled: 0, outOfOrder: 0 })
    // The days are real ones: much was made, some of it went out before the evening.
    expect(all).toBeGreaterThan(20_000)
    expect(over / all).toBeGreaterThan(0.1)
    expect(over / all).toBeLessThan(0.9)
  })

  it('would be told of a rule that loses or doubles: the model is no yes-man', async () => {
    const server = new ModelServer()
    const sky: Sky = { lost: 0, killed: 0, clockMs: 0 }
    const device = new Device(server, sky, numbersOf(3))
    await device.keep({ id: 'a', does: 'belong', thing: 'nothing', value: 1 })
    await device.flush(true)
    expect(device.all()[0]?.refusal?.words).toBe('It belongs to nothing.')
    server.take({ id: 'b', seq: 1, does: 'create', thing: 'b', value: 1 })
    expect(() => server.take({ id: 'b', seq: 1, does: 'create', thing: 'b', value: 2 })).toThrow(/taken/) // prettier-ignore
  })
})

describe('sending', () => {
  /** What waits, sent to a server that answers by id; what went out, in its order. */
  async function sent(
    items: readonly InOrder[],
    answers: Readonly<Record<string, 'stored' | 'refused' | 'later'>>,
    isAsked = true,
  ) {
    const kept = new Map(items.map((item) => [item.id, item]))
    const out: string[] = []
    const sending: Sending<InOrder> = {
      store: {
        all: () => Promise.resolve([...kept.values()]),
        put: (item) => Promise.resolve(void kept.set(item.id, item)),
        remove: (id) => Promise.resolve(void kept.delete(id)),
      },
      send: ({ id }) => {
        out.push(id)
        const answer = answers[id] ?? 'stored'
        return answer === 'stored' ? Promise.resolve() : Promise.reject(new Error(answer))
      },
      isWorthAnother: (error) => (error as Error).message === 'later',
      refusalOf: (error) => ({ words: (error as Error).message }),
      isOwn: () => true,
      needs: ({ id }) => (id === 'photo' ? ['record'] : []),
      after: (later) => later,
      now: () => 1000,
      random: () => 0.5,
    }
    await sendWaiting(sending, isAsked)
    return { out, kept: [...kept.values()] }
  }

  it('goes by the order of making, whatever the order of keeping', async () => {
    const { out } = await sent([{ id: 'c', seq: 3 }, { id: 'a', seq: 1 }, { id: 'b', seq: 2 }], {}) // prettier-ignore
    expect(out).toEqual(['a', 'b', 'c'])
  })

  it('passes by what is refused, and leaves what rests on it', async () => {
    const items = [{ id: 'record', seq: 1 }, { id: 'photo', seq: 2 }, { id: 'other', seq: 3 }] // prettier-ignore
    const { out, kept } = await sent(items, { record: 'refused' })
    expect(out).toEqual(['record', 'other'])
    expect(kept).toEqual([{ id: 'record', seq: 1, refusal: { words: 'refused' } }, { id: 'photo', seq: 2 }]) // prettier-ignore
  })

  it('stops at what nobody judged, and pauses longer each time', async () => {
    const pauses: number[] = []
    let items: readonly InOrder[] = [{ id: 'a', seq: 1 }, { id: 'b', seq: 2 }] // prettier-ignore
    for (let tries = 1; tries <= 9; tries += 1) {
      const { out, kept } = await sent(items, { a: 'later' })
      expect(out).toEqual(['a'])
      items = kept
      pauses.push((kept[0]?.nextTryAt ?? 0) - 1000)
      expect((await sent(items, {}, false)).out).toEqual([])
    }
    expect(pauses.slice(0, 3)).toEqual([5000, 10_000, 20_000])
    expect(pauses.at(-1)).toBe(300_000)
  })

  it('does not wait for a moment that only a wrong clock could name', () => {
    expect(isDue({ nextTryAt: 5000 }, 1000)).toBe(false)
    expect(isDue({ nextTryAt: 30 * dayMs }, 1000)).toBe(true)
    expect(isDue({}, 1000)).toBe(true)
  })
})

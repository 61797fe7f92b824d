import { sendWaiting, type InOrder, type Sending } from '../outbox-rules.ts'

/** A change as a day makes it: something new, something that belongs to it, or another state of a thing. */
export interface Made extends InOrder {
  readonly does: 'create' | 'belong' | 'change'
  /** The thing that it creates, belongs to or changes. */
  readonly thing: string
  readonly value: number
  /** The state that was seen; of changes alone. */
  readonly version?: number
  /** Whether the server refuses it until somebody puts it right. */
  readonly isWrong?: boolean
}

/** Numbers from 0 to 1 that are the same each time (xorshift). */
export function numbersOf(seed: number): () => number {
  let state = seed * 2654435761 + 1
  return () => {
    state ^= state << 13
    state ^= state >>> 17
    state ^= state << 5
    return (state >>> 0) / 2 ** 32
  }
}

class Unreachable extends Error {}
class Judged extends Error {
  readonly version: number | undefined
  constructor(words: string, version?: number) {
    super(words)
    this.version = version
  }
}

/** What the server is sure of, told by rules of its own. */
export class ModelServer {
  readonly rows = new Map<string, Made>()
  readonly order: string[] = []
  readonly versions = new Map<string, number>()
  private readonly known = new Set<string>()

  /** @throws Judged */
  take(item: Made): { readonly version?: number } {
    if (item.isWrong) throw new Judged('Another value is needed.')
    if (item.does === 'change') return this.change(item)
    const there = this.rows.get(item.id)
    if (there) {
      if (there.value !== item.value) throw new Judged('This id is taken.')
      return {}
    }
    if (item.does === 'belong' && !this.rows.has(item.thing)) throw new Judged('It belongs to nothing.') // prettier-ignore
    this.rows.set(item.id, item)
    this.order.push(item.id)
    return {}
  }

  private change(item: Made) {
    const version = this.versions.get(item.thing) ?? 1
    if (this.known.has(item.id)) return { version }
    if (item.version !== version) throw new Judged('Somebody changed it.', version)
    this.known.add(item.id)
    this.versions.set(item.thing, version + 1)
    this.rows.set(item.id, item)
    this.order.push(item.id)
    return { version: version + 1 }
  }

  /** Somebody else changes a thing. */
  elsewhere(thing: string): void {
    this.versions.set(thing, (this.versions.get(thing) ?? 1) + 1)
  }
}

/** The network and the clock of a day, and how likely the device goes down at any step. */
export interface Sky {
  /** Share of requests that do not arrive, and of answers that do not come back. */
  lost: number
  killed: number
  clockMs: number
}

/**
 * A device with what it keeps, on which one page after the other is opened: each may go down between any two
 * steps, and what it had begun by then stays as far as it came.
 */
export class Device {
  private readonly kept = new Map<string, Made>()
  private next = 0
  private readonly server: ModelServer
  private readonly sky: Sky
  private readonly random: () => number

  constructor(server: ModelServer, sky: Sky, random: () => number) {
    this.server = server
    this.sky = sky
    this.random = random
  }

  /** One page until it is done, or goes down. */
  private async page(work: (sending: Sending<Made>) => Promise<unknown>): Promise<boolean> {
    let die: () => void = () => undefined
    const death = new Promise<false>((resolve) => (die = () => resolve(false)))
    let isDead = false
    const step = async <Result>(does: () => Result): Promise<Result> => {
      const goesDown = () => {
        if (isDead || this.random() >= this.sky.killed) return isDead
        isDead = true
        die()
        return true
      }
      await Promise.resolve()
      if (goesDown()) return new Promise(() => undefined)
      const result = does()
      await Promise.resolve()
      return goesDown() ? new Promise(() => undefined) : result
    }
    const sending: Sending<Made> = {
      store: {
        all: () => step(() => [...this.kept.values()]),
        put: (item) => step(() => void this.kept.set(item.id, structuredClone(item))),
        remove: (id) => step(() => void this.kept.delete(id)),
      },
      send: (item) =>
        step(() => {
          if (this.random() < this.sky.lost) throw new Unreachable()
          const answer = this.server.take(item)
          if (this.random() < this.sky.lost) throw new Unreachable()
          return answer
        }),
      isWorthAnother: (error) => error instanceof Unreachable,
      refusalOf: (error) => {
        const version = error instanceof Judged ? error.version : undefined
        return { words: (error as Error).message, ...(version === undefined ? {} : { version }) }
      },
      isOwn: () => true,
      needs: ({ does, thing }) => (does === 'belong' ? [thing] : []),
      after: (later, stored, answer) => {
        const { version } = answer as { readonly version?: number }
        const isSame = later.does === 'change' && stored.does === 'change' && later.thing === stored.thing && later.version === stored.version // prettier-ignore
        return isSame && version !== undefined ? { ...later, version } : later
      },
      now: () => this.sky.clockMs,
      random: this.random,
    }
    return Promise.race([work(sending).then(() => true), death])
  }

  /** Keeps what was made; somebody whose device goes down in between does it again, as the form still has it. */
  async keep(made: Omit<Made, 'seq'>): Promise<void> {
    this.next += 1
    const item: Made = { ...made, seq: this.next }
    while (!(await this.page(({ store }) => store.put(item))));
  }
  flush(isAsked: boolean): Promise<boolean> {
    return this.page((sending) => sendWaiting(sending, isAsked))
  }
  all(): readonly Made[] {
    return [...this.kept.values()].toSorted((one, other) => one.seq - other.seq)
  }
  /** What was refused is put right, or stored over what somebody else did. */
  async putRight(): Promise<void> {
    for (const item of this.all()) {
      const { refusal, isWrong: _wrong, ...rest } = item
      if (!refusal) continue
      const version = refusal.version === undefined ? {} : { version: refusal.version }
      while (!(await this.page(({ store }) => store.put({ ...rest, ...version }))));
    }
  }
}

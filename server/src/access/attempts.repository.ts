import { sql } from 'drizzle-orm'
import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible'
import type { Database } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { fingerprintOf } from './secret.ts'

/** How often something may be tried in a quarter of an hour: common practice, no figure is published. */
const limits = {
  /** Wrong passwords or codes for one name: a person mistypes, a program guesses. */
  name: 10,
  /** Wrong ones from one address, whatever the names: a crew sits behind one. */
  address: 60,
  /** Links and keys that open nothing, from one address. */
  link: 30,
} as const
export type Tried = keyof typeof limits
const windowS = 15 * 60

/**
 * Counts what was tried in vain, in the database: several servers count together, and a restart
 * forgets nothing.
 */
export class Attempts {
  readonly #db: Database
  readonly #limiters = new Map<Tried, RateLimiterMySQL>()

  constructor(db: Database) {
    this.#db = db
  }

  async #limiterOf(tried: Tried): Promise<RateLimiterMySQL> {
    const known = this.#limiters.get(tried)
    if (known) return known
    const [rows] = await this.#db.execute(sql`select database() as name`)
    const { name } = (rows as unknown as readonly { readonly name: string }[])[0] ?? {}
    if (name === undefined) throw new Error('the connection works on no database')
    const limiter = new RateLimiterMySQL({
      storeClient: this.#db.$client,
      storeType: 'pool',
      dbName: name,
      tableName: 'attempt',
      tableCreated: true,
      keyPrefix: tried,
      points: limits[tried],
      duration: windowS,
    })
    this.#limiters.set(tried, limiter)
    return limiter
  }

  /** @throws {ServiceError} too-often for what was tried in vain too often, before it is tried again */
  async require(tried: Tried, what: string): Promise<void> {
    const limiter = await this.#limiterOf(tried)
    const state = await limiter.get(fingerprintOf(what.toLowerCase()))
    if (state && state.consumedPoints >= limits[tried]) throw tooOften(state)
  }

  /** Notes one more that was in vain. */
  async failed(tried: Tried, what: string): Promise<void> {
    const limiter = await this.#limiterOf(tried)
    await limiter
      .consume(fingerprintOf(what.toLowerCase()))
      // That was the last one; whoever comes next is told.
      .catch((error: unknown) => {
        if (!(error instanceof RateLimiterRes)) throw error
      })
  }

  /** Whoever came in begins anew. */
  async succeeded(tried: Tried, what: string): Promise<void> {
    const limiter = await this.#limiterOf(tried)
    await limiter.delete(fingerprintOf(what.toLowerCase()))
  }
}

function tooOften({ msBeforeNext }: RateLimiterRes): ServiceError {
  const minutes = Math.max(1, Math.ceil(msBeforeNext / 60_000))
  const words = minutes === 1 ? 'a minute' : `${minutes} minutes`
  return new ServiceError('too-often', `That was wrong too often. Try again in ${words}.`)
}

import { ServiceError } from '../problem/service-error.ts'
import { poolSize } from '../database/connect.ts'

/** Lets so many work at once; the others wait for their turn, and not more than a few wait. */
export class Turns {
  readonly #atOnce: number
  readonly #mostWaiting: number
  readonly #waiting: (() => void)[] = []
  #working = 0

  constructor(atOnce: number, mostWaiting: number) {
    this.#atOnce = atOnce
    this.#mostWaiting = mostWaiting
  }

  /** @throws {ServiceError} busy when too many wait already */
  async take<Result>(work: () => Promise<Result>): Promise<Result> {
    if (this.#working >= this.#atOnce) await this.#wait()
    else this.#working += 1
    try {
      return await work()
    } finally {
      // Whoever waited longest takes the turn over.
      const next = this.#waiting.shift()
      if (next) next()
      else this.#working -= 1
    }
  }

  #wait(): Promise<void> {
    if (this.#waiting.length >= this.#mostWaiting) {
      throw new ServiceError('busy', 'Too many are writing at once.')
    }
    return new Promise((resolve) => this.#waiting.push(resolve))
  }
}

/** Connections that writers, who may wait for each other's rows, leave to readers. */
const keptForReaders = 4
/** Who waits for longer than this many in front of him would wait for minutes. */
const mostWriters = 200

export const writersOf = (): Turns => new Turns(poolSize - keptForReaders, mostWriters)

/** What a database can have against a request that is none of the request's doing. */
export type DatabaseFault = 'away' | 'busy' | 'again'

/** MariaDB's number for a row that is there already. */
export const duplicateEntry = 1062

/** MariaDB's number for what went wrong; undefined for anything that did not come from it. */
export function databaseErrno(error: unknown): number | undefined {
  const cause = causeOf(error)
  const errno = cause?.['errno']
  // The system's own numbers are negative.
  return typeof errno === 'number' && errno > 0 ? errno : undefined
}

function causeOf(error: unknown): Readonly<Record<string, unknown>> | undefined {
  const cause: unknown = error instanceof Error ? (error.cause ?? error) : undefined
  return typeof cause === 'object' && cause !== null
    ? { ...cause, message: messageOf(cause) }
    : undefined
}
const messageOf = (cause: object): string =>
  'message' in cause && typeof cause.message === 'string' ? cause.message : ''

/**
 * Deadlock, lock waited for too long, row changed since it was read, a commit that the nodes of a cluster
 * could not agree on: the same again may do.
 */
const againNumbers: ReadonlySet<number> = new Set([1020, 1180, 1205, 1213])
/** A statement that took too long, too many connections. */
const busyNumbers: ReadonlySet<number> = new Set([1040, 1203, 1969, 3024])
/** The server goes down or is gone; the connection was ended; a node is cut off from the others. */
const awayNumbers: ReadonlySet<number> = new Set([
  1047, 1053, 1077, 1152, 1158, 1159, 1160, 1161, 1927, 2006, 2013, 4166,
])
const awayCodes: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR',
  'PROTOCOL_ENQUEUE_AFTER_QUIT',
  'POOL_CLOSED',
])

/** What kind of fault of the database an error is; undefined for every other error. */
export function databaseFault(error: unknown): DatabaseFault | undefined {
  const cause = causeOf(error)
  if (!cause) return undefined
  const number = Number(cause['errno'])
  if (againNumbers.has(number)) return 'again'
  if (busyNumbers.has(number)) return 'busy'
  const message = String(cause['message'])
  if (message === 'Queue limit reached.') return 'busy'
  const isGone = /closed state|Pool is closed|Connection lost/.test(message)
  return isGone || awayNumbers.has(number) || awayCodes.has(String(cause['code']))
    ? 'away'
    : undefined
}

const mostTries = 8
/** The first pause; each after it may be twice as long [ms]. */
const firstPauseMs = 8

const pause = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds))

/** A node that is gone is not asked again at once [ms]. */
const awayPauseMs = 150

/** Does something again where the database could not. */
export type Again = <Result>(work: () => Promise<Result>) => Promise<Result>

/**
 * Does something again that the database gave up for another's sake, and, where there are several servers, what
 * one of them could not end. Only for what is all or nothing, and stores the same when it is done twice.
 * @param patienceMs how long it waits for another server [ms]; 0 where there is none
 */
export const againWithin =
  (patienceMs: number): Again =>
  async (work) => {
    const end = Date.now() + patienceMs
    for (let tries = 1; ; tries += 1) {
      try {
        return await work()
      } catch (error) {
        const fault = databaseFault(error)
        const isLeft = Date.now() < end
        if (fault === 'again' && (tries < mostTries || isLeft)) {
          // At random, or those who met once would meet again.
          await pause(Math.random() * firstPauseMs * 2 ** Math.min(tries, mostTries))
        } else if (fault === 'away' && isLeft) await pause(awayPauseMs)
        else throw error
      }
    }
  }

/** As {@link againWithin}, of one server. */
export const doneAgain: Again = againWithin(0)

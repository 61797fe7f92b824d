import { keepNewest, makeCopy, type Listening } from './copies.ts'
import { valueAfter } from './flags.ts'

const hourMs = 3_600_000
/** A copy a day and a fortnight of them, where nobody says otherwise. */
const usual = { everyH: 24, keep: 14 } as const

interface Copying {
  readonly folder: string
  readonly flags: readonly string[]
  readonly say: (words: string) => void
}

function numberAfter(flags: readonly string[], flag: string, otherwise: number): number {
  if (!flags.includes(flag)) return otherwise
  const value = Number(valueAfter(flags, flag))
  if (!(value >= 0)) throw new Error(`${flag}: give a number, as in ${flag} ${otherwise}`)
  return value
}

/**
 * Copies the data while they are worked on, once in so many hours, and keeps so many:
 * npm start -- --copy-every 12 --copies-kept 30; every 0 hours is never.
 */
export function copyRegularly(
  database: Listening,
  { folder, flags, say }: Copying,
): { readonly stop: () => Promise<void> } {
  const everyH = numberAfter(flags, '--copy-every', usual.everyH)
  const keep = Math.max(1, numberAfter(flags, '--copies-kept', usual.keep))
  if (everyH === 0) return { stop: () => Promise.resolve() }
  let running: Promise<void> = Promise.resolve()
  const copy = async () => {
    try {
      await makeCopy(database, { folder, name: 'daily', at: new Date() })
      await keepNewest(folder, 'daily', keep)
    } catch (error) {
      say(`No copy was made: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  const timer = setInterval(() => (running = running.then(copy)), everyH * hourMs)
  return {
    stop: async () => {
      clearInterval(timer)
      await running
    },
  }
}

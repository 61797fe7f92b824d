import { addDays, daysBetween, type Day } from '../calendar/index.ts'
import { pHReader, type PHHistory } from './pH-history.ts'

/** The span of days in which the affected leaves formed. */
export interface LeafWindow {
  readonly from: Day
  readonly to: Day
}

/** Days over which the youngest third of the leaves formed, by growth; common practice. */
const youngLeafDays: Readonly<Record<string, number>> = {
  'very-fast': 12,
  normal: 28,
  slow: 50,
  stopped: 90,
}

/** A leaf on view has been forming since some days before it unfolded; common practice. */
const unfoldingDays = 4

const reachByTier: Readonly<Record<string, number>> = {
  'youngest-only': 1,
  tips: 1,
  'youngest-spreading-down': 2,
  all: 3,
  scattered: 3,
  middle: 2,
  'oldest-spreading-up': 3,
  'oldest-only': 3,
}

/**
 * When the affected leaves grew. A leaf shows the conditions in which it formed, so what happened
 * since it unfolded says nothing about it.
 */
export function leafWindow(lookedOn: Day, growth = 'normal', tier = 'youngest-only'): LeafWindow {
  const days = (youngLeafDays[growth] ?? 28) * (reachByTier[tier] ?? 1)
  return { from: addDays(lookedOn, -days - unfoldingDays), to: addDays(lookedOn, -unfoldingDays) }
}

/** The pH that leaves grew in. */
export interface Exposure {
  readonly window: LeafWindow
  readonly pH: number
  readonly doubt: number
}

/**
 * Mean pH over the days in which the leaves grew, with one standard deviation; undefined where
 * nothing is known of pH.
 */
export function pHExposure(window: LeafWindow, history: PHHistory): Exposure | undefined {
  const length = daysBetween(window.from, window.to)
  const pHAt = pHReader(history)
  const known = Array.from({ length: length + 1 }, (_, index) =>
    pHAt(addDays(window.from, index)),
  ).filter((value) => value !== undefined)
  if (known.length === 0) return undefined
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length
  return {
    window,
    pH: mean(known.map(({ pH }) => pH)),
    doubt: mean(known.map(({ doubt }) => doubt)),
  }
}

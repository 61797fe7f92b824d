import { addDays, daysBetween, type Day } from '../calendar/index.ts'
import { thirdsByTier, unfoldingDays, usualYoungLeafDays, youngLeafDays } from './data/exposure.ts'
import { pHReader, type PHHistory } from './pH-history.ts'

/** The span of days in which the affected leaves formed. */
export interface LeafWindow {
  readonly from: Day
  readonly to: Day
}

/**
 * When the affected leaves grew. A leaf shows the conditions in which it formed, so what happened
 * since it unfolded says nothing about it.
 */
export function leafWindow(lookedOn: Day, growth = 'normal', tier = 'youngest-only'): LeafWindow {
  const ofThird = youngLeafDays[growth] ?? usualYoungLeafDays
  const days = ofThird.value * (thirdsByTier[tier] ?? 1)
  const to = addDays(lookedOn, -unfoldingDays.value)
  return { from: addDays(to, -days), to }
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

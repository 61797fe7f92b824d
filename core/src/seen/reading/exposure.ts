import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import {
  doubtGrowthPerDay,
  thirdsByTier,
  unfoldingDays,
  usualYoungLeafDays,
  youngLeafDays,
} from './data/exposure.ts'
import type { ReadingKind } from './data/kinds.ts'
import { pHReader, type PHHistory } from './pH-history.ts'
import { doubtOf, type Reading } from './reading.ts'

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
  const days = ofThird.value * (thirdsByTier[tier]?.value ?? 1)
  const to = addDays(lookedOn, -unfoldingDays.value)
  return { from: addDays(to, -days), to }
}

/** The pH that leaves grew in. */
export interface Exposure {
  readonly window: LeafWindow
  readonly pH: number
  readonly doubt: number
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length

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
  return {
    window,
    pH: mean(known.map(({ pH }) => pH)),
    doubt: mean(known.map(({ doubt }) => doubt)),
  }
}

/**
 * The share of the window over which something that acts from one day to another acted.
 * @returns 0 to 1 [1]
 */
export function shareOfWindow(window: LeafWindow, from: Day, to: Day): number {
  const start = from > window.from ? from : window.from
  const end = to < window.to ? to : window.to
  const days = daysBetween(window.from, window.to) + 1
  return Math.max(0, daysBetween(start, end) + 1) / days
}

/** A value that leaves grew in, with one standard deviation. */
export interface ExposedValue {
  readonly value: number
  readonly doubt: number
}

const daysOutside = (day: Day, { from, to }: LeafWindow): number =>
  Math.max(0, daysBetween(day, from), daysBetween(to, day))

/**
 * What readings of a kind say of the days in which the leaves grew: the mean of those taken in the
 * window, else the nearest one with its doubt grown by the days between.
 * @param maxDaysOutside readings farther from the window say nothing [d]
 */
export function exposedValue(
  readings: readonly Reading[],
  window: LeafWindow,
  maxDaysOutside: number,
): ExposedValue | undefined {
  const inside = readings.filter(({ takenOn }) => daysOutside(takenOn, window) === 0)
  if (inside.length > 0) {
    // Readings of one thing share their error, so that many are no surer than the best.
    return {
      value: mean(inside.map(({ value }) => value)),
      doubt: Math.min(...inside.map(doubtOf)),
    }
  }
  const byDistance = readings
    .map((reading) => ({ reading, away: daysOutside(reading.takenOn, window) }))
    .filter(({ away }) => away <= maxDaysOutside)
    .toSorted((a, b) => a.away - b.away || b.reading.takenOn.localeCompare(a.reading.takenOn))
  const nearest = byDistance[0]
  if (!nearest) return undefined
  const growth = 1 + doubtGrowthPerDay.value * nearest.away
  return { value: nearest.reading.value, doubt: doubtOf(nearest.reading) * growth }
}

/** Readings of a kind, of sick and healthy places apart. */
export function readingsFrom(
  readings: readonly Reading[],
  kind: ReadingKind,
  isFrom: (place: Reading['place']) => boolean,
): readonly Reading[] {
  return readings.filter((reading) => reading.kind === kind && isFrom(reading.place))
}

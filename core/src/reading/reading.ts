import type { Day } from '../calendar/index.ts'
import { requireInRange } from '../error/index.ts'
import { formatNumber } from '../quantity/index.ts'
import { readingKinds, readingMethods, type ReadingKind, type ReadingMethod } from './data/kinds.ts'

/** One measured value, as the core sees it. */
export interface Reading {
  readonly kind: ReadingKind
  readonly value: number
  readonly method: ReadingMethod
  readonly takenOn: Day
}

/**
 * Returns the value when a reading of its kind can have it.
 * @throws {CoreError} out-of-range, not-a-number
 */
export function checkReadingValue(kind: ReadingKind, value: number): number {
  return requireInRange(readingKinds[kind].label, value, readingKinds[kind])
}

/** A reading as it is said: "severity 2 of 5", "pH 7.8". */
export function readingWords({ kind, value }: Pick<Reading, 'kind' | 'value'>): string {
  return readingKinds[kind].said.replace('–', formatNumber(value, 3))
}

/** One standard deviation of a reading, by its kind and method, in its unit. */
export function doubtOf(reading: Pick<Reading, 'kind' | 'method'>): number {
  if (reading.kind === 'pH') return readingMethods[reading.method].pHDoubt
  return readingKinds[reading.kind].usualDoubt
}

import { formatNumber } from '../../base/writing/index.ts'
import type { Day } from '../../base/calendar/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import {
  pHPreparations,
  readingKinds,
  readingMethods,
  stripPlaces,
  type PHPreparation,
  type ReadingKind,
  type ReadingMethod,
  type ReadingPlace,
} from './data/kinds.ts'

/** One measured value, as the core sees it. */
export interface Reading {
  readonly kind: ReadingKind
  readonly value: number
  readonly method: ReadingMethod
  readonly takenOn: Day
  /** How soil was made ready for a pH; absent as 1:1 in water. */
  readonly preparation?: PHPreparation | null | undefined
  /** Where the sample came from; absent as the whole stand. */
  readonly place?: ReadingPlace | null | undefined
  /** One standard deviation, where the person or kit gave one. */
  readonly doubt?: number | null | undefined
}

/**
 * Returns the value when a reading of its kind can have it.
 * @param value, and what is returned [unit of the kind]
 * @throws {CoreError} out-of-range, not-a-number
 */
export function checkReadingValue(kind: ReadingKind, value: number): number {
  return requireInRange(readingKinds[kind].label, value, readingKinds[kind])
}

/** Whether a reading is of the stand itself rather than of a strip left for comparing. */
export const isOfStand = ({ place }: Pick<Reading, 'place'>): boolean =>
  !stripPlaces.some((strip) => strip === place)

/** A reading as it is said: "severity 2 of 5", "pH 7.8". */
export function readingWords({ kind, value }: Pick<Reading, 'kind' | 'value'>): string {
  const { said, max } = readingKinds[kind]
  // An index of 0 to 1 is not known to a thousandth.
  return said.replace('–', formatNumber(max <= 1 ? Math.round(value * 100) / 100 : value, 3))
}

/**
 * One standard deviation of a reading: its own, else that usual for kind and method.
 * @returns [unit of the kind]
 */
export function doubtOf(reading: Pick<Reading, 'kind' | 'value' | 'method' | 'doubt'>): number {
  const { kind, value, method, doubt } = reading
  if (doubt !== undefined && doubt !== null) return doubt
  if (kind === 'pH') return readingMethods[method].pHDoubt
  const { usualDoubt, relativeDoubt } = readingKinds[kind]
  return Math.hypot(usualDoubt, relativeDoubt * value) * readingMethods[method].coarseness
}

/** A pH as 1:1 in water would read it [pH], whatever it was measured in. */
export function waterPH({ value, preparation }: Pick<Reading, 'value' | 'preparation'>): number {
  return value - pHPreparations[preparation ?? 'water-1-1'].readsHigherBy
}

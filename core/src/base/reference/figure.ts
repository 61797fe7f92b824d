import type { Sourced } from './sourced.ts'

/** A number that the product computes with; without a source it does not compile. */
export interface Figure extends Sourced {
  readonly value: number
  /** As the source prints it; empty for dimensionless numbers. */
  readonly unit: string
}

/** A figure that nobody states, by our own judgement: the thought behind it is its source [unit as given]. */
export const judged = (value: number, unit: string, source: string): Figure => ({
  value,
  unit,
  source,
  mark: 'J',
})

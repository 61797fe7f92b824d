import type { Sourced } from './sourced.ts'

/** A number that the product computes with; without a source it does not compile. */
export interface Figure extends Sourced {
  readonly value: number
  /** As the source prints it; empty for dimensionless numbers. */
  readonly unit: string
}

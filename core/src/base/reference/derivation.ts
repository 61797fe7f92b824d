import type { Sourced } from './sourced.ts'

/** One number that went into a computed figure, as it is shown when the figure is opened. */
export interface DerivationInput {
  readonly label: string
  /** The number with its unit, already printed. */
  readonly value: string
}

/** How a computed figure was got: what stands behind the "how" of every figure on screen. */
export interface Derivation extends Sourced {
  readonly figure: string
  readonly formula: string
  readonly inputs: readonly DerivationInput[]
  readonly result: string
}

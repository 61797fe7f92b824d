export { markWords } from './sourced.ts'
export type { Mark, Sourced } from './sourced.ts'
export type { Derivation, DerivationInput } from './derivation.ts'
export type { FigureRange } from './figure-range.ts'

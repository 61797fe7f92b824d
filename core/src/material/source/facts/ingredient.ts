import type { Sourced } from '../../../base/reference/index.ts'

/** Nutrients of a guaranteed analysis, as labels name them. */
export const nutrients = ['N', 'P2O5', 'K2O', 'Ca', 'Mg', 'S', 'Fe', 'Mn', 'Zn', 'Cu', 'B'] as const
export type Nutrient = (typeof nutrients)[number]

/** What the other nutrients of a label are derived from, as the pure compound. */
export interface Ingredient extends Sourced {
  readonly id: string
  readonly name: string
  /** Nutrients by mass [1]. */
  readonly contents: Readonly<Partial<Record<Nutrient, number>>>
  /** In what shape its sulfur is, if it has any. */
  readonly sulfurAs: 'sulfate' | 'element' | 'none'
  readonly labelNames: readonly string[]
}

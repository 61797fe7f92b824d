import type { FigureRange, None, Sourced } from '../../../base/reference/index.ts'

/** How an amendment comes to act. */
export type Action = 'sulfur' | 'ammonium' | 'quick' | 'slow' | 'lime'

/** What limits of a step count: sulfur by element, nitrogen, or the material as bought. */
export const limitedKinds = ['sulfur', 'salt', 'iron salt', 'nitrogen', 'organic', 'lime'] as const
export type LimitedKind = (typeof limitedKinds)[number]

/** What a kilogram of a source does to pH. */
export interface Acidity extends Sourced {
  readonly action: Action
  readonly limitedAs: LimitedKind
  /** What is taken first where nobody chose, of those that move pH the same way. */
  readonly isFirstChoice: boolean
  /** Acid of a kilogram as bought [mol H⁺/kg]; below 0 for lime. */
  readonly molPerKg: FigureRange
  /** Diameter of a grain, for sulfur [µm]. */
  readonly grainUm: number | None
  /** Kilograms that practice takes in place of one of sulfur. */
  readonly practicePerSulfur: readonly [low: number, high: number] | None
  /** How fast, in words. */
  readonly speed: string
  readonly remark: string
}

/** Acid of a kilogram of sulfur: two protons an atom of 32.06 [mol H⁺/kg]. */
export const molPerKgSulfur = 2000 / 32.06
/** Pure lime that takes a mole of acid [kg]. */
export const kgLimePerMol = 100.087 / 2000
/** Lime that a kilogram of sulfur neutralises [kg]. */
export const limePerSulfur = molPerKgSulfur * kgLimePerMol

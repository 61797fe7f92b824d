import type { Medium } from '../persistence/index.ts'
import type { Route, StandKind, StandSize } from '../../stand/plant/index.ts'
import type { Amount, Rate } from '../rate/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import type { Response } from '../source/index.ts'
import type { Candidate } from './candidate.ts'
import type { AimId } from './data/aims.ts'

/** Whether a candidate is worth buying here for this. */
export type Fitness = 'works' | 'weak' | 'fails'

/** What a candidate falls short of, beside the chemistry. */
export type Shortcoming = 'wrong-route' | 'too-slow' | 'does-not-last' | 'impossible-label'

/** What one application and the season's come to. */
export interface Bill {
  readonly amount: Amount
  readonly perApplication: FigureRange
  readonly season: FigureRange
  /** Nitrogen of one application [kg/m²]; undefined where the stand has no area. */
  readonly nitrogenKgPerM2: number | undefined
  /** Micronutrients of the season [kg/m²], those that are there. */
  readonly buildUp: readonly { readonly nutrient: string; readonly kgPerM2: number }[]
}

export interface RankedCandidate {
  readonly candidate: Candidate
  readonly fitness: Fitness
  readonly shortcomings: readonly Shortcoming[]
  /** Share of the iron that works on the day of the application [1]. */
  readonly start: FigureRange
  /** Mean share over the days that one application has to last [1]. */
  readonly held: FigureRange
  /** Days until the next application. */
  readonly lastsDays: number
  readonly applications: number
  /** Money for a kilogram of iron at work: least, usual, most; undefined where next to none works. */
  readonly costPerWorkingKg: FigureRange | undefined
  readonly rates: readonly Rate[]
  readonly bill: Bill | undefined
  readonly response: Response
  readonly reasons: readonly string[]
}

export interface ChoiceInput extends StandKind {
  readonly route: Route
  readonly aimId: AimId
  readonly medium: Medium
  readonly size: StandSize
  readonly candidates: readonly Candidate[]
  /** Iron that a solution holds already [mg/L]; counts as there in the bill. */
  readonly presentIronMgPerL?: number
  /** How leaves of the stand answer, by what its place taught; absent: as published. */
  readonly expects?: ((published: Response) => Response) | undefined
}

import type { Sourced } from '../../../base/reference/index.ts'
import type { ReadingKind } from './kinds.ts'

/** A unit that is easily mistaken for the one asked for, and what the value would be in the right one. */
export interface LikelyMistake extends Sourced {
  readonly kinds: readonly ReadingKind[]
  /** What may have been read off instead: "µS/cm". */
  readonly readAs: string
  /** Times the value that was given, to the unit asked for. */
  readonly times: number
}

/** Mistakes that turn a possible value into an unlikely one; tried in this order. */
export const likelyMistakes: readonly LikelyMistake[] = [
  {
    kinds: ['ecPaste', 'ecOneToTwo', 'ecPourThrough', 'ecSolution', 'ecSource'],
    readAs: 'µS/cm',
    times: 0.001,
    source: '1 dS/m = 1 mS/cm = 1000 µS/cm (definition)',
    mark: 'D',
  },
  {
    kinds: ['ecPaste', 'ecOneToTwo', 'ecPourThrough', 'ecSolution', 'ecSource'],
    readAs: 'mg/L of salts, which a meter shows by either of two conventions (× 0.5 or × 0.64)',
    times: 0.002,
    source: 'mg/L ≈ µS/cm × 0.5 by the commoner convention (common practice)',
    mark: 'C',
  },
  {
    kinds: [
      'tissueNitrogen',
      'tissuePotassium',
      'tissueMagnesium',
      'tissueSulfur',
      'calciumCarbonate',
      'organicMatter',
    ],
    readAs: 'g/kg',
    times: 0.1,
    source: '1 % = 10 g/kg (definition)',
    mark: 'D',
  },
  {
    kinds: ['tissueNitrogen', 'tissuePotassium', 'tissueMagnesium', 'tissueSulfur'],
    readAs: 'mg/kg',
    times: 0.0001,
    source: '1 % = 10,000 mg/kg (definition)',
    mark: 'D',
  },
  {
    kinds: ['alkalinity', 'hardness', 'calciumHardness'],
    readAs: 'degrees (°dH)',
    times: 17.848,
    source: '1 °dH = 17.848 mg/L as CaCO3 (derived from CaO)',
    mark: 'D',
  },
]

import type { Sourced } from '../../reference/index.ts'
import type { IronSourceId } from './iron-sources.ts'

/** Share of the iron still dissolved at a pH: least, expected and most. */
export interface SurvivalPoint {
  readonly pH: number
  readonly low: number
  readonly usual: number
  readonly high: number
}

export interface SurvivalCurve extends Sourced {
  readonly sourceId: IronSourceId
  readonly points: readonly SurvivalPoint[]
}

const percent = (pH: number, low: number, usual: number, high: number): SurvivalPoint => ({
  pH,
  low: low / 100,
  usual: usual / 100,
  high: high / 100,
})

/**
 * Chelates: share of ligand carrying iron over soil iron hydroxide with calcium of lime soil; low
 * with the full zinc and copper of soil, usual with a tenth of it, high with none. The salt has no
 * equilibrium share to speak of; its figures are how much is still of use after some days.
 */
export const soilSurvival: readonly SurvivalCurve[] = [
  {
    sourceId: 'ferrous-sulfate',
    points: [
      percent(4, 60, 85, 95),
      percent(5, 55, 82, 95),
      percent(5.5, 45, 80, 92),
      percent(6, 30, 70, 88),
      percent(6.5, 10, 35, 60),
      percent(7, 0, 5, 20),
      percent(7.5, 0, 0, 3),
      percent(8, 0, 0, 0),
    ],
    source: 'of use in acid soil, gone in days to weeks over pH 7 (common practice), as shares',
    mark: 'J',
  },
  {
    sourceId: 'fe-edta',
    points: [
      percent(4, 99.2, 100, 100),
      percent(4.5, 97.6, 100, 100),
      percent(5, 93.2, 100, 100),
      percent(5.5, 81.5, 98.7, 100),
      percent(6, 58.4, 93, 99.6),
      percent(6.5, 30.4, 74.4, 88.6),
      percent(7, 10, 22.4, 26),
      percent(7.5, 1.6, 2, 2.1),
      percent(8, 0.1, 0.2, 0.2),
      percent(8.5, 0, 0, 0),
    ],
    source: 'chelate equilibria, constants of Martell & Smith and Lindsay 1979',
    mark: 'D',
  },
  {
    sourceId: 'fe-dtpa',
    points: [
      percent(4, 97.4, 100, 100),
      percent(4.5, 96.3, 100, 100),
      percent(5, 95.3, 100, 100),
      percent(5.5, 93.6, 99.6, 100),
      percent(6, 88.9, 98.8, 100),
      percent(6.5, 76.9, 97.1, 100),
      percent(7, 53.8, 91.7, 99.5),
      percent(7.5, 27.1, 73.8, 91.3),
      percent(8, 8.9, 25.4, 32),
      percent(8.5, 1.2, 1.7, 1.8),
      percent(9, 0.1, 0.1, 0.1),
    ],
    source: 'chelate equilibria, constants of Martell & Smith and Lindsay 1979',
    mark: 'D',
  },
  {
    sourceId: 'fe-eddha',
    points: [
      percent(4, 100, 100, 100),
      percent(8.5, 99.9, 99.9, 100),
      percent(9.5, 99.5, 99.9, 100),
    ],
    source: 'chelate equilibria, constants of Yunta et al. 2003; ortho-ortho isomer',
    mark: 'D',
  },
]

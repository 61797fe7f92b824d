import type { Route } from '../../../stand/plant/index.ts'
import type { FigureRange, Sourced } from '../../../base/reference/index.ts'
import type { IronSourceId } from '../../source/index.ts'

/** How iron that works is lost with time. */
export const lossProcesses = {
  light: 'broken down by light',
  microbes: 'eaten by microbes',
  leaching: 'washed out and held by clay',
  growth: 'left behind by new leaves',
} as const
export type LossProcess = keyof typeof lossProcesses

/** A loss of the first order: the half of what is there goes in the half-life, whatever its amount. */
export interface Loss extends Sourced {
  readonly route: Route
  readonly process: LossProcess
  readonly sourceIds: readonly IronSourceId[]
  /** Days in which half is lost: low is the fastest. */
  readonly halfLifeDays: FigureRange
  /** Only in a solution that light reaches, or only in one that is covered. */
  readonly light?: 'clear' | 'covered'
}

const days = (low: number, usual: number, high: number) => ({ low, usual, high })
const judged = { source: 'days to seasons of common practice, as half-lives', mark: 'J' } as const
const lightOnChelates = {
  source: 'EDTA and DTPA lose their iron in days of light (common practice), as half-lives',
  mark: 'J',
} as const
const citrateEaten = {
  source: 'citrate in soil: hours to days, Jones 1998, Plant and Soil',
  mark: 'M',
} as const

const weakChelates = ['fe-edta', 'fe-hedta', 'fe-dtpa'] as const
const strongChelates = ['fe-eddha', 'fe-hbed'] as const

/** Losses by route; those of one source add up. */
export const losses: readonly Loss[] = [
  {
    route: 'soil',
    process: 'leaching',
    sourceIds: weakChelates,
    halfLifeDays: days(8, 18, 40),
    source: 'one to several weeks within their pH (common practice), as half-lives',
    mark: 'J',
  },
  {
    route: 'soil',
    process: 'leaching',
    sourceIds: ['fe-eddha'],
    halfLifeDays: days(45, 90, 180),
    source: 'a season (common practice), as half-lives',
    mark: 'J',
  },
  {
    route: 'soil',
    process: 'leaching',
    sourceIds: ['fe-hbed'],
    halfLifeDays: days(60, 130, 240),
    source: 'longer than EDDHA (common practice), as half-lives',
    mark: 'J',
  },
  {
    route: 'soil',
    process: 'microbes',
    sourceIds: ['iron-citrate'],
    halfLifeDays: days(0.5, 2, 5),
    ...citrateEaten,
  },
  {
    route: 'soil',
    process: 'microbes',
    sourceIds: ['iron-glucoheptonate'],
    halfLifeDays: days(1, 4, 10),
    ...judged,
  },
  {
    route: 'soil',
    process: 'microbes',
    sourceIds: ['iron-lignosulfonate', 'iron-humate'],
    halfLifeDays: days(10, 25, 60),
    ...judged,
  },
  {
    route: 'leaf',
    process: 'growth',
    sourceIds: [
      'ferrous-sulfate',
      'ferrous-sulfate-monohydrate',
      'ferrous-ammonium-sulfate',
      ...weakChelates,
      ...strongChelates,
      'iron-citrate',
      'iron-glucoheptonate',
      'iron-lignosulfonate',
      'iron-humate',
    ],
    halfLifeDays: days(10, 18, 28),
    source: 'fades in 2 to 4 weeks, faster with growth and mowing (common practice)',
    mark: 'C',
  },
  {
    route: 'solution',
    process: 'light',
    light: 'clear',
    sourceIds: weakChelates,
    halfLifeDays: days(1.5, 4, 8),
    ...lightOnChelates,
  },
  {
    route: 'solution',
    process: 'light',
    light: 'clear',
    sourceIds: strongChelates,
    halfLifeDays: days(5, 12, 25),
    ...lightOnChelates,
  },
  {
    route: 'solution',
    process: 'microbes',
    light: 'covered',
    sourceIds: weakChelates,
    halfLifeDays: days(10, 25, 60),
    ...judged,
  },
  {
    route: 'solution',
    process: 'microbes',
    light: 'covered',
    sourceIds: strongChelates,
    halfLifeDays: days(20, 50, 120),
    ...judged,
  },
  {
    route: 'solution',
    process: 'microbes',
    sourceIds: ['iron-citrate', 'iron-glucoheptonate', 'iron-humate', 'iron-lignosulfonate'],
    halfLifeDays: days(0.5, 2, 6),
    ...judged,
  },
]

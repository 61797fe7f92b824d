import {
  carriedShares,
  dissolvedShare,
  type Competition,
  type FeedSolution,
  type SoilConditions,
} from '../chemistry/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import {
  isNone,
  readAtPH,
  type FigureRange,
  type None,
  type Sourced,
} from '../../base/reference/index.ts'
import {
  findIronSource,
  knownLigand,
  lossesOf,
  type IronSourceId,
  type KnownIronSource,
  type LigandId,
} from '../source/index.ts'
import { usualFeed } from './data/feed.ts'
import { openIronHalfLifeDays, openIronOfUse } from './data/open-iron.ts'
import { heldAndOpen, leftAt, meanOver, perDayOf, type Decay } from './decay.ts'

/** pH of soil or solution with one standard deviation. */
export interface PHBelief {
  readonly pH: number
  readonly doubt: number
}

/** What the iron is put into. */
export interface Medium extends PHBelief {
  /** Calcium and iron solid of the soil; competition is taken as a band. */
  readonly soil?: Omit<SoilConditions, 'competition'>
  readonly feed?: FeedSolution
  readonly light?: 'clear' | 'covered'
}

/** How much of a source's iron can do its work, from the day it is applied on. */
export interface WorkingCourse extends Sourced {
  /** Share of use on a day after the application [1]. */
  at(day: number): FigureRange
  /** Mean share of use over the days after the application [1]. */
  mean(days: number): FigureRange
}

type Case = 'low' | 'usual' | 'high'
const cases = ['low', 'usual', 'high'] as const

/** Least: all of the soil's zinc and copper, at the highest pH that is likely. Most: none, at the lowest. */
const competitionOf: Readonly<Record<Case, Competition>> = {
  low: 'full',
  usual: 'field',
  high: 'none',
}
function pHOf({ pH, doubt }: Medium, which: Case): number {
  const shifted = pH + { low: doubt, usual: 0, high: -doubt }[which]
  return Math.min(11, Math.max(2.5, shifted))
}

function lossPerDay(source: KnownIronSource, route: Route, { light }: Medium, which: Case): number {
  const place = route === 'solution' ? (light ?? 'covered') : route
  return lossesOf(source, place).reduce(
    (sum, { halfLifeDays }) => sum + perDayOf(halfLifeDays[which]),
    0,
  )
}

/** Which ligands bind the iron, and how much of it each. */
function ligandsOf(
  { boundBy }: KnownIronSource,
  which: Case,
  declaredShare: number | undefined,
): readonly (readonly [LigandId, number])[] {
  if (isNone(boundBy)) return []
  const { ligand, isomers } = boundBy
  const { id } = knownLigand(ligand)
  if (isNone(isomers)) return [[id, 1]]
  const share = declaredShare ?? isomers.named[which]
  return [
    [id, share],
    [knownLigand(isomers.othersAs).id, 1 - share],
  ]
}

interface CourseInput {
  readonly source: KnownIronSource
  readonly route: Route
  readonly medium: Medium
  readonly which: Case
  readonly orthoOrtho: number | undefined
}

/** What a loose complex holds on to beside its equilibrium; nothing where that is stated. */
const heldShare = (held: FigureRange | None, which: Case): number =>
  isNone(held) ? 0 : held[which]

function soilDecay({ source, medium, which, orthoOrtho }: CourseInput): Decay {
  const pH = pHOf(medium, which)
  const open = {
    share: source.soil.isOpenOfUse ? readAtPH(openIronOfUse, pH, which) : 0,
    perDay: perDayOf(readAtPH(openIronHalfLifeDays, pH, which)),
  }
  const bound = ligandsOf(source, which, orthoOrtho).reduce(
    (sum, [ligandId, part]) =>
      sum +
      part * carriedShares(ligandId, { pH, ...medium.soil, competition: competitionOf[which] }).Fe,
    0,
  )
  const share = bound + heldShare(source.soil.held, which)
  return heldAndOpen({ share, perDay: lossPerDay(source, 'soil', medium, which) }, open)
}

function solutionDecay({ source, medium, which, orthoOrtho }: CourseInput): Decay {
  const perDay = lossPerDay(source, 'solution', medium, which)
  const pH = pHOf(medium, which)
  const feed = medium.feed ?? usualFeed
  const bound = ligandsOf(source, which, orthoOrtho).reduce(
    (sum, [ligandId, part]) => sum + part * dissolvedShare(ligandId, pH, feed),
    0,
  )
  return [{ weight: bound + heldShare(source.solution.held, which), perDay }]
}

/** On the leaf soil pH does not matter. */
const leafDecay = ({ source, medium, which }: CourseInput): Decay => [
  {
    weight: source.leaf.enters[which],
    perDay: lossPerDay(source, 'leaf', medium, which),
  },
]

const decayOf = { leaf: leafDecay, soil: soilDecay, solution: solutionDecay } as const

const equilibria = {
  source:
    'chelate equilibria from constants of Martell & Smith, Lindsay and others; losses with time by half-lives',
  mark: 'D',
} as const

/** What the share of use by a route rests on. */
function sourcedOf({ boundBy, leaf, soil, solution }: KnownIronSource, route: Route): Sourced {
  if (route === 'leaf') return leaf.enters
  if (!isNone(boundBy)) return equilibria
  const { held } = { soil, solution }[route]
  return isNone(held) ? openIronOfUse : held
}

/**
 * Share of a source's iron that can do its work by a route, through time.
 * @param medium pH 2.5 to 11; not used for the leaf
 * @param orthoOrtho share of the iron in the isomer that counts, where the label says [1]
 * @returns least, expected and most, on a day or as a mean
 * @throws {CoreError} out-of-range, not-a-number, unknown-name
 * @source equilibria of the chemistry room; half-lives and entry of data/
 */
export function workingCourse(
  sourceId: IronSourceId,
  route: Route,
  medium: Medium,
  orthoOrtho?: number,
): WorkingCourse {
  requireInRange('pH', medium.pH, { min: 2.5, max: 11 })
  requireInRange('doubt', medium.doubt, { min: 0, max: 5 })
  if (orthoOrtho !== undefined) requireInRange('orthoOrtho', orthoOrtho, { min: 0, max: 1 })
  const source = findIronSource(sourceId)
  const decays = Object.fromEntries(
    cases.map((which) => [which, decayOf[route]({ source, route, medium, which, orthoOrtho })]),
  ) as Record<Case, Decay>
  const range = (read: (decay: Decay) => number): FigureRange => {
    const usual = read(decays.usual)
    const ends = [read(decays.low), usual, read(decays.high)]
    // Far over its ceiling a trace dissolves again as pH rises, so that the ends change places.
    return { low: Math.min(...ends), usual, high: Math.max(...ends) }
  }
  return {
    at: (day) => {
      requireInRange('day', day, { min: 0, max: 1000, unit: 'days' })
      return range((decay) => leftAt(decay, day))
    },
    mean: (days) => {
      requireInRange('days', days, { min: 0, max: 1000, unit: 'days' })
      return range((decay) => meanOver(decay, days))
    },
    ...sourcedOf(source, route),
  }
}

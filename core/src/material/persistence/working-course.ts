import {
  carriedShares,
  dissolvedShare,
  type Competition,
  type FeedSolution,
  type LigandId,
  type SoilConditions,
} from '../chemistry/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import { readAtPH, type FigureRange, type Sourced } from '../../base/reference/index.ts'
import { findIronSource, type IronSourceId, type KnownIronSource } from '../source/index.ts'
import {
  leafEntry,
  looseHold,
  looseHoldInSolution,
  orthoOrthoShare,
  otherIsomersAs,
  saltInSolution,
} from './data/entry.ts'
import { usualFeed } from './data/feed.ts'
import { losses } from './data/losses.ts'
import { openIronHalfLifeDays, openIronOfUse } from './data/open-iron.ts'
import { heldAndOpen, leftAt, meanOver, perDayOf, type Decay } from './decay.ts'

/** pH of soil or solution with one standard deviation. */
export interface PHBelief {
  readonly pH: number
  readonly doubt: number
}

/** What the iron is put into. */
export interface Ground extends PHBelief {
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
function pHOf({ pH, doubt }: Ground, which: Case): number {
  const shifted = pH + { low: doubt, usual: 0, high: -doubt }[which]
  return Math.min(11, Math.max(2.5, shifted))
}

function lossPerDay(sourceId: IronSourceId, route: Route, { light }: Ground, which: Case): number {
  return losses
    .filter(
      (loss) =>
        loss.route === route &&
        loss.sourceIds.includes(sourceId) &&
        (loss.light === undefined || loss.light === (light ?? 'covered')),
    )
    .reduce((sum, { halfLifeDays }) => sum + perDayOf(halfLifeDays[which]), 0)
}

/** Which ligands carry the iron, and how much of it each. */
function carriersOf(
  { id, ligandId }: KnownIronSource,
  which: Case,
  declaredOrthoOrtho: number | undefined,
): readonly (readonly [LigandId, number])[] {
  if (!ligandId) return []
  if (id !== 'fe-eddha') return [[ligandId, 1]]
  const share = declaredOrthoOrtho ?? orthoOrthoShare[which]
  return [
    [ligandId, share],
    [otherIsomersAs.ligandId, 1 - share],
  ]
}

interface CourseInput {
  readonly source: KnownIronSource
  readonly route: Route
  readonly ground: Ground
  readonly which: Case
  readonly orthoOrtho: number | undefined
}

function soilDecay({ source, ground, which, orthoOrtho }: CourseInput): Decay {
  const pH = pHOf(ground, which)
  const open = {
    share: source.kind === 'slow' ? 0 : readAtPH(openIronOfUse, pH, which),
    perDay: perDayOf(readAtPH(openIronHalfLifeDays, pH, which)),
  }
  const carried = carriersOf(source, which, orthoOrtho).reduce(
    (sum, [ligandId, part]) =>
      sum +
      part * carriedShares(ligandId, { pH, ...ground.soil, competition: competitionOf[which] }).Fe,
    0,
  )
  const share = carried + (looseHold[source.id]?.[which] ?? 0)
  return heldAndOpen({ share, perDay: lossPerDay(source.id, 'soil', ground, which) }, open)
}

function solutionDecay({ source, ground, which, orthoOrtho }: CourseInput): Decay {
  const perDay = lossPerDay(source.id, 'solution', ground, which)
  const pH = pHOf(ground, which)
  const feed = ground.feed ?? usualFeed
  const carriers = carriersOf(source, which, orthoOrtho)
  if (carriers.length > 0) {
    const weight = carriers.reduce(
      (sum, [ligandId, part]) => sum + part * dissolvedShare(ligandId, pH, feed),
      0,
    )
    return [{ weight, perDay }]
  }
  const held =
    looseHoldInSolution[source.id] ?? (source.kind === 'salt' ? saltInSolution : undefined)
  return [{ weight: held?.[which] ?? 0, perDay }]
}

/** On the leaf soil pH does not matter. */
const leafDecay = ({ source, ground, which }: CourseInput): Decay => [
  {
    weight: leafEntry[source.id][which],
    perDay: lossPerDay(source.id, 'leaf', ground, which),
  },
]

const decayOf = { leaf: leafDecay, soil: soilDecay, solution: solutionDecay } as const

/** What the share of use by a route rests on. */
function groundsOf({ kind, ligandId, id }: KnownIronSource, route: Route): Sourced {
  if (route === 'leaf') return leafEntry[id]
  if (route === 'soil' && kind === 'salt') return openIronOfUse
  if (ligandId) {
    return {
      source:
        'chelate equilibria from constants of Martell & Smith, Lindsay and others; losses with time by half-lives',
      mark: 'D',
    }
  }
  const loose = route === 'soil' ? looseHold[id] : looseHoldInSolution[id]
  return loose ?? (route === 'soil' ? openIronOfUse : saltInSolution)
}

/**
 * Share of a source's iron that can do its work by a route, through time.
 * @param ground pH 2.5 to 11; not used for the leaf
 * @param orthoOrtho share of EDDHA's iron in the ortho-ortho isomer, where the label says [1]
 * @returns least, expected and most, on a day or as a mean
 * @throws {CoreError} out-of-range, not-a-number, unknown-name
 * @source equilibria of the chemistry room; half-lives and entry of data/
 */
export function workingCourse(
  sourceId: IronSourceId,
  route: Route,
  ground: Ground,
  orthoOrtho?: number,
): WorkingCourse {
  requireInRange('pH', ground.pH, { min: 2.5, max: 11 })
  requireInRange('doubt', ground.doubt, { min: 0, max: 5 })
  if (orthoOrtho !== undefined) requireInRange('orthoOrtho', orthoOrtho, { min: 0, max: 1 })
  const source = findIronSource(sourceId)
  const decays = Object.fromEntries(
    cases.map((which) => [which, decayOf[route]({ source, route, ground, which, orthoOrtho })]),
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
    ...groundsOf(source, route),
  }
}

import type { Route } from '../plant/index.ts'
import { weakFrom, worksFrom } from './data/fitness.ts'
import { ironSources, type IronSourceId } from './data/iron-sources.ts'
import type { IronSource } from './data/iron-sources.ts'
import { workingShare, type PHBelief, type WorkingShare } from './survival.ts'

/** Whether a source is worth buying for the route at this pH. */
export type Fitness = 'works' | 'weak' | 'fails'

export interface RankedSource {
  readonly source: IronSource & { readonly id: IronSourceId }
  readonly working: WorkingShare
  readonly fitness: Fitness
  /** Price of a kilogram of iron that works, relative to a kilogram of iron in the salt [1]. */
  readonly relativeCost: number
  readonly reason: string
}

function fitnessOf(share: WorkingShare): Fitness {
  if (share.usual >= worksFrom.value && share.low >= weakFrom.value) return 'works'
  return share.usual >= weakFrom.value ? 'weak' : 'fails'
}

const percent = (share: number): string => `${Math.round(share * 100)} %`

function reasonFor(source: IronSource, route: Route, share: WorkingShare, pH: number): string {
  if (route === 'leaf') {
    return source.id === 'fe-eddha'
      ? 'Wrong route: too big a molecule to enter the leaf, and it leaves a red film.'
      : 'Enters through the leaf, so soil pH does not matter; new leaves need it again.'
  }
  const [low, high] = [percent(share.low), percent(share.high)]
  const spread = low === high ? '' : ` (${low} to ${high})`
  const where = route === 'soil' ? 'soil' : 'solution'
  return `At pH ${pH.toFixed(1)} about ${percent(share.usual)} of its iron stays of use in the ${where}${spread}.`
}

const gradeOrder: Readonly<Record<Fitness, number>> = { works: 0, weak: 1, fails: 2 }

/**
 * Iron sources for a route at a pH, best first: those that work before those that do not, the
 * cheapest per working iron first among those that work.
 * @throws {CoreError} out-of-range for an impossible pH
 */
export function rankSources(route: Route, pHBelief: PHBelief): readonly RankedSource[] {
  return ironSources
    .map((source): RankedSource => {
      const working = workingShare(source.id, route, pHBelief)
      return {
        source,
        working,
        fitness: fitnessOf(working),
        relativeCost: source.relativePrice.value / Math.max(working.usual, 1e-3),
        reason: reasonFor(source, route, working, pHBelief.pH),
      }
    })
    .toSorted((a, b) =>
      a.fitness === b.fitness && a.fitness === 'works'
        ? a.relativeCost - b.relativeCost
        : gradeOrder[a.fitness] - gradeOrder[b.fitness] || b.working.usual - a.working.usual,
    )
}

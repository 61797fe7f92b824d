import { CoreError, requireInRange } from '../error/index.ts'
import type { Route } from '../plant/index.ts'
import type { FigureRange, Sourced } from '../reference/index.ts'
import type { IronSourceId } from './data/iron-sources.ts'
import { soilSurvival, type SurvivalCurve, type SurvivalPoint } from './data/survival.ts'

/** pH of soil or solution with one standard deviation. */
export interface PHBelief {
  readonly pH: number
  readonly doubt: number
}

/** The share of a product's iron that can do its work, with where the figure is from. */
export interface WorkingShare extends FigureRange, Sourced {}

function curveOf(sourceId: IronSourceId): SurvivalCurve {
  const curve = soilSurvival.find((each) => each.sourceId === sourceId)
  if (!curve) {
    throw new CoreError('unknown-name', {
      parameter: 'sourceId',
      expected: 'an iron source',
      received: sourceId,
    })
  }
  return curve
}

type Case = 'low' | 'usual' | 'high'

/** Straight line between the points; level beyond the first and last. */
function read(points: readonly SurvivalPoint[], pH: number, which: Case): number {
  const after = points.findIndex((point) => point.pH >= pH)
  const right = points[after === -1 ? points.length - 1 : after]
  const left = points[after - 1]
  if (!right) return 0
  if (!left || after === -1) return right[which]
  const share = (pH - left.pH) / (right.pH - left.pH)
  return left[which] + (right[which] - left[which]) * share
}

function inSoil(sourceId: IronSourceId, { pH, doubt }: PHBelief): WorkingShare {
  const { points, source, mark } = curveOf(sourceId)
  return {
    low: read(points, pH + doubt, 'low'),
    usual: read(points, pH, 'usual'),
    high: read(points, Math.max(0, pH - doubt), 'high'),
    source,
    mark,
  }
}

/** A solution has no soil zinc and copper to compete: the most favourable curve at every pH. */
function inSolution(sourceId: IronSourceId, { pH, doubt }: PHBelief): WorkingShare {
  const { points, source, mark } = curveOf(sourceId)
  if (sourceId === 'ferrous-sulfate') {
    return {
      low: 0,
      usual: 0.02,
      high: 0.1,
      source: 'precipitates within hours to days (common practice)',
      mark: 'J',
    }
  }
  return {
    low: read(points, pH + doubt, 'high'),
    usual: read(points, pH, 'high'),
    high: read(points, Math.max(0, pH - doubt), 'high'),
    source,
    mark,
  }
}

/** On the leaf soil pH does not matter; a large molecule stays outside. */
function onLeaf(sourceId: IronSourceId): WorkingShare {
  const leaf = { source: 'what enters a leaf (common practice), as shares', mark: 'J' } as const
  return sourceId === 'fe-eddha'
    ? { low: 0.05, usual: 0.15, high: 0.3, ...leaf }
    : { low: 0.7, usual: 0.9, high: 1, ...leaf }
}

/**
 * Share of the iron of a source that can do its work by a route at a pH.
 * @param pHBelief of the soil or solution, pH 2.5 to 11; not used for the leaf
 * @returns least, expected and most [1]
 * @throws {CoreError} out-of-range, unknown-name
 * @source the curves of data/survival.ts
 */
export function workingShare(
  sourceId: IronSourceId,
  route: Route,
  pHBelief: PHBelief,
): WorkingShare {
  requireInRange('pH', pHBelief.pH, { min: 2.5, max: 11 })
  requireInRange('doubt', pHBelief.doubt, { min: 0, max: 5 })
  const byRoute = { leaf: onLeaf, soil: inSoil, solution: inSolution } as const
  return byRoute[route](sourceId, pHBelief)
}

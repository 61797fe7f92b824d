import type { Sourced } from '../../base/reference/index.ts'
import type { RateBasis } from '../../material/rate/index.ts'
import type { SourceFamily } from './source-family.ts'
import type { Source, SourceId } from '../../material/source/index.ts'
import type { Context, Growth, Route } from '../../stand/plant/index.ts'
import type { Hazard } from './data/hazards.ts'

/** How much of something goes onto a kind of stand at once before it does harm, label or not. */
export interface HazardLimit extends Sourced {
  readonly id: string
  readonly hazard: Hazard
  readonly nutrient: Source['nutrient']
  readonly families: readonly SourceFamily[]
  /** Of those these alone, or all but these; absent: all of the families. */
  readonly only?: readonly SourceId[]
  readonly except?: readonly SourceId[]
  readonly route: Route
  readonly contexts: readonly Context[]
  /** What of those it is for; absent: whatever grows there. */
  readonly growths?: readonly Growth[]
  readonly basis: RateBasis
  readonly unit: string
  /** As far as practice goes; over it somebody has to say why [unit]. */
  readonly high: number
  /** Nothing goes out over it [unit]. */
  readonly stop: number
}

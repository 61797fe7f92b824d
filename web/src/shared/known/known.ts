import { expectedHere, type LearntResponses } from '@spudder/core/outcome/learnt'
import { responseFor, type Response, type SourceId } from '@spudder/core/material/source'
import type {
  UntreatedAsked,
  UntreatedCourse,
  UntreatedRecord,
} from '@spudder/core/outcome/untreated'
import type { Eye } from '@spudder/core/seen/eye'
import type { KeptMeasure, MeasuringWay } from '@spudder/core/seen/instrument'
import type { Context, Route } from '@spudder/core/stand/plant'

/** What a place knows of itself beyond its record, as far as it is switched on there. */
export interface Known {
  /** By which ratings are put right. */
  readonly eyes: readonly Eye[]
  /** By which answers of leaves are expected. */
  readonly learnt: LearntResponses
  /** By which readings of kits and meters are put right. */
  readonly ways: readonly MeasuringWay[]
}

/** Everything is taken as it was said, and expected as it is published. */
export const nothingKnown: Known = { eyes: [], learnt: new Map(), ways: [] }

/**
 * How the leaves of a stand are expected to answer a treatment.
 * @throws {CoreError} source-without-response
 */
export const expectedOf = (
  { learnt }: Pick<Known, 'learnt'>,
  { route, sourceId }: { readonly route: Route; readonly sourceId: SourceId },
  stand: { readonly id: string; readonly context: Context },
): Response => expectedHere(learnt, responseFor(route, sourceId, stand.context), stand.id)

/** What is asked of the worker that learns. */
export interface LearningQuestion extends UntreatedAsked {
  readonly record: UntreatedRecord & { readonly measures: readonly KeptMeasure[] }
}

/** What a place taught of its leaves and its instruments. */
export interface Learnt {
  readonly responses: LearntResponses
  readonly untreated: UntreatedCourse
  readonly ways: readonly MeasuringWay[]
}

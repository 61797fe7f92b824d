import {
  expectedHere,
  type LearntResponses,
  type LearningRecord,
} from '@spudder/core/outcome/learnt'
import { responseFor, type Response, type SourceId } from '@spudder/core/material/source'
import type { Eye } from '@spudder/core/seen/eye'
import type { Context, Route } from '@spudder/core/stand/plant'

/** What a place knows of itself beyond its record, as far as it is switched on there. */
export interface Known {
  /** By which ratings are put right. */
  readonly eyes: readonly Eye[]
  /** By which answers of leaves are expected. */
  readonly learnt: LearntResponses
}

/** Everything is taken as it was said, and expected as it is published. */
export const nothingKnown: Known = { eyes: [], learnt: new Map() }

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
export interface LearningQuestion {
  readonly record: LearningRecord
  readonly eyes: readonly Eye[]
  readonly on: string
}

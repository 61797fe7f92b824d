import type { EntryDto } from '@spudder/contract/entry'
import type { Context } from '@spudder/core/plant'
import {
  judgeRegreening,
  responseFor,
  type Judgement,
  type Response,
  type SeenGreenness,
} from '@spudder/core/regreening'

/** How a treatment is doing, with what it is measured against. */
export interface TreatmentJudgement {
  readonly judgement: Judgement
  readonly response: Response
  readonly before: SeenGreenness
  readonly entry: EntryDto
}

/**
 * Judges the last treatment of a case by the colour seen since; undefined where nothing was
 * applied, or nobody looked before it.
 */
export function judgementOf(
  entries: readonly EntryDto[],
  seen: readonly SeenGreenness[],
  context: Context,
): TreatmentJudgement | undefined {
  const entry = entries.at(-1)
  if (!entry) return undefined
  const inOrder = seen.toSorted((a, b) => a.day.localeCompare(b.day))
  const before = inOrder.findLast(({ day }) => day <= entry.happenedOn) ?? inOrder[0]
  if (!before) return undefined
  const response = responseFor(entry.route, entry.sourceId, context)
  const judgement = judgeRegreening({ response, appliedOn: entry.happenedOn, before, seen: inOrder })
  return { judgement, response, before, entry }
}

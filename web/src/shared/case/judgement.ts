import type { EntryDto } from '@spudder/contract/entry'
import { judgeRegreening, type Judgement } from '@spudder/core/outcome/regreening'
import type { Response } from '@spudder/core/material/source'
import type { SeenGreenness } from '@spudder/core/seen/colour'
import type { SeenColour } from '../ribbon/seen-colour.ts'

/** How a treatment is doing, with what it is measured against. */
export interface TreatmentJudgement {
  readonly judgement: Judgement
  readonly response: Response
  readonly before: SeenGreenness
  readonly entry: EntryDto
  /** Colours of the strip that got none, since the treatment. */
  readonly untreated: readonly SeenGreenness[]
}

/**
 * Judges the last treatment of a case by the colour seen since, in the scale looked by last;
 * undefined where nothing was applied, or nobody looked.
 * @param seen in the order of days
 * @param expected how leaves are expected to answer what an entry put out
 */
export function judgementOf(
  entries: readonly EntryDto[],
  seen: readonly SeenColour[],
  expected: (entry: EntryDto) => Response,
  untreated: readonly SeenGreenness[] = [],
): TreatmentJudgement | undefined {
  const entry = entries.at(-1)
  const last = seen.at(-1)
  if (!entry || !last) return undefined
  const before = seen.findLast(({ day }) => day <= entry.happenedOn) ?? seen[0] ?? last
  const response = expected(entry)
  const judgement = judgeRegreening({
    response,
    appliedOn: entry.happenedOn,
    before,
    scale: last.kind,
    seen,
    untreated,
  })
  return { judgement, response, before, entry, untreated }
}

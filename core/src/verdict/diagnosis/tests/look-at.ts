import { addDays } from '../../../base/calendar/index.ts'
import type { Findings } from '../../../seen/finding/index.ts'
import { plantsOf, type Context } from '../../../stand/plant/index.ts'
import type { Reading } from '../../../seen/reading/index.ts'
import { diagnose, type DiagnosisInput, type StoryEventKind, type Verdict } from '../index.ts'

export const lookDay = '2026-06-15'

/** A laboratory reading some days before the look. */
export const readBefore = (
  daysBefore: number,
  reading: Pick<Reading, 'kind' | 'value'> & Partial<Reading>,
): Reading => ({ method: 'laboratory', takenOn: addDays(lookDay, -daysBefore), ...reading })

interface Looked {
  readonly plantId?: string
  readonly readings?: readonly Reading[]
  readonly events?: readonly (readonly [StoryEventKind, daysBefore: number])[]
  readonly corrections?: DiagnosisInput['pHHistory']['corrections']
  readonly school?: DiagnosisInput['school']
}

/** The verdict of a look on the test day. */
export function lookAt(context: Context, findings: Findings, looked: Looked = {}): Verdict {
  const { readings = [], events = [], corrections = [], school } = looked
  return diagnose({
    context,
    plantId: looked.plantId ?? plantsOf(context)[0]?.id ?? '',
    lookedOn: lookDay,
    findings,
    pHHistory: { readings, corrections },
    events: events.map(([kind, daysBefore]) => ({
      kind,
      happenedOn: addDays(lookDay, -daysBefore),
    })),
    school,
  })
}

/** How likely a cause takes part. */
export const shareOf = (verdict: Verdict, causeId: string): number =>
  verdict.involved.find(({ cause }) => cause.id === causeId)?.probability ?? 0

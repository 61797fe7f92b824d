import { addDays } from '../../../base/calendar/index.ts'
import type { PHCorrection, Reading, ReadingKind } from '../../../seen/reading/index.ts'
import { diagnose, type Verdict } from '../index.ts'
import type { WrittenCase } from './written-case.ts'

const usualDay = '2026-06-15'
/** Readings of a written case are three weeks old. */
const readDaysBefore = 21

/** The verdict on a written case. A correction told in one went from pH 8 to 6.5. */
export function diagnoseCase(written: WrittenCase): Verdict {
  const { context, plantId, findings, events, when } = written
  const lookedOn = when?.lookedOn ?? usualDay
  const readings = Object.entries(written.readings).map(([kind, value]): Reading => ({
    kind: kind as ReadingKind,
    value,
    method: 'laboratory',
    takenOn: addDays(lookedOn, -readDaysBefore),
  }))
  const corrections = events
    .filter(([kind]) => kind === 'pH-corrected')
    .map(([, daysBefore]): PHCorrection => ({
      onDay: addDays(lookedOn, -daysBefore),
      fromPH: 8,
      toPH: 6.5,
    }))
  return diagnose({
    context,
    plantId,
    lookedOn,
    latitude: when?.latitude,
    findings,
    pHHistory: { readings, corrections },
    events: events.map(([kind, daysBefore]) => ({
      kind,
      happenedOn: addDays(lookedOn, -daysBefore),
    })),
  })
}

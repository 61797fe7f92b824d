import { daysBetween, type Day } from '../calendar/index.ts'
import { doubtOf, type Reading } from './reading.ts'

/** A correction that moved pH at one stroke: acid into a tank, lime or acid onto the ground. */
export interface PHCorrection {
  readonly onDay: Day
  readonly fromPH: number
  readonly toPH: number
}

/** What is known of pH through time. */
export interface PHHistory {
  readonly readings: readonly Reading[]
  readonly corrections: readonly PHCorrection[]
}

interface PHPoint {
  readonly day: Day
  readonly pH: number
  readonly doubt: number
}

/** Doubt of a pH remembered at a correction rather than measured; as a colour vial. */
const rememberedDoubt = 0.3
/** How much doubt a day between a reading and the day in question adds; half a unit in 200 days. */
const doubtPerDay = 0.0025

function knownPoints(history: PHHistory): readonly PHPoint[] {
  const measured = history.readings
    .filter((reading) => reading.kind === 'pH')
    .map((reading) => ({ day: reading.takenOn, pH: reading.value, doubt: doubtOf(reading) }))
  return measured.toSorted((a, b) => a.day.localeCompare(b.day))
}

/** The points a correction cuts off: what holds on one side of it says nothing of the other. */
function onSameSide(point: Day, day: Day, corrections: readonly PHCorrection[]): boolean {
  return corrections.every(({ onDay }) => point < onDay === day < onDay)
}

/**
 * pH on one day: read between the readings on the same side of every correction, else what was
 * said at the nearest correction; undefined where nothing is known.
 * @returns pH with one standard deviation, growing with the days to the nearest reading
 */
export function pHOn(day: Day, history: PHHistory): { pH: number; doubt: number } | undefined {
  const points = knownPoints(history).filter((p) => onSameSide(p.day, day, history.corrections))
  const before = points.findLast((point) => point.day <= day)
  const after = points.find((point) => point.day > day)
  const aged = (point: PHPoint) => ({
    pH: point.pH,
    doubt: point.doubt + doubtPerDay * Math.abs(daysBetween(point.day, day)),
  })
  if (before && after) {
    const share = daysBetween(before.day, day) / daysBetween(before.day, after.day)
    return {
      pH: before.pH + (after.pH - before.pH) * share,
      doubt: Math.min(aged(before).doubt, aged(after).doubt),
    }
  }
  const nearest = before ?? after
  if (nearest) return aged(nearest)
  const corrections = history.corrections.toSorted((a, b) => a.onDay.localeCompare(b.onDay))
  const next = corrections.find(({ onDay }) => day < onDay)
  if (next) return { pH: next.fromPH, doubt: rememberedDoubt }
  const last = corrections.at(-1)
  return last && { pH: last.toPH, doubt: rememberedDoubt }
}

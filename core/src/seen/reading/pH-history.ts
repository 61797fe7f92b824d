import { contradictFrom } from './data/contradicting.ts'
import { group } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { pHDoubtPerDay, rememberedPHDoubt } from './data/exposure.ts'
import { doubtOf, waterPH, type Reading } from './reading.ts'

/** A correction that moved pH at one stroke: acid into a tank, lime or acid onto the ground. */
export interface PHCorrection {
  readonly onDay: Day
  readonly fromPH: number
  readonly toPH: number
}

/** Something that moved pH by nobody knows how much: lime, acid, another pot. */
export interface PHDisturbance {
  readonly onDay: Day
  /** By how much what was measured before it is less sure after it, and the other way round. */
  readonly doubt: number
}

/** What is known of pH through time. */
export interface PHHistory {
  readonly readings: readonly Reading[]
  readonly corrections: readonly PHCorrection[]
  readonly disturbances?: readonly PHDisturbance[]
}

interface PHPoint {
  readonly day: Day
  readonly pH: number
  readonly doubt: number
}

/** Half of what readings of a day lie apart, where they contradict each other; else nothing. */
function apart(readings: readonly Reading[]): number {
  const values = readings.map(waterPH)
  const spread = Math.max(...values) - Math.min(...values)
  return spread > contradictFrom.value * Math.hypot(...readings.map(doubtOf)) ? spread / 2 : 0
}

/**
 * The pH of one day: several readings of it pooled by their doubt, no surer than the best, and as
 * doubtful as they contradict each other.
 */
function pooled(day: Day, readings: readonly Reading[]): PHPoint {
  const weights = readings.map((reading) => 1 / doubtOf(reading) ** 2)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const pH = readings.reduce(
    (sum, reading, index) => sum + (waterPH(reading) * (weights[index] ?? 0)) / total,
    0,
  )
  return { day, pH, doubt: Math.max(Math.min(...readings.map(doubtOf)), apart(readings)) }
}

/** A healthy patch and the water supply say nothing of the pH at the sick roots. */
export const isOfTheSick = ({ kind, place }: Reading): boolean =>
  kind === 'pH' && place !== 'healthy' && place !== 'supply'

function knownPoints(history: PHHistory): readonly PHPoint[] {
  const byDay = group(history.readings.filter(isOfTheSick), ({ takenOn }) => takenOn)
  return [...byDay]
    .map(([day, readings]) => pooled(day, readings))
    .toSorted((a, b) => a.day.localeCompare(b.day))
}

/** The points a correction cuts off: what holds on one side of it says nothing of the other. */
function onSameSide(point: Day, day: Day, corrections: readonly PHCorrection[]): boolean {
  return corrections.every(({ onDay }) => point < onDay === day < onDay)
}

/** pH with one standard deviation. */
export interface KnownPH {
  readonly pH: number
  readonly doubt: number
}

type Aged = (point: PHPoint, day: Day) => KnownPH

/** A point seen from another day: less sure with every day, and with what moved pH in between. */
const agedBy =
  (disturbances: readonly PHDisturbance[]): Aged =>
  (point, day) => ({
    pH: point.pH,
    doubt:
      point.doubt +
      pHDoubtPerDay.value * Math.abs(daysBetween(point.day, day)) +
      disturbances
        .filter(({ onDay }) => point.day < onDay !== day < onDay)
        .reduce((sum, { doubt }) => sum + doubt, 0),
  })

function between(before: PHPoint, after: PHPoint, day: Day, aged: Aged): KnownPH {
  const share = daysBetween(before.day, day) / daysBetween(before.day, after.day)
  return {
    pH: before.pH + (after.pH - before.pH) * share,
    doubt: Math.min(aged(before, day).doubt, aged(after, day).doubt),
  }
}

/**
 * Puts a history in order once, to be asked for many days.
 * @returns pH on a day: read between the readings on the same side of every correction, else what
 * was said at the nearest correction; undefined where nothing is known. Its doubt grows with the
 * days to the nearest reading, and by what moved pH between it and the day.
 */
export function pHReader(history: PHHistory): (day: Day) => KnownPH | undefined {
  const points = knownPoints(history)
  const aged = agedBy(history.disturbances ?? [])
  const corrections = history.corrections.toSorted((a, b) => a.onDay.localeCompare(b.onDay))
  return (day) => {
    const near = points.filter((point) => onSameSide(point.day, day, corrections))
    const before = near.findLast((point) => point.day <= day)
    const after = near.find((point) => point.day > day)
    if (before && after) return between(before, after, day, aged)
    const nearest = before ?? after
    if (nearest) return aged(nearest, day)
    const next = corrections.find(({ onDay }) => day < onDay)
    if (next) return { pH: next.fromPH, doubt: rememberedPHDoubt.value }
    const last = corrections.at(-1)
    return last && { pH: last.toPH, doubt: rememberedPHDoubt.value }
  }
}

/** pH on one day; see {@link pHReader}. */
export function pHOn(day: Day, history: PHHistory): KnownPH | undefined {
  return pHReader(history)(day)
}

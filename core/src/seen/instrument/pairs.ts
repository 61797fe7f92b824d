import { group } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { contexts, type Context } from '../../stand/plant/index.ts'
import { isColourKind } from '../colour/index.ts'
import { doubtOf, readingKinds, waterPH, type Reading } from '../reading/index.ts'
import { anotherSample, besideDays } from './data/instrument-figures.ts'

/** A reading as the record keeps it, with what it was read by. */
export interface KeptMeasure extends Reading {
  readonly readingId: string
  readonly standId: string
  /** Name of kit, meter or laboratory; empty where none was named. */
  readonly instrument: string
}

/** A reading of a kit or meter beside one of a laboratory of the same thing. */
export interface Pair {
  readonly read: KeptMeasure
  readonly laboratory: KeptMeasure
  /** How far it was above the laboratory, in doubts that are usual for such a reading [1]. */
  readonly above: number
  /** One deviation of that by the laboratory's own doubt, and by its being another sample [1]. */
  readonly deviation: number
}

/** A value that can be set beside others of its kind: pH as in water. */
const comparedValue = (reading: Pick<Reading, 'kind' | 'value' | 'preparation'>): number =>
  reading.kind === 'pH' ? waterPH(reading) : reading.value

/** The doubt that is usual for a reading of its kind and method, whatever was said of this one. */
export const usualDoubtOf = ({
  kind,
  value,
  method,
}: Pick<Reading, 'kind' | 'value' | 'method'>): number => doubtOf({ kind, value, method })

const isLaboratory = ({ method }: Pick<Reading, 'method'>): boolean => method === 'laboratory'

/** A stand on which something was measured. */
export interface MeasuredStand {
  readonly id: string
  readonly context: Context
}

/** What a solution holds changes from day to day; what ground and well hold does not. */
const borneDays = (kind: Reading['kind'], context: Context): number =>
  readingKinds[kind].isSteady && !contexts[context].routes.some((route) => route === 'solution')
    ? besideDays.value
    : 0

function pairOf(read: KeptMeasure, laboratory: KeptMeasure): Pair {
  const unit = usualDoubtOf({ ...read, value: laboratory.value })
  const ofSample = read.takenOn === laboratory.takenOn ? 0 : anotherSample.value
  return {
    read,
    laboratory,
    above: (comparedValue(read) - comparedValue(laboratory)) / unit,
    deviation: Math.hypot(doubtOf(laboratory) / unit, ofSample),
  }
}

const keyOf = ({ standId, kind, place }: KeptMeasure): string =>
  [standId, kind, place ?? 'whole'].join('|')

/**
 * Every reading of a kit or a meter with the nearest of a laboratory at the same spot of a stand: within a
 * week in the ground and at the well, on the same day in a solution. Colours are no part of it: they are
 * rated, and eyes are measured otherwise.
 * @throws {CoreError} group-unknown for a reading of a stand that is not there
 */
export function pairsIn(
  measures: readonly KeptMeasure[],
  stands: readonly MeasuredStand[],
): readonly Pair[] {
  const contextOf = new Map(stands.map(({ id, context }) => [id, context]))
  const alike = group(
    measures.filter(({ kind }) => !isColourKind(kind)),
    keyOf,
  )
  return [...alike.values()].flatMap((own) => {
    const laboratories = own.filter(isLaboratory)
    const [first] = laboratories
    if (!first) return []
    const context = contextOf.get(first.standId)
    if (!context) {
      throw new CoreError('group-unknown', { parameter: 'stands', received: first.standId })
    }
    return own.flatMap((read): Pair[] => {
      if (isLaboratory(read)) return []
      const apart = ({ takenOn }: KeptMeasure) => Math.abs(daysBetween(read.takenOn, takenOn))
      const nearest = laboratories.reduce((best, each) => (apart(each) < apart(best) ? each : best))
      const isBeside = apart(nearest) <= borneDays(read.kind, context)
      return isBeside ? [pairOf(read, nearest)] : []
    })
  })
}

/** Readings that may have one of a laboratory beside them, or are it: the others teach nothing. */
export function comparedMeasures<Kept extends Omit<KeptMeasure, 'readingId'>>(
  measures: readonly Kept[],
): readonly Kept[] {
  const hasBoth = (rows: readonly Kept[]) => rows.some(isLaboratory) && !rows.every(isLaboratory)
  return [
    ...group(
      measures.filter(({ kind }) => !isColourKind(kind)),
      ({ standId, kind }) => `${standId}|${kind}`,
    ).values(),
  ]
    .filter(hasBoth)
    .flat()
}

/** How long ago a pair was read by a day [d]. */
export const ageOf = ({ read }: Pair, on: Day): number => daysBetween(read.takenOn, on)

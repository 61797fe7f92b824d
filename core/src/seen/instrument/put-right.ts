import { learntOf, type Estimate } from '../../base/statistics/index.ts'
import { readingKinds, type Reading } from '../reading/index.ts'
import type { MeasuringWay } from './learn-instruments.ts'
import { usualDoubtOf } from './pairs.ts'

/** A reading with what it was read by. */
export type ReadBy = Pick<Reading, 'kind' | 'value' | 'method' | 'doubt'> & {
  readonly instrument?: string | undefined
}

/** What is learnt of how a reading was taken; undefined where nothing of it was ever compared. */
export const wayOf = (
  ways: readonly MeasuringWay[],
  { kind, method }: Pick<ReadBy, 'kind' | 'method'>,
): MeasuringWay | undefined => ways.find((way) => way.kind === kind && way.method === method)

/**
 * How far a reading is expected to lie above a laboratory's, with one deviation of the reading about that.
 * @returns [unit of the kind]
 */
export function aboveOf(way: MeasuringWay, reading: ReadBy): Estimate {
  const unit = usualDoubtOf(reading)
  const { next } = learntOf(way.above, reading.instrument ?? '')
  return { mean: next.mean * unit, deviation: next.deviation * unit }
}

/**
 * A reading as a laboratory would have given it, with the doubt that its instrument showed; a doubt that was
 * given with it stays. As it came where no such reading was ever compared.
 * @returns value within what its kind can have [unit of the kind]
 */
export function readRight<Of extends ReadBy>(ways: readonly MeasuringWay[], reading: Of): Of {
  const way = wayOf(ways, reading)
  if (!way) return reading
  const { min, max } = readingKinds[reading.kind]
  const { mean, deviation } = aboveOf(way, reading)
  return {
    ...reading,
    value: Math.min(max, Math.max(min, reading.value - mean)),
    doubt: reading.doubt ?? deviation,
  }
}

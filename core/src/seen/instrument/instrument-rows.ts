import { group, median } from 'd3-array'
import type { Estimate } from '../../base/statistics/index.ts'
import { fewestPairs } from './data/instrument-figures.ts'
import type { MeasuringWay } from './learn-instruments.ts'
import { usualDoubtOf, type Pair } from './pairs.ts'
import { aboveOf } from './put-right.ts'

/** One instrument of a way to measure: what is usual, what it showed, what is expected of it. */
export interface InstrumentRow {
  readonly way: MeasuringWay
  /** Its name; empty for those that nobody named. */
  readonly instrument: string
  readonly pairs: readonly Pair[]
  /** The reading of which it is said, in the middle of its readings [unit of the kind]. */
  readonly at: number
  /** One deviation of any such reading [unit of the kind]. */
  readonly usualDoubt: number
  /** How far it read above the laboratory on the mean, by itself [unit of the kind]. */
  readonly seen: number
  /** How far its next reading is expected to lie above a laboratory's [unit of the kind]. */
  readonly here: Estimate
  readonly knowsTooLittle: boolean
}

function rowOf(way: MeasuringWay, instrument: string, pairs: readonly Pair[]): InstrumentRow {
  const at = median(pairs, ({ read }) => read.value) ?? NaN
  const { kind, method } = way
  const reading = { kind, method, value: at, instrument }
  const usualDoubt = usualDoubtOf(reading)
  const mean = pairs.reduce((sum, { above }) => sum + above, 0) / pairs.length
  return {
    way,
    instrument,
    pairs,
    at,
    usualDoubt,
    seen: mean * usualDoubt,
    here: aboveOf(way, reading),
    knowsTooLittle: pairs.length < fewestPairs.value,
  }
}

/**
 * What each instrument of a place showed, beside what is usual and what is expected of it.
 * @returns most pairs first
 */
export const instrumentRows = (ways: readonly MeasuringWay[]): readonly InstrumentRow[] =>
  ways
    .flatMap((way) =>
      [...group(way.pairs, ({ read }) => read.instrument)].map(([instrument, pairs]) =>
        rowOf(way, instrument, pairs),
      ),
    )
    .toSorted((a, b) => b.pairs.length - a.pairs.length)

import { group } from 'd3-array'
import type { Day } from '../../base/calendar/index.ts'
import { learnMean, type LearntMean } from '../../base/statistics/index.ts'
import type { ReadingKind, ReadingMethod } from '../reading/index.ts'
import {
  betweenInstruments,
  betweenKinds,
  halfForgotten,
  scalesWorth,
} from './data/instrument-figures.ts'
import { ageOf, pairsIn, type KeptMeasure, type MeasuredStand, type Pair } from './pairs.ts'

/** One way to measure one thing at a place, by what its readings said beside a laboratory. */
export interface MeasuringWay {
  readonly kind: ReadingKind
  readonly method: ReadingMethod
  readonly pairs: readonly Pair[]
  /** How far it reads above the laboratory, in doubts that are usual for it; by the name of the instrument [1]. */
  readonly above: LearntMean
}

/**
 * What is thought of how far readings lie above the truth before any was compared: nothing on the whole, and
 * as far off as is usual for their method, shared out between the method, the instrument and the reading.
 */
const thoughtBefore = {
  mean: 0,
  deviation: Math.sqrt(betweenKinds.value),
  groupScale: Math.sqrt(betweenInstruments.value),
  timeScale: Math.sqrt(1 - betweenKinds.value - betweenInstruments.value),
  scalesWorth: scalesWorth.value,
  halfLife: halfForgotten.value,
}

/**
 * Learns how far the kits and meters of a place read above a laboratory, kind of reading and method by
 * kind and method, and each instrument by its name; drawn to what is usual as far as that is surer.
 * @param measures of one place
 * @param on the day on which it is asked; what came later does not count
 * @returns those of which something was compared, most pairs first
 * @throws {CoreError} group-unknown for a reading of a stand that is not there
 * @source a hierarchical normal model, as {@link learnMean}
 */
export function learnInstruments(
  measures: readonly KeptMeasure[],
  stands: readonly MeasuredStand[],
  on: Day,
): readonly MeasuringWay[] {
  const known = measures.filter(({ takenOn }) => takenOn <= on)
  const ways = group(pairsIn(known, stands), ({ read }) => `${read.kind}|${read.method}`)
  return [...ways.values()]
    .flatMap((pairs): MeasuringWay[] => {
      const [first] = pairs
      if (!first) return []
      const seen = pairs.map((pair) => ({
        group: pair.read.instrument,
        value: pair.above,
        deviation: pair.deviation,
        age: ageOf(pair, on),
      }))
      const { kind, method } = first.read
      return [{ kind, method, pairs, above: learnMean(seen, thoughtBefore) }]
    })
    .toSorted((a, b) => b.pairs.length - a.pairs.length)
}

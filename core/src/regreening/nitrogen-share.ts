import type { FigureRange } from '../reference/index.ts'
import { nitrogenCourse, nitrogenGain } from './data/nitrogen.ts'

/** Nitrogen put down near a treatment. */
export interface NitrogenGiven {
  /** Days after the treatment; below 0 before it. */
  readonly days: number
  readonly kgPerHa: number
}

/** How far nitrogen put down some days ago greens now, 0 to 1. */
function actingShare(daysSince: number): number {
  const { lag, full, fades } = nitrogenCourse
  if (daysSince <= lag) return 0
  const rise = Math.min(1, (daysSince - lag) / (full - lag))
  return rise * Math.min(1, Math.max(0, 1 - (daysSince - fades) / fades))
}

/** Greenness that the nitrogen may have brought since the treatment. */
function nitrogenGainOn(day: number, given: readonly NitrogenGiven[]): FigureRange {
  const acting = given.reduce(
    (sum, { days, kgPerHa }) =>
      sum + kgPerHa * (actingShare(day - days) - actingShare(Math.max(0, -days))),
    0,
  )
  const { low, usual, high } = nitrogenGain
  const scaled = (each: number) => Math.max(0, each * acting)
  return { low: scaled(low), usual: scaled(usual), high: scaled(high) }
}

/**
 * Share of a gain that iron can claim, once nitrogen has had its part; undefined where nothing was
 * gained. A strip with the iron and without the nitrogen settles it.
 */
export function ironShare(
  gain: number,
  day: number,
  given: readonly NitrogenGiven[],
): FigureRange | undefined {
  if (gain <= 0) return undefined
  const nitrogen = nitrogenGainOn(day, given)
  const left = (taken: number) => Math.max(0, Math.min(1, 1 - taken / gain))
  return { low: left(nitrogen.high), usual: left(nitrogen.usual), high: left(nitrogen.low) }
}

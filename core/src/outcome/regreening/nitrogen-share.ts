import { tenthDeviation, type FigureRange } from '../../base/reference/index.ts'
import { spotDoubt } from './data/chances.ts'
import { nitrogenRecovery, nitrogenGain } from './data/nitrogen.ts'
import type { SeenGreenness } from '../../seen/colour/index.ts'
import { gainsSeen, nearestLook, type SeenGain, type Watched } from './weigh-recoveries.ts'

/** Nitrogen put down near a treatment. */
export interface NitrogenGiven {
  /** Days after the treatment; below 0 before it. */
  readonly days: number
  readonly kgPerHa: number
}

/** How far nitrogen put down some days ago greens now, 0 to 1. */
function actingShare(daysSince: number): number {
  const { lag, full, fades } = nitrogenRecovery
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
 * gained. A strip with the iron and without the nitrogen settles it: `ironShareByStrip`.
 * @param gain of greenness, 0 to 1 [1]
 * @param day after the treatment on which it was seen [d]
 * @source data/nitrogen.ts
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

/** The gain of a strip seen at the same look as another, and measured alike. */
function besideOf(look: SeenGain, strip: readonly SeenGain[]): SeenGain | undefined {
  const alike = strip.filter(({ isAgainstStrip }) => isAgainstStrip === look.isAgainstStrip)
  return nearestLook(alike, ({ days }) => Math.abs(days - look.days))
}

/**
 * Share of the gain that iron can claim, as a strip shows that got the iron and no nitrogen: what
 * the stand is greener than it, nitrogen brought. The newest look at which both were looked at
 * counts; the range is the middle 80 of 100.
 * @param strip colours of that strip, in any order
 * @returns undefined where they were never looked at together, or nothing was gained
 */
export function ironShareByStrip(
  watched: Watched,
  strip: readonly SeenGreenness[],
): (FigureRange & { readonly days: number }) | undefined {
  const bare = gainsSeen({ ...watched, seen: strip })
  const look = gainsSeen(watched).findLast((each) => besideOf(each, bare) !== undefined)
  const beside = look && besideOf(look, bare)
  if (!look || !beside || look.gain <= 0) return undefined
  const share = beside.gain / look.gain
  const doubt = Math.hypot(beside.doubt, spotDoubt.value, share * look.doubt) / look.gain
  const bounded = (deviations: number) => Math.max(0, Math.min(1, share + deviations * doubt))
  return {
    low: bounded(-tenthDeviation),
    usual: bounded(0),
    high: bounded(tenthDeviation),
    days: look.days,
  }
}

import type { FigureRange } from '../../base/reference/index.ts'
import { closes, closesWhite, showsFor, whiteBelow } from './data/recovery.ts'
import { healthyGreenness } from '../../seen/colour/index.ts'
import type { Response } from '../../material/source/index.ts'

/** Rise from 0 to 1 without a kink at either end. */
const smoothRise = (share: number): number => {
  const x = Math.min(1, Math.max(0, share))
  return x * x * (3 - 2 * x)
}

/** One definite recovery: days to the first change, to full colour and to fading, and the gain. */
export interface Recovery {
  readonly lag: number
  readonly full: number
  readonly fade: number
  readonly gain: number
}

/** Gain of greenness some days after a treatment that recovers in one definite way. */
export function gainAt(days: number, { lag, full, fade, gain }: Recovery): number {
  if (days <= lag) return 0
  const rise = smoothRise((days - lag) / (full - lag))
  // It fades about as long as it lasted, as new leaves outgrow the treated ones.
  const fall = smoothRise((days - fade) / fade)
  return gain * rise * (1 - fall)
}

export const middle = (range: { low: number; high: number }): number => (range.low + range.high) / 2

/** A share of what there is to gain, where leaves gain more or less than usual; no more than all of it. */
const timesShare = ({ low, usual, high }: FigureRange, times: number): FigureRange => ({
  low: Math.min(1, low * times),
  usual: Math.min(1, usual * times),
  high: Math.min(1, high * times),
})

/** What there is to gain, and the share of it that a treatment closes. */
export function gapBefore(
  before: number,
  { taught }: Pick<Response, 'taught'>,
): { readonly gap: number; readonly share: FigureRange } {
  return {
    gap: Math.max(0, healthyGreenness.value - before),
    share: timesShare(before < whiteBelow.value ? closesWhite : closes, taught?.times ?? 1),
  }
}

/**
 * Expected gain of greenness some days after a treatment: least, usual and most.
 * @param before greenness at the treatment, 0 to 1
 * @param days since the treatment [d]; 0 gain before it
 */
export function expectedGain(response: Response, before: number, days: number): FigureRange {
  const { gap, share } = gapBefore(before, response)
  const { firstChange, full, fades } = response
  const recoveries = [
    { lag: firstChange.low, full: full.low, fade: fades.high, gain: gap * share.high },
    { lag: firstChange.low, full: full.low, fade: fades.low, gain: gap * share.high },
    { lag: firstChange.high, full: full.high, fade: fades.high, gain: gap * share.low },
    { lag: firstChange.high, full: full.high, fade: fades.low, gain: gap * share.low },
  ].map((recovery) => gainAt(days, recovery))
  const usual = gainAt(days, {
    lag: middle(firstChange),
    full: middle(full),
    fade: middle(fades),
    gain: gap * share.usual,
  })
  return { low: Math.min(usual, ...recoveries), usual, high: Math.max(usual, ...recoveries) }
}

/** Days after which nothing is left of what a treatment gained [d]. */
export const fadesWithin = ({ fades }: Pick<Response, 'fades'>): number =>
  Math.round(showsFor.value * fades.high)

import type { SourceId } from '../source/index.ts'
import { CoreError } from '../error/index.ts'
import type { Context, Route } from '../plant/index.ts'
import type { FigureRange } from '../reference/index.ts'
import { closes, closesWhite, whiteBelow } from './data/course.ts'
import { healthyGreenness } from './data/greenness-scales.ts'
import { responseRules, type Response } from './data/responses.ts'

/**
 * How leaf colour is expected to answer a source by a route in a context.
 * @throws {CoreError} not-applicable where nothing is known of it
 */
export function responseFor(route: Route, sourceId: SourceId, context: Context): Response {
  const rule = responseRules.find(
    (each) =>
      each.route === route &&
      (each.sourceIds?.includes(sourceId) ?? true) &&
      (each.contexts?.includes(context) ?? true),
  )
  if (!rule) {
    throw new CoreError('not-applicable', {
      parameter: 'route',
      expected: 'a route with a known response',
      received: route,
    })
  }
  return rule.response
}

/** Rise from 0 to 1 without a kink at either end. */
const smoothRise = (share: number): number => {
  const x = Math.min(1, Math.max(0, share))
  return x * x * (3 - 2 * x)
}

/** One definite course: days to the first change, to full colour and to fading, and the gain. */
export interface Course {
  readonly lag: number
  readonly full: number
  readonly fade: number
  readonly gain: number
}

/** Gain of greenness some days after a treatment that takes one definite course. */
export function gainAt(days: number, { lag, full, fade, gain }: Course): number {
  if (days <= lag) return 0
  const rise = smoothRise((days - lag) / (full - lag))
  // It fades about as long as it lasted, as new leaves outgrow the treated ones.
  const fall = smoothRise((days - fade) / fade)
  return gain * rise * (1 - fall)
}

export const middle = (range: { low: number; high: number }): number => (range.low + range.high) / 2

/** What there is to gain, and the share of it that a treatment closes. */
export function gapBefore(before: number): { readonly gap: number; readonly share: FigureRange } {
  return {
    gap: Math.max(0, healthyGreenness.value - before),
    share: before < whiteBelow.value ? closesWhite : closes,
  }
}

/**
 * Expected gain of greenness some days after a treatment: least, usual and most.
 * @param before greenness at the treatment, 0 to 1
 * @param days since the treatment [d]; 0 gain before it
 */
export function expectedGain(response: Response, before: number, days: number): FigureRange {
  const { gap, share } = gapBefore(before)
  const { firstChange, full, fades } = response
  const courses = [
    { lag: firstChange.low, full: full.low, fade: fades.high, gain: gap * share.high },
    { lag: firstChange.low, full: full.low, fade: fades.low, gain: gap * share.high },
    { lag: firstChange.high, full: full.high, fade: fades.high, gain: gap * share.low },
    { lag: firstChange.high, full: full.high, fade: fades.low, gain: gap * share.low },
  ].map((course) => gainAt(days, course))
  const usual = gainAt(days, {
    lag: middle(firstChange),
    full: middle(full),
    fade: middle(fades),
    gain: gap * share.usual,
  })
  return { low: Math.min(usual, ...courses), usual, high: Math.max(usual, ...courses) }
}

import { curveDeviation, deviationsFor, fitCurve } from '../../base/statistics/index.ts'
import { tenthDeviation, type FigureRange } from '../../base/reference/index.ts'
import type { Response } from '../../material/source/index.ts'
import type { Greenness } from '../../seen/colour/index.ts'
import { gapBefore, gainAt, middle } from './recovery.ts'
import type { SeenGain } from './weigh-recoveries.ts'

/** A fitted quantity with the middle 80 of 100 of its chances. */
export interface FittedRecovery {
  /** Days to the first change, to full colour and to fading. */
  readonly lag: FigureRange
  readonly full: FigureRange
  readonly fade: FigureRange
  /** Gain at full colour, in greenness. */
  readonly gain: FigureRange
  /** The curve: gain on a day, with its band. */
  readonly at: (days: number) => FigureRange
}

const share = 0.8

/** Deviation of a range whose ends hold the middle 80 of 100. */
const deviationOf = ({ low, high }: { low: number; high: number }): number =>
  Math.max(0.25, (high - low) / 2 / tenthDeviation)

/** lag, rise, fade and gain, the rise being the days from the first change to full colour. */
const model = (
  [lag = 0, rise = 1, fade = 1, gain = 0]: readonly number[],
  days: number,
): number => {
  const safe = Math.max(0.5, rise)
  return gainAt(days, { lag, full: lag + safe, fade: Math.max(1, fade), gain })
}

/**
 * The recovery that fits the gains seen, bent towards what is usual for the treatment: one look moves
 * it a little, many decide it.
 */
export function fitRecovery(
  response: Response,
  before: Greenness,
  gains: readonly SeenGain[],
): FittedRecovery {
  const { gap, share: closes } = gapBefore(before.greenness, response)
  const { firstChange, full, fades } = response
  const spans = { low: full.low - firstChange.low, high: full.high - firstChange.high }
  const prior = [
    { mean: middle(firstChange), deviation: deviationOf(firstChange) },
    { mean: middle(spans), deviation: Math.max(1, deviationOf(spans)) },
    { mean: middle(fades), deviation: deviationOf(fades) },
    { mean: gap * closes.usual, deviation: Math.max(0.05, gap * deviationOf(closes) * 1.6) },
  ]
  const fit = fitCurve({
    model,
    x: gains.map(({ days }) => days),
    y: gains.map(({ gain }) => gain),
    doubts: gains.map(({ doubt }) => Math.hypot(doubt, before.doubt)),
    start: prior.map(({ mean }) => mean),
    prior,
  })
  const out = deviationsFor(share, Math.max(1, fit.degreesOfFreedom + 1))
  const range = (value: number, deviation: number): FigureRange => ({
    low: value - out * deviation,
    usual: value,
    high: value + out * deviation,
  })
  const [lag = 0, rise = 1, fade = 1, gain = 0] = fit.parameters
  const [lagOff = 0, riseOff = 0, fadeOff = 0, gainOff = 0] = fit.deviations
  return {
    lag: range(lag, lagOff),
    full: range(lag + rise, Math.hypot(lagOff, riseOff)),
    fade: range(fade, fadeOff),
    gain: range(gain, gainOff),
    at: (days) => range(model(fit.parameters, days), curveDeviation(fit, model, days)),
  }
}

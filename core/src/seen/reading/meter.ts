import { typedNumber } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { Figure } from '../../base/reference/index.ts'

/** What a pH electrode gave in a buffer. */
export interface BufferReading {
  /** pH of the buffer, as printed on it. */
  readonly bufferPH: number
  readonly millivolts: number
}

/** A two-buffer calibration of a pH meter. */
export interface Calibration {
  /** Slope against the ideal [%]. */
  readonly slopePercent: number
  /** What the electrode gives at pH 7 [mV]. */
  readonly offsetMillivolts: number
  readonly isFit: boolean
  /** What to do where it is not fit. */
  readonly advice: string
}

/** What an ideal electrode gives for one pH at 25 °C: RT ln 10 / F [mV]. */
const idealMillivoltsPerPH: Figure = {
  value: ((8.314462618 * 298.15 * Math.LN10) / 96485.33212) * 1000,
  unit: 'mV',
  source: 'Nernst equation, CODATA constants, 25 °C',
  mark: 'D',
}
/** Slopes between which an electrode may be trusted [%]. */
export const fitSlope = { low: 92, high: 102, source: 'common practice', mark: 'C' } as const
/** An electrode farther off than this at pH 7 is spent or dirty [mV]. */
const fitOffset: Figure = { value: 30, unit: 'mV', source: 'common practice', mark: 'C' }

const millivoltBounds = { min: -600, max: 600, unit: 'mV' } as const
const bufferBounds = { min: 1, max: 13 } as const
/** Buffers nearer than this cannot give a slope. */
const leastApart = { min: 1.5, max: 12 } as const

/**
 * Calibrates a meter from two buffers.
 * @param first one buffer, usually pH 7
 * @param second another, usually pH 4 or 10
 * @throws {CoreError} out-of-range, not-a-number; out-of-range where the buffers are one
 * @source Nernst equation; slopes 92 to 102 % (common practice)
 */
export function calibrate(first: BufferReading, second: BufferReading): Calibration {
  for (const { bufferPH, millivolts } of [first, second]) {
    requireInRange('bufferPH', bufferPH, bufferBounds)
    requireInRange('millivolts', millivolts, millivoltBounds)
  }
  const apart = second.bufferPH - first.bufferPH
  requireInRange('the distance between the buffers', Math.abs(apart), leastApart)
  const perPH = (first.millivolts - second.millivolts) / apart
  const slopePercent = (perPH / idealMillivoltsPerPH.value) * 100
  const offsetMillivolts = first.millivolts + perPH * (first.bufferPH - 7)
  const isSlopeFit = slopePercent >= fitSlope.low && slopePercent <= fitSlope.high
  const isOffsetFit = Math.abs(offsetMillivolts) <= fitOffset.value
  return {
    slopePercent,
    offsetMillivolts,
    isFit: isSlopeFit && isOffsetFit,
    advice: adviceFor(isSlopeFit, isOffsetFit),
  }
}

function adviceFor(isSlopeFit: boolean, isOffsetFit: boolean): string {
  if (isSlopeFit && isOffsetFit) return 'Fit to measure with.'
  if (!isSlopeFit) {
    return `Slope outside ${typedNumber(fitSlope.low)} to ${typedNumber(fitSlope.high)} %: rinse, use fresh buffers and calibrate again; if it stays, clean or change the electrode.`
  }
  return `Off by more than ${typedNumber(fitOffset.value)} mV at pH 7: clean the electrode and soak it in storage solution, then calibrate again.`
}

/**
 * pH that a calibrated meter makes of what its electrode gives.
 * @param millivolts [mV]
 * @returns [pH]
 * @throws {CoreError} out-of-range, not-a-number
 * @source Nernst: 59.16 mV a pH at 25 °C, by the slope and offset of the calibration
 */
export function pHOfMillivolts(
  millivolts: number,
  { slopePercent, offsetMillivolts }: Pick<Calibration, 'slopePercent' | 'offsetMillivolts'>,
): number {
  requireInRange('millivolts', millivolts, millivoltBounds)
  return 7 - (millivolts - offsetMillivolts) / ((slopePercent / 100) * idealMillivoltsPerPH.value)
}

import { mean } from 'simple-statistics'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import { quantityOf, valueIn } from '../../base/quantity/index.ts'

const volumes = { min: 0.005, max: 2000, unit: 'L' }
const areas = { min: 1, max: 20000, unit: 'm²' }

/** The piece of an acre that makes ounces caught into gallons an acre [m²]: 340.3 ft². */
export const testAreaM2 = valueIn(quantityOf(1, 'acre'), 'm2') / 128

/**
 * How far one nozzle or one swath must go to cover 1/128 acre.
 * @param widthM what is covered at once: the spacing of nozzles, or the swath [m]
 * @returns [m]
 * @throws {CoreError} out-of-range
 * @source 1/128-acre method of US extension: 128 fl oz are a gallon
 */
export function testRunM(widthM: number): number {
  requireInRange('width', widthM, { min: 0.1, max: 30, unit: 'm' })
  return testAreaM2 / widthM
}

/**
 * Spray per ground from what was caught, or filled up again, over an area that was walked or driven.
 * @returns [L/m²]
 * @throws {CoreError} out-of-range
 * @source definition
 */
export function rateFromCatch(caughtL: number, areaM2: number): number {
  requireInRange('caught', caughtL, volumes)
  requireInRange('area', areaM2, areas)
  return caughtL / areaM2
}

/** One nozzle of a check. */
interface CheckedNozzle {
  readonly caughtL: number
  /** From the mean of all [1]; -0.12 is 12 % below. */
  readonly offMean: number
  readonly isOff: boolean
}

/** Nozzles of a boom caught for the same time. */
export interface NozzleCheck {
  readonly meanL: number
  readonly nozzles: readonly CheckedNozzle[]
}

/** A nozzle further than this from the mean is replaced. */
const mostOffMean = 0.1

/**
 * Compares what each nozzle gave in the same time.
 * @param caughtL one volume a nozzle, at least two [L]
 * @throws {CoreError} out-of-range, not-applicable
 * @source common practice: over 10 % off the mean is replaced
 */
export function checkNozzles(caughtL: readonly number[]): NozzleCheck {
  if (caughtL.length < 2) {
    throw new CoreError('too-few-nozzles', {
      parameter: 'caught',
      received: String(caughtL.length),
    })
  }
  for (const [index, value] of caughtL.entries()) {
    requireInRange(`nozzle ${index + 1}`, value, { min: 0, max: 50, unit: 'L' })
  }
  const meanL = mean([...caughtL])
  requireInRange('caught', meanL, { ...volumes, min: 1e-6 })
  return {
    meanL,
    nozzles: caughtL.map((value) => {
      const offMean = value / meanL - 1
      return { caughtL: value, offMean, isOff: Math.abs(offMean) > mostOffMean + 1e-12 }
    }),
  }
}

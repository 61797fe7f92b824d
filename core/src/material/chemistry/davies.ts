import { requireInRange } from '../../base/error/index.ts'
import { daviesA, measuredIonicStrength } from './data/soil-solids.ts'

/** The Davies equation is sound up to here; beyond it a figure would be a guess. */
const highestIonicStrengthM = 0.1

/**
 * Decimal logarithm of an activity coefficient.
 * @param charge of the ion
 * @param ionicStrengthM 0 to 0.1 [M]
 * @throws {CoreError} out-of-range
 * @source Davies equation, 25 °C
 */
export function logActivityCoefficient(charge: number, ionicStrengthM: number): number {
  requireInRange('ionicStrengthM', ionicStrengthM, {
    min: 0,
    max: highestIonicStrengthM,
    unit: 'M',
  })
  const root = Math.sqrt(ionicStrengthM)
  return -daviesA.value * charge ** 2 * (root / (1 + root) - 0.3 * ionicStrengthM)
}

/** What a species is made of: ligands, metals and protons (negative: hydroxide). */
export interface Makeup {
  readonly ligands: number
  readonly metals: number
  readonly protons: number
  readonly ligandCharge: number
  readonly metalCharge: number
}

export const chargeOf = (made: Makeup): number =>
  made.ligands * made.ligandCharge + made.metals * made.metalCharge + made.protons

/** An overall constant measured at 0.1 M as it is between activities. */
export function betweenActivities(logBeta: number, made: Makeup): number {
  const at = (charge: number) => logActivityCoefficient(charge, measuredIonicStrength.value)
  const parts =
    made.ligands * at(made.ligandCharge) + made.metals * at(made.metalCharge) + made.protons * at(1)
  return logBeta + at(chargeOf(made)) - parts
}

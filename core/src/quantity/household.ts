import { requireInRange } from '../error/index.ts'
import { valueIn } from './convert.ts'
import { quantityOf } from './convert.ts'
import type { Quantity } from './quantity.ts'

/**
 * Weight of a spooned or poured volume.
 * @param volume tbsp, cup, mL …
 * @param densityKgPerL bulk density, weighed once by the user, 0.05 to 3 [kg/L]
 * @returns the weight [g]
 * @throws {CoreError} out-of-range, unit-mismatch
 * @source definition
 */
export function massOfVolume(volume: Quantity, densityKgPerL: number): Quantity {
  requireInRange('densityKgPerL', densityKgPerL, { min: 0.05, max: 3, unit: 'kg/L' })
  return quantityOf(valueIn(volume, 'L') * densityKgPerL * 1000, 'g')
}

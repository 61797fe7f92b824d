import { formatNumber } from '@spudder/core/base/writing'
import { quantityOf, valueIn, type UnitSystem } from '@spudder/core/base/quantity'

/** A nutrient on the ground as it is said at the place: "0.12 lb/1000 ft²", "5.9 kg/ha". */
export function perGround(kgPerM2: number, system: UnitSystem): string {
  const amount = quantityOf(kgPerM2, 'kg/m2')
  return system === 'us'
    ? `${formatNumber(valueIn(amount, 'lb/1000 ft2'), 2)} lb/1000 ft²`
    : `${formatNumber(valueIn(amount, 'kg/ha'), 2)} kg/ha`
}

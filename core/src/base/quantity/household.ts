import { requireInRange } from '../error/index.ts'
import type { UnitSystem } from './choose-unit.ts'
import { quantityOf, valueIn } from './convert.ts'
import { formatQuantity } from './format-quantity.ts'
import type { Quantity } from './quantity.ts'

const densities = { min: 0.05, max: 5, unit: 'kg/L' }

/**
 * Bulk density from a spoon or cup that was weighed once.
 * @param weight of the level measure
 * @returns [kg/L]
 * @throws {CoreError} unit-mismatch; out-of-range for what no powder or liquid weighs
 * @source definition
 */
export function densityOf(weight: Quantity, measure: Quantity): number {
  const volumeL = requireInRange('measure', valueIn(measure, 'L'), {
    min: 1e-4,
    max: 50,
    unit: 'L',
  })
  return requireInRange('densityKgPerL', valueIn(weight, 'kg') / volumeL, densities)
}

/** From how many litres on the larger measure is taken: a tablespoon, half a cup. */
const largerFromL = { tbsp: 0.0147, cup: 0.118, tooMany: 4 } as const

/**
 * An amount in spoons and cups, or millilitres.
 * @param densityKgPerL bulk density, weighed once by the user [kg/L]
 * @returns undefined where nobody would spoon that much
 * @throws {CoreError} out-of-range
 * @source definition
 */
function spoonsOf(massKg: number, densityKgPerL: number, system: UnitSystem): Quantity | undefined {
  const volumeL = massKg / requireInRange('densityKgPerL', densityKgPerL, densities)
  if (volumeL > largerFromL.tooMany) return undefined
  const spoon =
    volumeL >= largerFromL.cup ? 'cup' : volumeL >= largerFromL.tbsp * 0.99 ? 'tbsp' : 'tsp'
  const unit = system === 'us' ? spoon : 'mL'
  return quantityOf(valueIn(quantityOf(volumeL, 'L'), unit), unit)
}

/**
 * As {@link spoonsOf}, as it is asked for: "4 level tbsp", "3 level cups", "59 mL by measure".
 * @param massKg what is to be measured out [kg]
 * @param densityKgPerL of the heaped or poured product [kg/L]
 * @returns undefined where no spoon is asked for
 */
export function spoonWords(
  massKg: number,
  densityKgPerL: number,
  system: UnitSystem,
): string | undefined {
  const spoons = spoonsOf(massKg, densityKgPerL, system)
  if (!spoons) return undefined
  const [number = '', unit = ''] = formatQuantity(spoons, 2).split(' ')
  if (system === 'metric') return `${number} ${unit} by measure`
  return `${number} level ${unit === 'cup' && spoons.value > 1 ? 'cups' : unit}`
}

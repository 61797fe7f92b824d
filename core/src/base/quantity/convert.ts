import { CoreError } from '../error/index.ts'
import { dimensionExample } from './parse-quantity.ts'
import { parseUnit } from './parse-unit.ts'
import { dimensionOf, storeFactor, type Quantity } from './quantity.ts'

/**
 * The same quantity in another unit of its dimension.
 * @param unit the unit wanted, as text: "kg/ha"
 * @throws {CoreError} unit-unknown, unit-mismatch (a weight is not a volume without a density)
 */
export function convert(quantity: Quantity, unit: string): Quantity {
  const target = parseUnit(unit)
  const [from, to] = [dimensionOf(quantity.unit), dimensionOf(target)]
  if (from !== to) {
    throw new CoreError('quantity-of-other-kind', {
      parameter: 'unit',
      values: { example: dimensionExample(from) },
      received: unit,
    })
  }
  return {
    value: (quantity.value * storeFactor(quantity.unit)) / storeFactor(target),
    unit: target,
  }
}

/**
 * The bare number of a quantity in a given unit; see {@link convert}.
 * @returns [`unit`]
 * @throws {CoreError} unit-unknown, unit-mismatch
 */
export function valueIn(quantity: Quantity, unit: string): number {
  return convert(quantity, unit).value
}

/**
 * A quantity from a number in a known unit.
 * @param value [`unit`]
 * @throws {CoreError} unit-unknown
 */
export function quantityOf(value: number, unit: string): Quantity {
  return { value, unit: parseUnit(unit) }
}

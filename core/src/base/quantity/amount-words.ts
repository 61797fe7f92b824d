import { inPlaceUnits, type LadderDimension, type UnitSystem } from './choose-unit.ts'
import { formatQuantity, formatRange } from './format-quantity.ts'

/** Units as they are set on a page: "ft²"; what is typed may stay plain. */
const set = (text: string): string => text.replace(/(ft|m)2/g, '$1²')

/**
 * A stored amount as it is said at the place: "3.6 lb".
 * @param value as stored [kg, L, m² or m, by the dimension]
 * @param significant figures [1]
 */
export const amountWords = (
  dimension: LadderDimension,
  value: number,
  system: UnitSystem,
  significant = 3,
): string => set(formatQuantity(inPlaceUnits(dimension, value, system), significant))

/**
 * A range in one unit: "1.9-3.8 lb".
 * @param low, and `high`, as stored [kg, L, m² or m, by the dimension]
 */
export const amountRange = (
  dimension: LadderDimension,
  low: number,
  high: number,
  system: UnitSystem,
): string =>
  set(
    formatRange(
      inPlaceUnits(dimension, low, system, high),
      inPlaceUnits(dimension, high, system, high),
    ),
  )

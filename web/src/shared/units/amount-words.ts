import { formatQuantity, formatRange, inPlaceUnits, type LadderDimension, type UnitSystem } from '@spudder/core/quantity'

/** A stored amount as it is said at the place: "3.6 lb". */
export const amountWords = (dimension: LadderDimension, value: number, system: UnitSystem): string =>
  formatQuantity(inPlaceUnits(dimension, value, system))

/** A range in one unit: "1.9-3.8 lb". */
export const amountRange = (
  dimension: LadderDimension,
  low: number,
  high: number,
  system: UnitSystem,
): string =>
  formatRange(
    inPlaceUnits(dimension, low, system, high),
    inPlaceUnits(dimension, high, system, high),
  )

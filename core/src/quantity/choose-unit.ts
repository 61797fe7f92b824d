import { convert, quantityOf } from './convert.ts'
import type { Quantity } from './quantity.ts'

/** Which units a place shows. */
export const unitSystems = ['us', 'metric'] as const
export type UnitSystem = (typeof unitSystems)[number]

/** What is shown: the unit of each kind of figure, smallest first for those that scale. */
const ladders = {
  mass: { us: ['oz', 'lb'], metric: ['g', 'kg'] },
  volume: { us: ['fl oz', 'gal'], metric: ['mL', 'L'] },
  area: { us: ['ft2', 'acre'], metric: ['m2', 'ha'] },
  length: { us: ['in'], metric: ['cm'] },
} as const

/** From how many store units on the larger unit reads better. */
const largerFrom = {
  mass: { us: 0.9, metric: 1 },
  volume: { us: 1.8, metric: 1 },
  area: { us: 20000, metric: 10000 },
  length: { us: Number.POSITIVE_INFINITY, metric: Number.POSITIVE_INFINITY },
} as const

const storeUnits = { mass: 'kg', volume: 'L', area: 'm2', length: 'm' } as const

export type LadderDimension = keyof typeof storeUnits

/**
 * A stored figure in the unit a person of the place would say it in.
 * @param storeValue in kg, L, m² or m
 * @param like decide by this value instead, so that both ends of a range share a unit
 */
export function inPlaceUnits(
  dimension: LadderDimension,
  storeValue: number,
  system: UnitSystem,
  like = storeValue,
): Quantity {
  const ladder = ladders[dimension][system]
  const larger = Math.abs(like) >= largerFrom[dimension][system]
  const unit = (larger ? ladder[1] : ladder[0]) ?? ladder[0]
  return convert(quantityOf(storeValue, storeUnits[dimension]), unit)
}

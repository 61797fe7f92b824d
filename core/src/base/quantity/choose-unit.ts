import { formatNumber } from '../writing/index.ts'
import { convert, quantityOf, valueIn } from './convert.ts'
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
 * @param storeValue as stored [kg, L, m² or m, by the dimension]
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

/** What a US rate unit of the trade is said in where people weigh in grams. */
const metricRateUnits: Readonly<Record<string, string>> = {
  'oz/1000 ft2': 'kg/ha',
  'lb/acre': 'kg/ha',
  'gal/acre': 'L/ha',
  'gal/1000 ft2': 'L/100 m2',
  'oz/in': 'g/cm',
  'oz/100 gal': 'g/100 L',
  'oz/plant': 'g/plant',
  'lb/plant': 'kg/plant',
  'gal/in': 'L/cm',
  'gal/tree': 'L/tree',
  'gal/plant': 'L/plant',
  'fl oz/plant': 'mL/plant',
  'fl oz/pot': 'mL/pot',
  'fl oz/1000 ft2': 'L/ha',
  'cup/plant': 'mL/plant',
}

/** US rate units of the trade that have a metric fellow. */
export const tradeRateUnits: readonly string[] = Object.keys(metricRateUnits)

/** The unit in which a place says a rate that the trade gives in another. */
function rateUnitIn(unit: string, system: UnitSystem): string {
  return system === 'metric' ? (metricRateUnits[unit] ?? unit) : unit
}

/**
 * Rates as a place says them, in one unit: "2 oz/1000 ft2" or "6.1 kg/ha"; a range as "6.1-12.2
 * kg/ha", one figure where both ends look alike.
 * @param values one rate, or the ends of a range [`unit`]
 */
export function rateText(values: readonly number[], unit: string, system: UnitSystem): string {
  const shown = rateUnitIn(unit, system)
  const figures = values.map((value) => formatNumber(valueIn(quantityOf(value, unit), shown)))
  return `${[...new Set(figures)].join('-')} ${shown}`
}

import type { BaseDimension, UnitDefinition } from './data/units.ts'

/** What a quantity measures: "mass", or "mass/area" for a rate. */
export type Dimension = BaseDimension | `${BaseDimension}/${BaseDimension}`

/** A unit, alone or per another: lb, or oz per 1000 ft². */
export interface Unit {
  readonly over: UnitDefinition
  readonly per?: { readonly amount: number; readonly unit: UnitDefinition }
}

/** A number with the unit in which a person gave it. */
export interface Quantity {
  readonly value: number
  readonly unit: Unit
}

/** What a unit measures. */
export function dimensionOf(unit: Unit): Dimension {
  return unit.per ? `${unit.over.dimension}/${unit.per.unit.dimension}` : unit.over.dimension
}

/** How many of the store's unit (kg, L, m², m, piece, share, and their ratios) one of this is. */
export function storeFactor(unit: Unit): number {
  return unit.per ? unit.over.factor / (unit.per.amount * unit.per.unit.factor) : unit.over.factor
}

/** The unit as it is printed: "oz/1000 ft2". */
export function unitText(unit: Unit): string {
  if (!unit.per) return unit.over.symbol
  const amount = unit.per.amount === 1 ? '' : `${unit.per.amount} `
  return `${unit.over.symbol}/${amount}${unit.per.unit.symbol}`
}

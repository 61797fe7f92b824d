import type { Context, Growth, Route } from '../../stand/plant/index.ts'
import type { FigureRange, Sourced } from '../../base/reference/index.ts'
import type { RateBasis } from './data/bases.ts'

/** Water that a product goes out with. */
type Carrier = { readonly unit: string } & FigureRange

/** One row of the rate table. Figures are in the unit of the row, as the trade says them. */
export interface Rate extends Sourced {
  readonly id: string
  readonly label: string
  readonly route: Route
  readonly contexts: readonly Context[]
  /** What of those it is for; absent: whatever grows there. */
  readonly growths?: readonly Growth[]
  readonly basis: RateBasis
  readonly unit: string
  readonly rate: FigureRange
  /** Water per area ("gal/acre"), per plant ("gal/tree"), per trunk ("gal/in") or per pot volume ("%"); undefined: it goes out dry, or into a solution. */
  readonly carrier: Carrier | undefined
  /** Days until it is due again; undefined: once a season. */
  readonly intervalDays: { readonly low: number; readonly high: number } | undefined
  /** Most times in a season; absent: as often as the interval lets. */
  readonly timesASeason?: number
  /** It goes in with the seed, so that its day is the day of planting. */
  readonly isAtPlanting?: true
  /** How the amount is shared out over days. */
  readonly stepDays?: number
}

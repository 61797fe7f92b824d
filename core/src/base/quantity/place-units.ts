import type { UnitSystem } from './choose-unit.ts'
import { quantityOf, valueIn } from './convert.ts'

/** A unit that people of a place count in: how it is written, and what one of it is in metric. */
interface PlaceUnit {
  readonly unit: string
  readonly inMetric: number
}

/** What people of a place pace and weigh in, where a figure is typed without its unit. */
export interface PlaceUnits {
  /** [m] */
  readonly length: PlaceUnit
  /** [ha] */
  readonly land: PlaceUnit & { readonly words: string }
  /** [kg] */
  readonly mass: PlaceUnit & { readonly words: string }
  /** Of a crop [t]. */
  readonly crop: PlaceUnit & { readonly words: string }
  /** Size of what is printed. */
  readonly paper: 'LETTER' | 'A4'
}

const metricOf = (unit: string, metric: string): number => valueIn(quantityOf(1, unit), metric)
const kgPerLb = metricOf('lb', 'kg')

export const placeUnits: Readonly<Record<UnitSystem, PlaceUnits>> = {
  us: {
    length: { unit: 'ft', inMetric: metricOf('ft', 'm') },
    land: { unit: 'acre', inMetric: metricOf('acre', 'm2') / 1e4, words: 'an acre' },
    mass: { unit: 'lb', inMetric: kgPerLb, words: 'a pound' },
    // The short ton of 2000 lb.
    crop: { unit: 'ton', inMetric: (2000 * kgPerLb) / 1000, words: 'a ton' },
    paper: 'LETTER',
  },
  metric: {
    length: { unit: 'm', inMetric: 1 },
    land: { unit: 'ha', inMetric: 1, words: 'a hectare' },
    mass: { unit: 'kg', inMetric: 1, words: 'a kilogram' },
    crop: { unit: 't', inMetric: 1, words: 'a tonne' },
    paper: 'A4',
  },
}

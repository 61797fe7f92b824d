import type { IronEfficiency } from '../../../stand/plant/index.ts'
import type { Figure, Sourced } from '../../../base/reference/index.ts'

export type PHBand = 'acid' | 'slightly-acid' | 'neutral' | 'alkaline' | 'strongly-alkaline'

/** pH bands in which iron behaves alike for a sensitive plant; upper bound of each. */
export const pHBands: readonly ({ readonly band: PHBand; readonly below: number } & Sourced)[] = [
  { band: 'acid', below: 5.5, source: 'common practice: pH bands for iron', mark: 'C' },
  { band: 'slightly-acid', below: 6.5, source: 'common practice: pH bands for iron', mark: 'C' },
  { band: 'neutral', below: 7.2, source: 'common practice: pH bands for iron', mark: 'C' },
  { band: 'alkaline', below: 7.8, source: 'common practice: pH bands for iron', mark: 'C' },
  {
    band: 'strongly-alkaline',
    below: Number.POSITIVE_INFINITY,
    source: 'common practice: pH bands for iron',
    mark: 'C',
  },
]

const tolerance = (value: number): Figure => ({
  value,
  unit: 'pH',
  source: 'trouble from 7.2 in sensitive plants and from 7.5 in most (common practice), by thirds',
  mark: 'D',
})

/** Upper end of the pH range of plants that are not lovers of acid ground. */
export const usualUpperPH: Figure = {
  value: 6.5,
  unit: 'pH',
  source: 'iron is readily available below it for most plants (common practice)',
  mark: 'C',
}

/** How much higher a pH a plant bears than a sensitive one. */
export const pHToleranceOf: Readonly<Record<IronEfficiency, Figure>> = {
  inefficient: tolerance(0),
  medium: tolerance(0.15),
  efficient: tolerance(0.3),
}

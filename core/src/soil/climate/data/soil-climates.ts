import type { Sourced } from '../../../base/reference/index.ts'

/** A year as soil feels it, in round figures. */
export interface SoilClimate extends Sourced {
  readonly label: string
  /** Mean of the year 10 cm down [°C]. */
  readonly meanC: number
  /** Half the difference between the warmest and the coldest week [K]. */
  readonly swingC: number
  /** Day of the year on which that soil is warmest. */
  readonly warmestDay: number
  /** Rain that soaks past the roots in a year, about [mm]. */
  readonly drainMm: number
  /** Days of the year between which one waters; from the later over the turn of the year in the south. */
  readonly watering: readonly [from: number, to: number]
}

const judged = {
  source:
    'air normals of such climates, damped by a tenth at 10 cm and later by ten days; northern half of the earth',
  mark: 'J',
} as const

/** Climates that a place can have. */
export const soilClimates = {
  temperate: {
    label: 'Temperate',
    meanC: 11,
    swingC: 6.5,
    warmestDay: 210,
    drainMm: 250,
    watering: [120, 270],
    ...judged,
  },
  continental: {
    label: 'Continental',
    meanC: 10,
    swingC: 11.5,
    warmestDay: 205,
    drainMm: 150,
    watering: [130, 265],
    ...judged,
  },
  mediterranean: {
    label: 'Mediterranean',
    meanC: 17,
    swingC: 7.5,
    warmestDay: 213,
    drainMm: 120,
    watering: [90, 300],
    ...judged,
  },
  subtropical: {
    label: 'Subtropical',
    meanC: 21,
    swingC: 6.5,
    warmestDay: 208,
    drainMm: 300,
    watering: [60, 320],
    ...judged,
  },
  tropical: {
    label: 'Tropical',
    meanC: 26,
    swingC: 2,
    warmestDay: 190,
    drainMm: 500,
    watering: [1, 366],
    ...judged,
  },
} as const satisfies Readonly<Record<string, SoilClimate>>

export type Climate = keyof typeof soilClimates
export const climateNames = Object.keys(soilClimates) as readonly Climate[]

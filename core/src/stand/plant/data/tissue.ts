import type { Sourced } from '../../../base/reference/index.ts'

/** Nutrients for which leaf sufficiency is kept, with the unit of dry matter they are given in. */
const tissueNutrients = {
  nitrogen: '%',
  potassium: '%',
  magnesium: '%',
  sulfur: '%',
  iron: 'mg/kg',
  manganese: 'mg/kg',
  zinc: 'mg/kg',
  copper: 'mg/kg',
  boron: 'mg/kg',
} as const
export type TissueNutrient = keyof typeof tissueNutrients

/** The span of contents in recently matured leaves at which a plant is well supplied. */
export interface Sufficiency {
  readonly low: number
  readonly high: number
}

export type TissueProfile = Readonly<Record<TissueNutrient, Sufficiency>> & Sourced

type Row = readonly (readonly [low: number, high: number])[]

// prettier-ignore
const rows = {
  'cool-season turf':  [[2.75, 3.5], [1.0, 2.5], [0.2, 0.6],  [0.2, 0.45],  [35, 100], [25, 150], [20, 55],  [5, 20], [10, 60]],
  'warm-season turf':  [[2.0, 4.0],  [1.0, 3.0], [0.13, 0.5], [0.15, 0.5],  [50, 300], [25, 300], [20, 100], [5, 20], [5, 30]],
  'maize and sorghum': [[2.7, 4.0],  [1.7, 3.0], [0.2, 1.0],  [0.18, 0.5],  [21, 250], [20, 200], [25, 100], [5, 25], [5, 25]],
  'small grain':       [[1.75, 3.0], [1.5, 3.0], [0.15, 0.5], [0.15, 0.4],  [25, 200], [25, 200], [18, 70],  [5, 25], [5, 20]],
  'legume':            [[4.0, 5.5],  [1.7, 2.5], [0.25, 1.0], [0.2, 0.4],   [50, 350], [20, 100], [20, 50],  [10, 30], [20, 55]],
  'citrus':            [[2.4, 2.7],  [0.7, 1.5], [0.26, 0.7], [0.2, 0.4],   [60, 150], [25, 200], [25, 200], [5, 16], [25, 150]],
  'stone and pome fruit': [[2.0, 3.0], [1.2, 3.0], [0.25, 0.8], [0.15, 0.4], [60, 250], [25, 200], [20, 100], [5, 20], [25, 60]],
  'grapevine petiole': [[0.8, 1.2],  [1.5, 2.5], [0.3, 0.75], [0.1, 0.3],   [30, 150], [30, 150], [26, 100], [5, 15], [25, 50]],
  'acid-soil berry':   [[1.8, 2.1],  [0.4, 0.65], [0.12, 0.25], [0.12, 0.2], [60, 200], [50, 350], [8, 30],  [5, 20], [30, 70]],
  'strawberry and bramble': [[2.5, 3.5], [1.2, 2.5], [0.25, 0.6], [0.15, 0.4], [50, 250], [30, 300], [20, 60], [5, 20], [25, 60]],
  'broadleaf tree':    [[1.8, 3.0],  [0.7, 2.0], [0.2, 0.6],  [0.15, 0.4],  [50, 250], [30, 500], [20, 100], [5, 20], [20, 80]],
  'conifer':           [[1.2, 2.2],  [0.5, 1.2], [0.1, 0.3],  [0.1, 0.25],  [40, 250], [30, 800], [15, 80],  [3, 15], [12, 60]],
  'ericaceous shrub':  [[1.8, 2.6],  [0.7, 1.6], [0.17, 0.5], [0.15, 0.4],  [50, 150], [30, 300], [15, 60],  [5, 15], [20, 60]],
  'broadleaf shrub':   [[2.0, 3.5],  [1.2, 3.0], [0.25, 0.8], [0.2, 0.5],   [50, 250], [30, 300], [20, 100], [5, 20], [25, 75]],
  'bedding plant':     [[3.5, 5.5],  [2.5, 6.0], [0.3, 1.0],  [0.25, 0.7],  [60, 300], [40, 300], [25, 100], [5, 25], [25, 75]],
  'leafy green':       [[3.5, 5.5],  [4.0, 8.0], [0.3, 0.8],  [0.25, 0.6],  [50, 250], [25, 250], [25, 150], [5, 25], [25, 60]],
  'fruiting vegetable': [[3.5, 5.0], [2.5, 5.0], [0.35, 0.9], [0.3, 1.0],   [50, 300], [40, 250], [20, 80],  [5, 20], [25, 75]],
  'palm':              [[2.0, 3.0],  [1.0, 2.5], [0.25, 0.6], [0.15, 0.4],  [50, 250], [50, 250], [20, 100], [5, 20], [15, 60]],
  'pecan':             [[2.5, 3.0],  [0.75, 1.5], [0.3, 0.7], [0.15, 0.3],  [50, 300], [100, 800], [55, 150], [6, 30], [20, 80]],
  'avocado':           [[1.6, 2.2],  [0.75, 2.0], [0.25, 0.8], [0.2, 0.6],  [50, 200], [30, 500], [30, 150], [5, 15], [30, 100]],
  'kiwifruit':         [[2.0, 2.8],  [1.8, 3.0], [0.3, 0.8],  [0.25, 0.5],  [60, 200], [50, 250], [15, 60],  [5, 15], [25, 80]],
  'potato':            [[3.5, 4.5],  [4.0, 6.0], [0.3, 1.0],  [0.2, 0.5],   [50, 150], [30, 250], [20, 60],  [5, 20], [20, 50]],
  'sugar beet':        [[4.3, 5.0],  [2.0, 6.0], [0.25, 1.0], [0.2, 0.5],   [60, 140], [26, 360], [10, 80],  [11, 40], [31, 200]],
  'sunflower':         [[3.0, 5.0],  [2.0, 4.5], [0.25, 1.0], [0.3, 0.6],   [50, 300], [50, 250], [25, 100], [8, 25], [35, 150]],
} as const satisfies Readonly<Record<string, Row>>

export type TissueProfileName = keyof typeof rows
const nutrients = Object.keys(tissueNutrients) as readonly TissueNutrient[]

function profile(row: Row): TissueProfile {
  const spans = nutrients.map((nutrient, index) => {
    const [low, high] = row[index] ?? [0, 0]
    return [nutrient, { low, high }] as const
  })
  return {
    ...(Object.fromEntries(spans) as Record<TissueNutrient, Sufficiency>),
    source: 'Jones, Plant Analysis Handbook, sufficiency of recently matured leaves, by group',
    mark: 'M',
  }
}

/** Leaf sufficiency by group of plants. */
export const tissueProfiles = Object.fromEntries(
  Object.entries(rows).map(([name, row]) => [name, profile(row)]),
) as Readonly<Record<TissueProfileName, TissueProfile>>

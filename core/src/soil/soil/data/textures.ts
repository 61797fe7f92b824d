import type { Sourced } from '../../../base/reference/index.ts'

/** Column of the published tables that a soil is read in. */
export type TableColumn = 'sand' | 'loam' | 'clay'

/** A soil as the hand feels it, with what is usual in it where nothing was measured. */
export interface Texture extends Sourced {
  readonly label: string
  readonly clayPercent: number
  readonly organicPercent: number
  /** Dry weight of it as it lies [kg/L]. */
  readonly densityKgPerL: number
  readonly column: TableColumn
  /** Where clay and organic matter say nothing of it: acid for one pH [mmol H⁺/kg]. */
  readonly bufferMmolPerKg?: number
}

const usual = {
  source:
    'middle of the texture class; organic matter as usual in gardens and fields. Density 1.33: an acre of 6 2/3 in weighs 2,000,000 lb',
  mark: 'C',
} as const
const density = 1.33

/** Textures by feel, the lightest first. */
export const textures = {
  'sand-green': {
    label: 'Sand root zone of a green',
    clayPercent: 2,
    organicPercent: 1,
    densityKgPerL: 1.5,
    column: 'sand',
    source: 'root zones built of sand: 1 % organic matter, packed to 1.5 (common practice)',
    mark: 'C',
  },
  sand: {
    label: 'Sand',
    clayPercent: 4,
    organicPercent: 1.2,
    densityKgPerL: density,
    column: 'sand',
    ...usual,
  },
  'loamy-sand': {
    label: 'Loamy sand',
    clayPercent: 7,
    organicPercent: 1.5,
    densityKgPerL: density,
    column: 'sand',
    ...usual,
  },
  'sandy-loam': {
    label: 'Sandy loam',
    clayPercent: 11,
    organicPercent: 2,
    densityKgPerL: density,
    column: 'loam',
    ...usual,
  },
  loam: {
    label: 'Loam',
    clayPercent: 18,
    organicPercent: 2.6,
    densityKgPerL: density,
    column: 'loam',
    ...usual,
  },
  'silt-loam': {
    label: 'Silt loam',
    clayPercent: 18,
    organicPercent: 2.8,
    densityKgPerL: density,
    column: 'loam',
    ...usual,
  },
  'clay-loam': {
    label: 'Clay loam',
    clayPercent: 33,
    organicPercent: 3,
    densityKgPerL: density,
    column: 'clay',
    ...usual,
  },
  clay: {
    label: 'Clay',
    clayPercent: 45,
    organicPercent: 3.2,
    densityKgPerL: density,
    column: 'clay',
    ...usual,
  },
  'potting-mix': {
    label: 'Potting mix of peat or bark',
    clayPercent: 0,
    organicPercent: 80,
    densityKgPerL: 0.2,
    column: 'sand',
    bufferMmolPerKg: 200,
    source:
      '2 to 4 kg lime/m³ bring peat from pH 4 to about 5.8 (container bulletins, from memory): about 40 mmol a litre and pH',
    mark: 'M',
  },
} as const satisfies Readonly<Record<string, Texture>>

export type TextureName = keyof typeof textures
export const textureNames = Object.keys(textures) as readonly TextureName[]
/** Taken where nobody said: the middle of the list. */
export const assumedTexture: TextureName = 'loam'

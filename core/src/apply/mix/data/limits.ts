import type { Context } from '../../../stand/plant/index.ts'
import type { LeafLayer } from '../../sprayer/index.ts'
import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

/** Strength of an iron spray from which a small patch is tried first [kg/L]; 0.01 is 1 %. */
export interface PatchTest extends Sourced {
  readonly salt: number
  readonly held: number
}

const ornamentals: PatchTest = {
  salt: 0.005,
  held: 0.01,
  source: 'common practice: ornamentals 0.5-1 %; held iron is gentler',
  mark: 'C',
}

/** By what grows there; a solution is sprayed on nothing. */
export const patchTestFrom: Readonly<Partial<Record<Context, PatchTest>>> = {
  turf: { salt: 0.02, held: 0.03, source: 'common practice: turf 2-3 %', mark: 'C' },
  tree: ornamentals,
  shrub: ornamentals,
  container: {
    salt: 0.0006,
    held: 0.0006,
    source: 'greenhouse bulletins: some 60 mg/L iron, from memory',
    mark: 'M',
  },
  'row-crop': { salt: 0.02, held: 0.01, source: 'row-crop labels, from memory', mark: 'M' },
}

/** Warmth at which a leaf spray waits: from the first it burns soft leaves, from the second all. */
export const burnHeatC: Readonly<Record<'wait' | 'never', Figure>> = {
  wait: { value: 29, unit: '°C', source: 'common practice: over 29-32 °C wait', mark: 'C' },
  never: { value: 32, unit: '°C', source: 'common practice: over 29-32 °C wait', mark: 'C' },
}

/** More water than this over leaves is a drench and no spray, on a sward or rows and on bushes. */
export const drenchFrom: Readonly<Record<LeafLayer, Figure>> = {
  sward: {
    value: 0.25,
    unit: 'L/m2',
    source: 'above the 5 gal/1000 ft² that anybody sprays on leaves',
    mark: 'J',
  },
  canopy: {
    value: 0.82,
    unit: 'L/m2',
    source: '2 gal/100 ft² for dense tall shrubs, from memory',
    mark: 'M',
  },
}

/** Share of the iron on a leaf that is in it an hour later; it dries and enters in 4-24 h. */
export const enteredInAnHour: FigureRange & Sourced = {
  low: 0.1,
  usual: 0.2,
  high: 0.4,
  source: 'read out of the 4-24 h that sprays want dry',
  mark: 'J',
}

import type { Context } from '../../../stand/plant/index.ts'
import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

/** Strongest sulfate spray that leaves bear: from where a patch is tried first, to where they burn. */
export interface BurnLimit extends Sourced {
  /** [kg/L]; 0.01 is 1 %. */
  readonly tryFirst: number
  readonly most: number
}

const ornamentals: BurnLimit = {
  tryFirst: 0.005,
  most: 0.01,
  source: 'common practice: ornamentals 0.5-1 %',
  mark: 'C',
}

/** By what grows there; a solution is sprayed on nothing. */
export const leafBurnLimit: Readonly<Partial<Record<Context, BurnLimit>>> = {
  turf: { tryFirst: 0.02, most: 0.03, source: 'common practice: turf 2-3 %', mark: 'C' },
  tree: ornamentals,
  shrub: ornamentals,
  container: ornamentals,
  'row-crop': { tryFirst: 0.02, most: 0.03, source: 'common practice: as turf', mark: 'C' },
}

/** Warmth at which a leaf spray waits: from the first it burns soft leaves, from the second all. */
export const burnHeatC: Readonly<Record<'wait' | 'never', Figure>> = {
  wait: { value: 29, unit: '°C', source: 'common practice: over 29-32 °C wait', mark: 'C' },
  never: { value: 32, unit: '°C', source: 'common practice: over 29-32 °C wait', mark: 'C' },
}

/** Above this much water a leaf spray runs off: 40 gal/acre. */
export const runOffCarrierLPerM2: Figure = {
  value: 0.0374158,
  unit: 'L/m2',
  source: 'common practice: at most 40 gal/acre so that it stays on the leaf',
  mark: 'C',
}

/** More water than this over leaves is a drench and no spray: about 270 gal/acre. */
export const mostLeafCarrierLPerM2: Figure = {
  value: 0.25,
  unit: 'L/m2',
  source: 'above the 5 gal/1000 ft² that anybody sprays on leaves',
  mark: 'J',
}

/** Share of the iron on a leaf that is in it an hour later; it dries and enters in 4-24 h. */
export const enteredInAnHour: FigureRange & Sourced = {
  low: 0.1,
  usual: 0.2,
  high: 0.4,
  source: 'read out of the 4-24 h that sprays want dry',
  mark: 'J',
}

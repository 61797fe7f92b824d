import type { Context } from '../../plant/index.ts'
import type { Figure } from '../../reference/index.ts'

/** Strongest ferrous sulfate spray that a leaf bears, by what grows there. */
export const leafBurnLimit: Readonly<Partial<Record<Context, Figure>>> = {
  turf: { value: 0.03, unit: 'kg/L', source: 'common practice: turf 2-3 %', mark: 'C' },
  tree: { value: 0.01, unit: 'kg/L', source: 'common practice: ornamentals 0.5-1 %', mark: 'C' },
  shrub: { value: 0.01, unit: 'kg/L', source: 'common practice: ornamentals 0.5-1 %', mark: 'C' },
  container: {
    value: 0.01,
    unit: 'kg/L',
    source: 'common practice: ornamentals 0.5-1 %',
    mark: 'C',
  },
  'row-crop': { value: 0.03, unit: 'kg/L', source: 'common practice: as turf', mark: 'C' },
}

/** Above this much water a leaf spray runs off: 40 gal/acre. */
export const runOffCarrierLPerM2: Figure = {
  value: 0.0374158,
  unit: 'L/m2',
  source: 'common practice: at most 40 gal/acre so that it stays on the leaf',
  mark: 'C',
}

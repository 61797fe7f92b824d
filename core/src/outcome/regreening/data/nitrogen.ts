import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

/** Greenness that a kilogram of nitrogen a hectare brings where it is full [ha/kg]. */
export const nitrogenGain: FigureRange & Sourced = {
  low: 0.0015,
  usual: 0.0035,
  high: 0.006,
  source:
    '25 kg/ha (½ lb/1000 ft²) darkens turf by about two thirds of a grade of 9; from a third to more than one',
  mark: 'J',
}
/** Days until nitrogen shows, until it is full, and until it fades. */
export const nitrogenRecovery: Sourced & Readonly<Record<'lag' | 'full' | 'fades', number>> = {
  lag: 2,
  full: 14,
  fades: 28,
  source:
    'soluble nitrogen greens within days, fully in two weeks, and is grown out in four to eight',
  mark: 'C',
}
/** Days after which nitrogen greens no more. */
export const nitrogenActsFor: Figure = {
  value: 2 * nitrogenRecovery.fades,
  unit: 'd',
  source: 'it is full until it fades, and is grown out over as many days again',
  mark: 'D',
}
/** Width of iron's share of a greening beyond which it says next to nothing. */
export const shareTooWide: Figure = {
  value: 0.6,
  unit: '',
  source: 'neither mostly iron nor mostly nitrogen can be ruled out',
  mark: 'J',
}

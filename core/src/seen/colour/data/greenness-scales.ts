import type { ReadingKind } from '../../reading/index.ts'
import type { Figure, Sourced } from '../../../base/reference/index.ts'

interface GreennessScale extends Sourced {
  /** Value that a white leaf has on this scale, and one as green as can be. */
  readonly atWhite: number
  readonly atDeepGreen: number
  /** One deviation of what the scale itself leaves open, in greenness, beside that of a reading. */
  readonly mappingDoubt: number
}

/** Straight lines from the scales of practice to greenness, each with its own doubt. */
export const greennessScales = {
  turfColour: {
    atWhite: 1,
    atDeepGreen: 9,
    mappingDoubt: 0,
    source: 'turf colour 1 to 9, ends of the scale',
    mark: 'D',
  },
  severity: {
    atWhite: 5,
    atDeepGreen: -0.6,
    mappingDoubt: 0,
    source: 'severity 5 is white; 0 is a healthy leaf, not the deepest green',
    mark: 'C',
  },
  chlorophyll: {
    atWhite: 0,
    atDeepGreen: 52,
    mappingDoubt: 0.03,
    source: 'meter units of dark green leaves, about; thickness of the leaf counts too',
    mark: 'M',
  },
  chlorosisScore: {
    atWhite: 5,
    atDeepGreen: 0.5,
    mappingDoubt: 0.04,
    source:
      'row crops: 1 green, 5 dying (common practice); 1 is a healthy leaf, not the deepest green',
    mark: 'C',
  },
  percentAffected: {
    atWhite: 165,
    atDeepGreen: -20,
    mappingDoubt: 0.12,
    source: 'all plants affected taken as yellow, none as healthy: it says how many, not how pale',
    mark: 'J',
  },
  ndvi: {
    atWhite: 0.2,
    atDeepGreen: 0.92,
    mappingDoubt: 0.07,
    source:
      'bare or white stands about 0.2, dense dark ones about 0.9; cover counts as much as colour',
    mark: 'M',
  },
  darkGreenIndex: {
    atWhite: -0.19,
    atDeepGreen: 0.74,
    mappingDoubt: 0.06,
    source:
      'line through the leaf colours of the painter, pale to deep green; ivory leaves read as pale green, which the index cannot help',
    mark: 'D',
  },
  photoGreenness: {
    atWhite: 0,
    atDeepGreen: 1,
    mappingDoubt: 0,
    source: 'the scale itself: nearest leaf colour of each pixel',
    mark: 'D',
  },
} as const satisfies Readonly<Partial<Record<ReadingKind, GreennessScale>>>

export type ColourReadingKind = keyof typeof greennessScales

/** Greenness that growers accept. */
export const acceptableGreenness: Figure = {
  value: 0.625,
  unit: '',
  source: '6 of 9 is acceptable turf: (6 − 1) / (9 − 1)',
  mark: 'D',
}
/** Greenness of a leaf that lacks nothing. */
export const healthyGreenness: Figure = {
  value: 0.89,
  unit: '',
  source: 'severity 0 on the scale above',
  mark: 'D',
}

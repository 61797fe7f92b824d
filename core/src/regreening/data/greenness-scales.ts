import type { ReadingKind } from '../../reading/index.ts'
import type { Figure, Sourced } from '../../reference/index.ts'

interface GreennessScale extends Sourced {
  /** Value that a white leaf has on this scale, and one as green as can be. */
  readonly atWhite: number
  readonly atDeepGreen: number
}

/** Straight lines from the scales of practice to greenness; each to be refined with its own doubt. */
export const greennessScales = {
  turfColour: {
    atWhite: 1,
    atDeepGreen: 9,
    source: 'turf colour 1 to 9, ends of the scale',
    mark: 'D',
  },
  severity: {
    atWhite: 5,
    atDeepGreen: -0.6,
    source: 'severity 5 is white; 0 is a healthy leaf, not the deepest green',
    mark: 'C',
  },
  chlorophyll: {
    atWhite: 0,
    atDeepGreen: 52,
    source: 'meter units of dark green leaves, about',
    mark: 'M',
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

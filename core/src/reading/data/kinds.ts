import type { Sourced } from '../../reference/index.ts'

interface ReadingKindDefinition extends Sourced {
  readonly label: string
  /** How a value of it is said, with the value in place of the dash: "severity – of 5". */
  readonly said: string
  readonly unit: string
  readonly min: number
  readonly max: number
  /** One standard deviation of a usual reading of this kind, in its unit. */
  readonly usualDoubt: number
  /** Whether it says how green the leaf is, and so paints the ribbon. */
  readonly isColour: boolean
}

const possible = 'bounds: what the scale or nature allows; doubt: common practice'

/** What can be measured and kept as a reading; one record a kind. */
export const readingKinds = {
  pH: {
    label: 'pH',
    said: 'pH –',
    unit: '',
    min: 2.5,
    max: 11,
    usualDoubt: 0.2,
    isColour: false,
    source: possible,
    mark: 'C',
  },
  turfColour: {
    label: 'Turf colour, 1 to 9',
    said: 'colour – of 9',
    unit: '',
    min: 1,
    max: 9,
    usualDoubt: 0.5,
    isColour: true,
    source: 'national turf trials convention: 1 straw to 9 dark green, 6 acceptable',
    mark: 'M',
  },
  severity: {
    label: 'Chlorosis severity, 0 to 5',
    said: 'severity – of 5',
    unit: '',
    min: 0,
    max: 5,
    usualDoubt: 0.4,
    isColour: true,
    source: possible,
    mark: 'C',
  },
  chlorophyll: {
    label: 'Chlorophyll meter',
    said: 'meter –',
    unit: '',
    min: 0,
    max: 80,
    usualDoubt: 2,
    isColour: true,
    source: possible,
    mark: 'C',
  },
  ironInSolution: {
    label: 'Iron in the solution',
    said: 'iron – mg/L',
    unit: 'mg/L',
    min: 0,
    max: 50,
    usualDoubt: 0.25,
    isColour: false,
    source: possible,
    mark: 'C',
  },
  alkalinity: {
    label: 'Alkalinity as CaCO3',
    said: 'alkalinity – mg/L',
    unit: 'mg/L',
    min: 0,
    max: 1500,
    usualDoubt: 9,
    isColour: false,
    source: possible,
    mark: 'C',
  },
} as const satisfies Readonly<Record<string, ReadingKindDefinition>>

export type ReadingKind = keyof typeof readingKinds
export const readingKindNames = Object.keys(readingKinds) as readonly ReadingKind[]

/** How a reading was taken, with what that adds to its doubt (one standard deviation). */
export const readingMethods = {
  laboratory: { label: 'laboratory', pHDoubt: 0.1 },
  meter: { label: 'meter', pHDoubt: 0.2 },
  strip: { label: 'test strip', pHDoubt: 0.5 },
  vial: { label: 'colour vial', pHDoubt: 0.3 },
  eye: { label: 'by eye', pHDoubt: 0.5 },
} as const

export type ReadingMethod = keyof typeof readingMethods
export const readingMethodNames = Object.keys(readingMethods) as readonly ReadingMethod[]

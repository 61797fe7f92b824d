import type { Figure, Sourced } from '../../../base/reference/index.ts'

const fitted = {
  source:
    'fitted to every other row of two published sulfur tables, 12 entries; the 12 rows held out are met within × 1.14 as a rule, × 1.3 at worst (docs/acid-tables.md)',
  mark: 'D',
} as const

/** Acid that a percent of clay and of organic matter takes for one pH below 6.5 [mmol H⁺/kg]. */
export const clayBuffer: Figure = { value: 0.28, unit: 'mmol/kg/pH/%', ...fitted }
export const organicBuffer: Figure = { value: 9.4, unit: 'mmol/kg/pH/%', ...fitted }

/** Between 6.5 and 7 soil holds less against acid: its share of what it holds below. */
export const nearNeutral: Figure = { value: 0.41, unit: '', ...fitted }
/** From 7 to 7.5, and above: what bicarbonate and traces of lime hold on top. */
export const aboveSeven: Figure = { value: 7, unit: 'mmol/kg/pH', ...fitted }
export const aboveSevenAndHalf: Figure = { value: 29, unit: 'mmol/kg/pH', ...fitted }
/** Below pH 4 aluminium dissolves and holds: times what soil holds above. */
export const belowFour: Figure = {
  value: 2.5,
  unit: '',
  source: 'aluminium buffers strongly below pH 4; the size is judged',
  mark: 'J',
}

/** Acid for one pH by exchange capacity [mmol H⁺/kg for cmol/kg]. */
export const exchangeBuffer: Figure = {
  value: 2.5,
  unit: 'mmol/kg/pH for cmol/kg',
  source: 'bases fill about a quarter of the exchange sites a pH between 4.5 and 7',
  mark: 'J',
}

/** One standard deviation of ln of the buffering, by what is known of it. */
export const bufferDoubt = {
  texture: {
    value: 0.42,
    unit: 'ln',
    source: 'prediction from texture alone is good to about a factor of 2, 90 in 100',
    mark: 'J',
  },
  organic: {
    value: 0.32,
    unit: 'ln',
    source: 'organic matter carries most of the buffering; measured, it narrows',
    mark: 'J',
  },
  exchange: {
    value: 0.32,
    unit: 'ln',
    source: 'base saturation against pH scatters so between soils',
    mark: 'J',
  },
  bufferPH: {
    value: 0.28,
    unit: 'ln',
    source: 'buffer tests against incubation with lime scatter so',
    mark: 'J',
  },
  titration: { value: 0.12, unit: 'ln', source: 'titration repeated in a laboratory', mark: 'J' },
} as const satisfies Readonly<Record<string, Figure>>

/** Buffer tests whose reading says how much acidity the soil gave, in cmol/kg for a pH of the buffer. */
export const bufferTests = {
  'adams-evans': {
    label: 'Adams-Evans',
    freshPH: 8,
    cmolPerPH: 8,
    toPH: undefined,
    source: 'Adams and Evans 1962: 8 × (8.00 − buffer pH) meq/100 g',
    mark: 'M',
  },
  mehlich: {
    label: 'Mehlich',
    freshPH: 6.6,
    cmolPerPH: 4,
    toPH: undefined,
    source: 'Mehlich 1976: (6.6 − buffer pH) ÷ 0.25 meq/100 cm³',
    mark: 'M',
  },
  smp: {
    label: 'SMP',
    freshPH: 6.94,
    cmolPerPH: 12.9,
    toPH: 6.5,
    source:
      'Shoemaker, McLean & Pratt 1961: 1.2 tons of limestone an acre (nine tenths pure, 8 in) at buffer pH 6.8, 8.1 at 6.0, to pH 6.5; a line through both',
    mark: 'M',
  },
  sikora: {
    label: 'Sikora',
    freshPH: 6.94,
    cmolPerPH: 12.9,
    toPH: 6.5,
    source: 'Sikora 2006: made to read as the SMP buffer does',
    mark: 'M',
  },
} as const satisfies Readonly<
  Record<
    string,
    Sourced & {
      readonly label: string
      /** What the buffer reads with soil that gives no acid. */
      readonly freshPH: number
      readonly cmolPerPH: number
      /** The pH to which it tells the acid; absent: to where the buffer itself ends. */
      readonly toPH: number | undefined
    }
  >
>
export type BufferTest = keyof typeof bufferTests
export const bufferTestNames = Object.keys(bufferTests) as readonly BufferTest[]

/** A buffer test says something of buffering only where it moved the soil this far [pH]. */
export const leastBufferMove: Figure = {
  value: 0.5,
  unit: 'pH',
  source: 'a smaller move is within what two readings of a buffer differ',
  mark: 'J',
}

import type { Figure } from '../../../base/reference/index.ts'

const fitted = {
  source:
    'fitted to 24 entries of two published sulfur tables; worst entry × 1.3 (docs/acid-tables.md)',
  mark: 'D',
} as const

/** Acid that a percent of clay and of organic matter takes for one pH below 6.5 [mmol H⁺/kg]. */
export const clayBuffer: Figure = { value: 0.18, unit: 'mmol/kg/pH/%', ...fitted }
export const organicBuffer: Figure = { value: 10, unit: 'mmol/kg/pH/%', ...fitted }

/** Between 6.5 and 7 soil holds less against acid: its share of what it holds below. */
export const nearNeutral: Figure = { value: 0.4, unit: '', ...fitted }
/** From 7 to 7.5, and above: what bicarbonate and traces of lime hold on top. */
export const aboveSeven: Figure = { value: 8, unit: 'mmol/kg/pH', ...fitted }
export const aboveSevenAndHalf: Figure = { value: 31, unit: 'mmol/kg/pH', ...fitted }
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
    source: 'Adams and Evans 1962: 8 × (8.00 − buffer pH) meq/100 g',
    mark: 'M',
  },
  mehlich: {
    label: 'Mehlich',
    freshPH: 6.6,
    cmolPerPH: 4,
    source: 'Mehlich 1976: (6.6 − buffer pH) ÷ 0.25 meq/100 cm³',
    mark: 'M',
  },
} as const
export type BufferTest = keyof typeof bufferTests
export const bufferTestNames = Object.keys(bufferTests) as readonly BufferTest[]

/** A buffer test says something of buffering only where it moved the soil this far [pH]. */
export const leastBufferMove = 0.5

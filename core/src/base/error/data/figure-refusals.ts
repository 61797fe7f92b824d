import { typedNumber } from '../../writing/index.ts'
import { asTold, list, type Refusal } from '../refusal.ts'

interface Bounds {
  readonly min: number
  readonly max: number
  readonly unit?: string | undefined
}
const numberWithin = ({ min, max, unit }: Bounds): string =>
  `a number from ${typedNumber(min)} to ${typedNumber(max)}${unit ? ` ${unit}` : ''}`

/** Refusals of figures, files and what is calculated with statistics. */
export const figureRefusals = {
  // Figures.
  'figure-out-of-range': { code: 'out-of-range', expected: numberWithin },
  'figure-no-number': { code: 'not-a-number', expected: numberWithin },
  'weight-below-nothing': { code: 'not-a-number', expected: () => '0 or more' },
  'days-below-nothing': { code: 'out-of-range', expected: () => '0 or more days' },
  'no-days': { code: 'not-applicable', expected: () => 'at least one day' },
  'day-unreadable': { code: 'date-unreadable', expected: () => 'a day such as 2026-05-31' },
  'quantity-unreadable': { code: 'quantity-unreadable', expected: asTold },
  'quantity-of-other-kind': { code: 'unit-mismatch', expected: asTold },
  'unit-unknown': {
    code: 'unit-unknown',
    expected: () => 'a unit such as kg/ha, oz/1000 ft2, gal, tbsp or mg/L',
  },
  'unit-of-two-meanings': { code: 'unit-ambiguous', expected: asTold },
  'unit-of-many-strokes': {
    code: 'unit-unknown',
    expected: () => 'one unit, or one unit per another',
  },
  'unit-per-nothing': {
    code: 'unit-unknown',
    expected: () => 'a positive number before the unit under the stroke',
  },
  // Trials and statistics.
  'factors-too-many': { code: 'out-of-range', expected: () => 'one factor or two' },
  'factors-alike': { code: 'out-of-range', expected: () => 'factors of different names' },
  'split-without-two-factors': {
    code: 'out-of-range',
    expected: () => 'two factors for split plots',
  },
  'levels-alike': {
    code: 'out-of-range',
    expected: ({ factor }: { readonly factor: string }) => `levels of ${factor} that differ`,
  },
  'levels-too-few': {
    code: 'out-of-range',
    expected: ({ factor }: { readonly factor: string }) =>
      `two or more levels of ${factor}, one of them untreated`,
  },
  'replicates-too-few': { code: 'out-of-range', expected: () => 'one replicate or more' },
  'plots-too-many': {
    code: 'out-of-range',
    expected: ({ most, plots }: { readonly most: number; readonly plots: number }) =>
      `at most ${most} plots; this makes ${plots}`,
  },
  'plots-too-few': {
    code: 'out-of-range',
    expected: () => 'two or more plots, each with a number',
  },
  'power-unasked': {
    code: 'out-of-range',
    expected: () => 'two or more treatments and replicates, and a deviation above 0',
  },
  'points-too-few': {
    code: 'out-of-range',
    expected: ({ least }: { readonly least: number }) => `at least ${least} values, one for each x`,
  },
  'picture-cut': { code: 'out-of-range', expected: () => 'four bytes for each of its pixels' },
  // Files.
  'table-without-headings': { code: 'quantity-unreadable', expected: asTold },
  'table-without-columns': { code: 'not-applicable', expected: asTold },
  'table-without-rows': {
    code: 'quantity-unreadable',
    expected: ({ example }: { readonly example: string }) =>
      `${example}, and at least one row below it`,
  },
  'table-too-long': {
    code: 'quantity-unreadable',
    expected: ({ most }: { readonly most: number }) => `at most ${most} rows`,
  },
  'headings-alike': { code: 'quantity-unreadable', expected: () => 'headings that differ' },
  'quotes-open': { code: 'quantity-unreadable', expected: () => 'quotes that are closed' },
  'column-unit-unknown': {
    code: 'unit-unknown',
    expected: ({ units }: { readonly units: readonly string[] }) => list(units),
  },
  'day-order-unsure': {
    code: 'date-unreadable',
    expected: () => 'whether its days are day, month, year or month, day, year',
  },
} as const satisfies Readonly<Record<string, Refusal>>

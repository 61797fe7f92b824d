import { formatDecimals, formatNumber, typedNumber } from '../writing/index.ts'
import type { CoreErrorCode } from './codes.ts'

/** A way in which input can be wrong: of which code it is, and what would have been right, in words. */
interface Refusal {
  readonly code: CoreErrorCode
  /** Stands behind "Give": "a number from 0 to 14". */
  // `never` lets each refusal ask for values of its own.
  readonly expected: (values: never) => string
}

const list = (names: readonly string[]): string => names.join(', ')

interface Bounds {
  readonly min: number
  readonly max: number
  readonly unit?: string | undefined
}
const numberWithin = ({ min, max, unit }: Bounds): string =>
  `a number from ${typedNumber(min)} to ${typedNumber(max)}${unit ? ` ${unit}` : ''}`
/** What other lists say better: units by their dimension, what a rate counts, how a file looks. */
const asTold = ({ example }: { readonly example: string }): string => example

/**
 * Every refusal of the core with its sentence; nothing is refused in other words. A refusal that is
 * thrown and not in here does not compile, nor does one without its values.
 */
export const refusals = {
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
  // Names.
  'texture-unknown': { code: 'unknown-name', expected: () => 'a texture of the list' },
  'acid-unknown': { code: 'unknown-name', expected: () => 'an acid of the list' },
  'ligand-unknown': {
    code: 'unknown-name',
    expected: () => 'a ligand that a form of iron brings',
  },
  'source-unknown': { code: 'unknown-name', expected: () => 'a source of the catalogue' },
  'amendment-unknown': { code: 'unknown-name', expected: () => 'an amendment that moves pH' },
  'rate-unknown': { code: 'unknown-name', expected: () => 'a rate of the table' },
  'component-unknown': { code: 'unknown-name', expected: () => 'a component of the system' },
  'check-unknown': { code: 'unknown-name', expected: () => 'a check of the list' },
  'partner-unknown': {
    code: 'unknown-name',
    expected: () => 'a kind of partner of the list',
  },
  'nozzle-kind-unknown': {
    code: 'unknown-name',
    expected: () => 'a kind of nozzle of the list',
  },
  'nozzle-size-unknown': {
    code: 'unknown-name',
    expected: ({ sizes }: { readonly sizes: readonly string[] }) => `a size of ${list(sizes)}`,
  },
  'plant-unknown': { code: 'unknown-name', expected: () => 'a plant of the list' },
  'finding-value-unknown': {
    code: 'unknown-name',
    expected: ({ values }: { readonly values: readonly string[] }) => `one of ${list(values)}`,
  },
  'finding-unknown': {
    code: 'unknown-name',
    expected: ({ names }: { readonly names: readonly string[] }) =>
      `names of findings (${list(names)})`,
  },
  'leaf-unknown': { code: 'unknown-name', expected: () => 'leaves of the drawn plant' },
  'severity-unknown': {
    code: 'unknown-name',
    expected: () => 'a severity from 0 to 5 on each leaf',
  },
  'pattern-unknown': {
    code: 'unknown-name',
    expected: () => 'a pattern of the swatches on each leaf',
  },
  // Ground, soil and water.
  'trees-without-ground': {
    code: 'not-applicable',
    expected: () => 'the ground under the trees, measured: amounts go by area',
  },
  'solution-no-ground': {
    code: 'not-applicable',
    expected: () => 'ground: a solution is brought down with acid in its water',
  },
  'pH-reached-already': {
    code: 'not-applicable',
    expected: ({ pH }: { readonly pH: number }) =>
      `a pH other than the present ${formatDecimals(pH, 1)}: there is nothing to do`,
  },
  'pH-above-water': {
    code: 'not-applicable',
    expected: ({ pH }: { readonly pH: number }) =>
      `a pH below that of the water, which stands at ${typedNumber(pH)}`,
  },
  'alkalinity-above-water': {
    code: 'not-applicable',
    expected: ({ mgPerL }: { readonly mgPerL: number }) =>
      `less than the ${formatNumber(mgPerL)} mg/L that the water has`,
  },
  'too-many-steps': {
    code: 'out-of-range',
    expected: ({ most }: { readonly most: number }) => `at most ${most} steps`,
  },
  // Rates and sources.
  'rate-unit-of-other-basis': {
    code: 'unit-mismatch',
    expected: ({ by, basis }: { readonly by: string; readonly basis: string }) =>
      `a weight or volume per ${by} for ${basis}`,
  },
  'rate-counts-what-is-missing': { code: 'not-applicable', expected: asTold },
  'content-missing': {
    code: 'not-applicable',
    expected: () => 'the percentage of the nutrient on the label: this rate counts by nutrient',
  },
  'density-missing': {
    code: 'not-applicable',
    expected: () =>
      'the weight of a level spoon or cup of the product, weighed once: this rate counts by volume',
  },
  'scoop-missing': {
    code: 'not-applicable',
    expected: () => 'the weight of a level scoop of the product, weighed once',
  },
  'rate-unreadable': {
    code: 'unit-mismatch',
    expected: ({ unit }: { readonly unit: string }) => `a rate such as 1 ${unit}`,
  },
  'rate-not-of-product': {
    code: 'not-applicable',
    expected: ({ unit, measured }: { readonly unit: string; readonly measured: string }) =>
      `a rate of product, such as 1 ${unit}: nobody counts ${measured} that way`,
  },
  'rate-not-of-solution': {
    code: 'not-applicable',
    expected: () => 'the iron wanted in the solution, such as 2 mg/L',
  },
  'rate-unsuited': {
    code: 'not-applicable',
    expected: () => 'a rate that suits this source, route and kind of stand',
  },
  'source-without-response': {
    code: 'not-applicable',
    expected: () => 'a source with a response of the leaf',
  },
  'solution-empty': {
    code: 'not-applicable',
    expected: () => 'at least one metal or ligand in the solution',
  },
  'label-unreadable': {
    code: 'not-applicable',
    expected: () => 'a label whose figures can be read',
  },
  // Work.
  'job-lacks-part': {
    code: 'not-applicable',
    expected: ({ kind, part }: { readonly kind: string; readonly part: string }) =>
      `a job of the kind "${kind}" with its ${part}`,
  },
  'too-many-fills': {
    code: 'out-of-range',
    expected: ({ most }: { readonly most: number }) =>
      `a tank that does the job in at most ${most} fills`,
  },
  'too-few-nozzles': {
    code: 'not-applicable',
    expected: () => 'what at least two nozzles gave in the same time',
  },
  'sprayer-lacks-measure': {
    code: 'not-applicable',
    expected: ({ sprayer }: { readonly sprayer: string }) => `what a ${sprayer} is set up with`,
  },
  // Stands.
  'map-rings-too-short': {
    code: 'not-applicable',
    expected: () => 'polygons whose rings have at least four positions',
  },
  'map-not-in-degrees': {
    code: 'not-applicable',
    expected: () =>
      'longitude and latitude in degrees (WGS 84), as GeoJSON has them; this map is in metres or feet',
  },
  'map-no-json': {
    code: 'not-applicable',
    expected: () => 'a GeoJSON file; this is no JSON',
  },
  'map-without-type': {
    code: 'not-applicable',
    expected: () => 'a GeoJSON file with a "type"',
  },
  'map-unreadable': {
    code: 'not-applicable',
    expected: () => 'GeoJSON as RFC 7946 describes it',
  },
  'map-without-area': {
    code: 'not-applicable',
    expected: () => 'at least one polygon; lines and points have no area',
  },
  'outline-empty': { code: 'not-applicable', expected: () => 'corners' },
  'outline-too-short': { code: 'not-applicable', expected: () => 'at least three corners' },
  'outline-no-numbers': { code: 'not-a-number', expected: () => 'corners in metres' },
  'outline-crosses-itself': {
    code: 'not-applicable',
    expected: () => 'sides that do not cross each other: move a corner',
  },
  'outline-in-a-line': { code: 'not-applicable', expected: () => 'corners not in a line' },
  'sides-do-not-close': {
    code: 'not-applicable',
    expected: () => 'three sides that close: the longest shorter than the other two together',
  },
  'too-few-widths': {
    code: 'not-applicable',
    expected: () => 'at least the width at either end of the line; 0 where it comes to a point',
  },
  'size-of-other-kind': {
    code: 'not-applicable',
    expected: ({
      kinds,
      context,
    }: {
      readonly kinds: readonly string[]
      readonly context: string
    }) => `a size by ${kinds.join(' or ')} for ${context}`,
  },
  'drum-too-shallow': {
    code: 'not-applicable',
    expected: () => 'a depth up to the diameter of the drum',
  },
  'plant-elsewhere': {
    code: 'not-applicable',
    expected: () => 'a plant that grows in this kind of stand',
  },
  'finding-out-of-place': {
    code: 'not-applicable',
    expected: () => 'no answer, since it makes no sense for this kind of stand',
  },
  'calcium-above-total': {
    code: 'not-applicable',
    expected: ({ totalMgPerL }: { readonly totalMgPerL: number }) =>
      `no more than the total hardness of ${formatNumber(totalMgPerL, 4)} mg/L, since calcium is a part of it: count both again, on the same water`,
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

export type RefusalName = keyof typeof refusals
/** What the sentence of a refusal wants to know; `undefined` where it wants nothing. */
export type RefusalValues<Name extends RefusalName> = Parameters<
  (typeof refusals)[Name]['expected']
>[0]

import { formatDecimals, formatNumber, typedNumber } from '../../writing/index.ts'
import { asTold, type Refusal } from '../refusal.ts'

/** Refusals of what does not fit the ground, the product, the work or the stand. */
export const tradeRefusals = {
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
  'cause-elsewhere': {
    code: 'not-applicable',
    expected: () => 'a cause that is drilled on this kind of stand and plant',
  },
  'cause-not-offered': {
    code: 'not-applicable',
    expected: () => 'one of the causes that could be said of this case',
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
} as const satisfies Readonly<Record<string, Refusal>>

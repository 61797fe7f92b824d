import { judgedFrom } from './judged-from.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** How much of all cases is laid to two causes at once, before anything was looked at. */
export const pairShare: Sourced & { readonly value: number } = {
  value: 0.22,
  source: 'two causes at once are common: here about one case in five',
  mark: 'J',
}

/** Causes that are one family: a case is laid to one of them, not to two. */
export const families: readonly (readonly string[])[] = [
  [
    'iron-tied-up-by-pH',
    'iron-tied-up-by-bicarbonate',
    'iron-truly-low',
    'iron-crowded-out',
    'over-limed',
  ],
  ['underfed', 'nitrogen-short', 'sulfur-short', 'potassium-short'],
  ['ring-root-rot', 'sap-sucking-insects', 'larvae'],
  ['shade-or-age', 'symptom-outlived', 'autumn-or-rest'],
  ['roots-cannot-take-it-up', 'compacted-ground', 'nematodes'],
  ['frost-injury', 'heat-or-drought', 'chemical-injury', 'herbicide-carry-over', 'mowing-injury'],
  ['metal-toxicity', 'iron-crowded-out'],
]

/** Pairs that go together more often than chance; how many times, and why. */
export const commonPairs: readonly (Sourced & {
  readonly pair: readonly [string, string]
  readonly times: number
})[] = [
  {
    pair: ['iron-tied-up-by-pH', 'nitrogen-short'],
    times: 2,
    ...judgedFrom('high pH and too little nitrogen, often met together (common practice)'),
  },
  {
    pair: ['iron-tied-up-by-pH', 'manganese-short'],
    times: 3.5,
    ...judgedFrom('high pH ties up both (Marschner)'),
  },
  {
    pair: ['iron-tied-up-by-pH', 'zinc-short'],
    times: 4,
    ...judgedFrom('high pH ties up both (Marschner)'),
  },
  {
    pair: ['iron-tied-up-by-bicarbonate', 'roots-cannot-take-it-up'],
    times: 2.5,
    ...judgedFrom('wet airless limy ground does both (common practice)'),
  },
  {
    pair: ['roots-cannot-take-it-up', 'underfed'],
    times: 3,
    ...judgedFrom('low feeding and root rot, often met together (common practice)'),
  },
  {
    pair: ['iron-truly-low', 'manganese-short'],
    times: 1.6,
    ...judgedFrom('sand, peat and spent solutions lack both (Marschner)'),
  },
  {
    pair: ['compacted-ground', 'heat-or-drought'],
    times: 1.8,
    ...judgedFrom('shallow roots dry out first (common practice)'),
  },
  {
    pair: ['heat-or-drought', 'leaf-pests'],
    times: 2,
    ...judgedFrom('mites follow thirst (common practice)'),
  },
  {
    pair: ['iron-truly-low', 'nitrogen-short'],
    times: 1.4,
    ...judgedFrom('weeks of rain on sand wash out both (common practice)'),
  },
]

/**
 * What is seen of two causes on one plant, when one starts with the young leaves and the other with
 * the old.
 */
export const bothEnds = {
  tier: { all: 7.5, scattered: 2, middle: 0.5, otherwise: 0.05 },
  /** How often both ends show, rather than either cause by itself [1]. */
  share: 0.5,
  source: 'a plant short of iron and of nitrogen is pale all over (common practice); share ours',
  mark: 'J',
} as const

import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { entering, granules, retail, unproven } from './shared/figures.ts'
import { heldOnLeaves, soilIronWateredInAcid } from './shared/iron-rates.ts'
import { eatenInSolution, eatenSlowly, newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

const commonPractice = { source: 'common practice', mark: 'C' } as const
export const ironHumate = {
  id: 'iron-humate',
  name: 'Humate, amino-acid or sugar complex',
  kind: 'complex',
  nutrient: 'Fe',
  remark: 'The name says little about how it holds iron: ask for evidence.',
  contentShare: { low: 0.05, usual: 0.1, high: 0.46 },
  richest: { commercial: 0.46, pure: 0.46 },
  brings: { N: 0, S: 0 },
  source: 'common practice: 5-46 %',
  mark: 'C',
  pricePerKg: retail(3, 8, 20),
  usualKgPerL: granules(0.8),
  stains: 'little',
  organic: 'ask',
  labelNames: [
    'humate',
    'humic',
    'fulvic',
    'amino acid',
    'glycinate',
    'polysaccharide',
    'saccharide',
  ],
  standsFor: none('named by itself where it is meant'),
  boundBy: none('nobody knows its constants'),
  leaf: { enters: entering(0.2, 0.5, 0.9), isTooBig: false, losses: newLeaves },
  soil: {
    held: unproven(0, 0.1, 0.5),
    losses: eatenSlowly,
    isOpenOfUse: true,
  },
  solution: {
    held: unproven(0, 0.2, 0.6),
    losses: eatenInSolution,
  },
  solubility: none('nobody states a limit: try a little first'),
  rates: {
    leaf: {
      rows: [...heldOnLeaves],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: {
      rows: [
        soilIronWateredInAcid,
        {
          id: 'soil-granules-drip-line',
          label: '1-2 cups per shrub along the drip line, scratched in, watered',
          route: 'soil',
          contexts: ['shrub'],
          basis: 'product-per-plant',
          unit: 'cup/plant',
          rate: { low: 1, usual: 1, high: 2 },
          timesASeason: 2,
          intervalDays: { low: 60, high: 90 },
          carrier: undefined,
          ...commonPractice,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('nobody states how long it holds there: ask for evidence'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
} as const satisfies IronSource

import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { entering, liquid, retail, unproven } from './shared/figures.ts'
import {
  heldOnLeaves,
  soilChelateTrunkNeutral,
  soilIronWateredInAcid,
} from './shared/iron-rates.ts'
import { eatenInSolution, eatenSlowly, newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

export const ironLignosulfonate = {
  id: 'iron-lignosulfonate',
  name: 'Iron lignosulfonate',
  kind: 'complex',
  nutrient: 'Fe',
  remark: 'For the leaf or washed in; did well on turf.',
  contentShare: { low: 0.05, usual: 0.08, high: 0.11 },
  richest: { commercial: 0.11, pure: 0.11 },
  brings: { N: 0, S: 0.03 },
  source: 'common practice: 5-11 %',
  mark: 'C',
  pricePerKg: retail(3, 6, 10),
  usualKgPerL: liquid,
  stains: 'little',
  organic: 'ask',
  labelNames: ['lignosulfonate', 'lignosulphonate', 'lignin sulfonate'],
  standsFor: none('named by itself where it is meant'),
  boundBy: none('nobody knows its constants'),
  leaf: { enters: entering(0.6, 0.85, 1), isTooBig: false, losses: newLeaves },
  soil: {
    held: unproven(0, 0.2, 0.6),
    losses: eatenSlowly,
    isOpenOfUse: true,
  },
  solution: {
    held: unproven(0.1, 0.4, 0.8),
    losses: eatenInSolution,
  },
  solubility: none('nobody states a limit: try a little first'),
  rates: {
    leaf: {
      rows: [...heldOnLeaves],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: {
      rows: [soilChelateTrunkNeutral, soilIronWateredInAcid],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('nobody states how long it holds there: ask for evidence'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
} as const satisfies IronSource

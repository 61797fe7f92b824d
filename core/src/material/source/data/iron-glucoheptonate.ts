import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { liquid, retail, smallMolecule, unproven } from './shared/figures.ts'
import { heldOnLeaves, leafLiquidChelateTurf, soilIronWateredInAcid } from './shared/iron-rates.ts'
import { eatenInDays, eatenInSolution, newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

export const ironGlucoheptonate = {
  id: 'iron-glucoheptonate',
  name: 'Iron glucoheptonate',
  kind: 'complex',
  nutrient: 'Fe',
  remark: 'A sugar acid around the iron: for the leaf.',
  contentShare: { low: 0.05, usual: 0.05, high: 0.12 },
  richest: { commercial: 0.12, pure: 0.12 },
  brings: { N: 0, S: 0 },
  source: 'common practice: 5-12 %',
  mark: 'C',
  pricePerKg: retail(4, 7, 12),
  usualKgPerL: liquid,
  stains: 'rust',
  organic: 'ask',
  labelNames: ['glucoheptonate', 'gluconate'],
  standsFor: none('named by itself where it is meant'),
  boundBy: none('nobody knows its constants'),
  leaf: { enters: smallMolecule, isTooBig: false, losses: newLeaves },
  soil: {
    held: unproven(0, 0.1, 0.4),
    losses: eatenInDays,
    isOpenOfUse: true,
  },
  solution: {
    held: unproven(0.1, 0.4, 0.8),
    losses: eatenInSolution,
  },
  solubility: none('nobody states a limit: try a little first'),
  rates: {
    leaf: {
      rows: [...heldOnLeaves, leafLiquidChelateTurf],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: { rows: [soilIronWateredInAcid], elsewhere: 'for the leaf, or watered into acid ground' },
    solution: none('nobody states how long it holds there: ask for evidence'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
} as const satisfies IronSource

import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import {
  crystals,
  handbookSolubility,
  retail,
  saltInSolution,
  smallMolecule,
} from './shared/figures.ts'
import {
  leafSprayShrubs,
  leafSulfate2Percent,
  leafSulfateRowCrop,
  soilIronWateredInAcid,
  soilSulfateTrunk,
} from './shared/iron-rates.ts'
import { newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

const rustsAtOnce = none('what little stays dissolved is counted already')

export const ferrousAmmoniumSulfate = {
  id: 'ferrous-ammonium-sulfate',
  name: 'Ferrous ammonium sulfate',
  kind: 'salt',
  nutrient: 'Fe',
  remark: 'Sulfate that brings nitrogen: count it, and do not give iron the credit for its green.',
  contentShare: { low: 0.14, usual: 0.14, high: 0.1424 },
  richest: { commercial: 0.14, pure: 0.1424 },
  brings: { N: 0.0714, S: 0.1635 },
  source: 'hexahydrate 55.845/392.14',
  mark: 'D',
  pricePerKg: retail(3, 4.5, 7),
  usualKgPerL: crystals,
  stains: 'rust',
  organic: 'seldom',
  labelNames: ['ferrous ammonium sulfate', 'ammonium iron sulfate'],
  standsFor: none('named by itself where it is meant'),
  boundBy: none('an open salt'),
  leaf: { enters: smallMolecule, isTooBig: false, losses: newLeaves },
  soil: {
    held: none('nothing holds it: it is open'),
    losses: none('open iron ages by itself'),
    isOpenOfUse: true,
  },
  solution: {
    held: saltInSolution,
    losses: { clear: rustsAtOnce, covered: rustsAtOnce },
  },
  solubility: handbookSolubility(260),
  rates: {
    leaf: {
      rows: [leafSprayShrubs, leafSulfate2Percent, leafSulfateRowCrop],
      elsewhere: 'no rate of practice on such a stand; plain sulfate has one',
    },
    soil: {
      rows: [soilIronWateredInAcid, soilSulfateTrunk],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('a salt in a solution is rust within hours to days'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('too dear to be bought for its acid'),
} as const satisfies IronSource

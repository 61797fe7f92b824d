import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { entering, granules, retail, saltInSolution } from './shared/figures.ts'
import { soilIronWateredInAcid, soilSulfateTrunk } from './shared/iron-rates.ts'
import { newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

const rustsAtOnce = none('what little stays dissolved is counted already')

export const ferrousSulfateMonohydrate = {
  id: 'ferrous-sulfate-monohydrate',
  name: 'Ferrous sulfate, dry granules',
  kind: 'salt',
  nutrient: 'Fe',
  remark: 'For spreading on acid soil. Grains left on paving rust into it: sweep them back.',
  contentShare: { low: 0.3, usual: 0.305, high: 0.3287 },
  richest: { commercial: 0.31, pure: 0.3287 },
  brings: { N: 0, S: 0.1887 },
  source: 'monohydrate 55.845/169.92; label 30-31 %',
  mark: 'D',
  pricePerKg: retail(1.2, 1.8, 3),
  usualKgPerL: granules(1.2),
  stains: 'rust',
  organic: 'often',
  labelNames: ['ferrous sulfate monohydrate', 'iron sulfate monohydrate'],
  standsFor: none('named by itself where it is meant'),
  boundBy: none('an open salt'),
  leaf: { enters: entering(0.3, 0.6, 0.9), isTooBig: false, losses: newLeaves },
  soil: {
    held: none('nothing holds it: it is open'),
    losses: none('open iron ages by itself'),
    isOpenOfUse: true,
  },
  solution: {
    held: saltInSolution,
    losses: { clear: rustsAtOnce, covered: rustsAtOnce },
  },
  solubility: { gPerL: 150, source: 'dissolves slowly', mark: 'J' },
  rates: {
    leaf: none('granules are spread, not sprayed: they block nozzles'),
    soil: {
      rows: [soilIronWateredInAcid, soilSulfateTrunk],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('a salt in a solution is rust within hours to days'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('what little acid its iron gives is not what it is bought for'),
} as const satisfies IronSource

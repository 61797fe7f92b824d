import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { rootBurn } from './shared/cautions.ts'
import {
  crystals,
  handbookSolubility,
  retail,
  saltInSolution,
  smallMolecule,
} from './shared/figures.ts'
import {
  leafSprayPots,
  leafSprayShrubs,
  leafSprayTrees,
  leafSprayVines,
  leafSulfate2Percent,
  leafSulfateRowCrop,
  soilContainerDrench,
  soilIronWateredInAcid,
  soilSulfateTrunk,
} from './shared/iron-rates.ts'
import { newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

const commonPractice = { source: 'common practice', mark: 'C' } as const
const rustsAtOnce = none('what little stays dissolved is counted already')

export const ferrousSulfate = {
  id: 'ferrous-sulfate',
  name: 'Ferrous sulfate, spray grade',
  kind: 'salt',
  nutrient: 'Fe',
  remark:
    'Cheapest. Good on the leaf; in soil over pH 7 it is rust within days to weeks. Spray grade dissolves; the granular grade blocks screens.',
  contentShare: { low: 0.19, usual: 0.2, high: 0.2009 },
  richest: { commercial: 0.2, pure: 0.2009 },
  brings: { N: 0, S: 0.1153 },
  source: 'heptahydrate 55.845/278.01; label 19-20 %',
  mark: 'D',
  pricePerKg: retail(1, 1.5, 2.5),
  usualKgPerL: crystals,
  stains: 'rust',
  organic: 'often',
  labelNames: [
    'ferrous sulfate heptahydrate',
    'ferrous sulfate',
    'iron sulfate',
    'ferrous sulphate',
  ],
  standsFor: 'unchelated iron',
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
  solubility: handbookSolubility(250),
  rates: {
    leaf: {
      rows: [
        leafSprayShrubs,
        leafSulfate2Percent,
        {
          id: 'leaf-sulfate-turf-summer',
          label: '2 oz/1000 ft², warm-season turf in summer',
          route: 'leaf',
          contexts: ['turf'],
          basis: 'product-per-area',
          unit: 'oz/1000 ft2',
          rate: { low: 2, usual: 2, high: 2 },
          carrier: { unit: 'gal/1000 ft2', low: 3, usual: 4, high: 5 },
          intervalDays: { low: 14, high: 28 },
          ...commonPractice,
        },
        leafSulfateRowCrop,
        leafSprayTrees,
        leafSprayVines,
        leafSprayPots,
      ],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: {
      rows: [soilIronWateredInAcid, soilSulfateTrunk, soilContainerDrench],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('a salt in a solution is rust within hours to days'),
  },
  responses: weakResponses,
  cautions: [rootBurn],
  acidity: {
    action: 'quick',
    limitedAs: 'iron salt',
    isFirstChoice: false,
    molPerKg: { low: 2000 / 278.01, usual: 2000 / 278.01, high: 2000 / 278.01 },
    grainUm: none('it dissolves'),
    practicePerSulfur: [5, 8],
    speed: 'weeks',
    remark:
      'For bare ground and pits. Brings iron, which counts against the season: on living turf at most 5 g/m² (1 lb/1000 ft²) at once. Dear, salty, and it stains; by the formula it takes 8.7 times the weight.',
    source: 'FeSO₄·7H₂O gives two protons when its iron rusts',
    mark: 'D',
  },
} as const satisfies IronSource

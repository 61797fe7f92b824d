import { none } from '../../../base/reference/index.ts'
import type { OtherSource } from '../facts/source.ts'
import { saltsIrritate } from './shared/cautions.ts'
import { handbookSolubility, retailAbout, smallIons } from './shared/figures.ts'
import {
  leafInterval,
  leafOtherPots,
  leafOtherShrub,
  leafOtherTree,
  mownOrRows,
  onGround,
  practice,
  readAcross,
  sprayed,
} from './shared/other-rates.ts'
import { weakResponses } from './shared/responses.ts'

export const zincSulfate = {
  id: 'zinc-sulfate',
  name: 'Zinc sulfate',
  kind: 'salt',
  nutrient: 'Zn',
  remark: 'Soil keeps it for years, at high pH too fast for the roots.',
  contentShare: { low: 0.35, usual: 0.355, high: 0.36 },
  brings: { N: 0, S: 0.178 },
  source: 'monohydrate 65.38/179.45, label 35-36 %',
  mark: 'D',
  pricePerKg: retailAbout(3),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: none('an open salt'),
  fate: 'fixed',
  ...smallIons,
  groundPH: 'keeps',
  solubility: handbookSolubility(500),
  rates: {
    leaf: {
      rows: [
        {
          id: 'leaf-zinc-sulfate',
          label: '1-4 kg/ha on the leaf; test a patch first, it can burn',
          route: 'leaf',
          contexts: mownOrRows,
          basis: 'product-per-area',
          unit: 'kg/ha',
          rate: { low: 1, usual: 2, high: 4 },
          carrier: sprayed,
          ...leafInterval,
          ...practice,
        },
        leafOtherShrub,
        leafOtherTree,
        leafOtherPots,
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    soil: {
      rows: [
        {
          id: 'soil-zinc-banded',
          label: '10-40 kg/ha, one dose for years on most ground',
          route: 'soil',
          contexts: onGround,
          basis: 'product-per-area',
          unit: 'kg/ha',
          rate: { low: 10, usual: 25, high: 40 },
          carrier: undefined,
          intervalDays: undefined,
          ...practice,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: {
      rows: [
        {
          id: 'solution-zinc',
          label: '0.1-0.35 mg/L zinc',
          route: 'solution',
          contexts: ['hydroponic'],
          basis: 'product-in-solution',
          unit: 'mg/L',
          rate: { low: 0.3, usual: 0.5, high: 1 },
          carrier: undefined,
          intervalDays: undefined,
          ...readAcross,
        },
      ],
      elsewhere: 'zinc salts harm fish',
    },
  },
  responses: weakResponses,
  cautions: [saltsIrritate],
  acidity: none('it moves no pH worth the name'),
  asIngredient: {
    id: 'zinc-sulfate',
    name: 'zinc sulfate',
    contents: { Zn: 0.3643, S: 0.1786 },
    sulfurAs: 'sulfate',
    labelNames: ['zinc sulfate', 'zinc sulphate'],
    source: 'formula masses of IUPAC',
    mark: 'D',
  },
} as const satisfies OtherSource

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

export const manganeseSulfate = {
  id: 'manganese-sulfate',
  name: 'Manganese sulfate',
  kind: 'salt',
  nutrient: 'Mn',
  remark: 'On the leaf the cheapest and best. Roots need it beside them while it lasts.',
  contentShare: { low: 0.3, usual: 0.31, high: 0.32 },
  brings: { N: 0, S: 0.19 },
  source: 'monohydrate 54.938/169.02, label 31-32 %',
  mark: 'D',
  pricePerKg: retailAbout(2.5),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: none('an open salt'),
  fate: 'oxidised',
  ...smallIons,
  groundPH: 'keeps',
  solubility: handbookSolubility(500),
  rates: {
    leaf: {
      rows: [
        {
          id: 'leaf-manganese-sulfate',
          label: '2-6 kg/ha on the leaf, again when new leaves pale',
          route: 'leaf',
          contexts: mownOrRows,
          basis: 'product-per-area',
          unit: 'kg/ha',
          rate: { low: 2, usual: 4, high: 6 },
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
          id: 'soil-manganese-banded',
          label: '20-60 kg/ha, banded with an acid fertiliser',
          route: 'soil',
          contexts: onGround,
          basis: 'product-per-area',
          unit: 'kg/ha',
          rate: { low: 20, usual: 35, high: 60 },
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
          id: 'solution-manganese',
          label: '0.2-0.5 mg/L manganese',
          route: 'solution',
          contexts: ['hydroponic', 'aquaponic'],
          basis: 'product-in-solution',
          unit: 'mg/L',
          rate: { low: 0.7, usual: 1.3, high: 1.6 },
          carrier: undefined,
          intervalDays: undefined,
          ...readAcross,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
  },
  responses: weakResponses,
  cautions: [saltsIrritate],
  acidity: none('it moves no pH worth the name'),
  asIngredient: {
    id: 'manganese-sulfate',
    name: 'manganese sulfate',
    contents: { Mn: 0.325, S: 0.1897 },
    sulfurAs: 'sulfate',
    labelNames: ['manganese sulfate', 'manganese sulphate'],
    source: 'formula masses of IUPAC',
    mark: 'D',
  },
} as const satisfies OtherSource

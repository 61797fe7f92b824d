import { none } from '../../../base/reference/index.ts'
import type { OtherSource } from '../facts/source.ts'
import { edta } from './fe-edta.ts'
import { saltsIrritate } from './shared/cautions.ts'
import { makersSolubility, retailAbout, smallIons } from './shared/figures.ts'
import {
  leafOtherChelate,
  leafOtherPots,
  leafOtherShrub,
  leafOtherTree,
  onGround,
  practice,
  readAcross,
} from './shared/other-rates.ts'
import { weakResponses } from './shared/responses.ts'

export const znEdta = {
  id: 'zn-edta',
  name: 'Zn-EDTA',
  kind: 'chelate',
  nutrient: 'Zn',
  remark: 'Carries zinc to roots where iron and calcium leave it its ligand.',
  contentShare: { low: 0.06, usual: 0.14, high: 0.15 },
  brings: { N: 0, S: 0 },
  source: 'common practice; the label comes first',
  mark: 'C',
  pricePerKg: retailAbout(13),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: { ligand: edta, isomers: none('one form only') },
  fate: 'fixed',
  ...smallIons,
  groundPH: 'keeps',
  solubility: makersSolubility(500),
  rates: {
    leaf: {
      rows: [leafOtherChelate, leafOtherShrub, leafOtherTree, leafOtherPots],
      elsewhere: 'no rate of practice on such a stand',
    },
    soil: {
      rows: [
        {
          id: 'soil-zinc-chelate',
          label: '5-20 kg/ha, banded at planting',
          route: 'soil',
          contexts: onGround,
          basis: 'product-per-area',
          unit: 'kg/ha',
          rate: { low: 5, usual: 10, high: 20 },
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
          id: 'solution-zinc-chelate',
          label: '0.1-0.35 mg/L zinc as chelate',
          route: 'solution',
          contexts: ['hydroponic'],
          basis: 'product-in-solution',
          unit: 'mg/L',
          rate: { low: 0.7, usual: 1.2, high: 2.5 },
          carrier: undefined,
          intervalDays: undefined,
          ...readAcross,
        },
        {
          id: 'solution-zinc-with-fish',
          label: '0.04-0.1 mg/L zinc as chelate: fish bear little',
          route: 'solution',
          contexts: ['aquaponic'],
          basis: 'product-in-solution',
          unit: 'mg/L',
          rate: { low: 0.3, usual: 0.5, high: 0.7 },
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
  asIngredient: none('a label that names it says how much of its nutrient it holds'),
} as const satisfies OtherSource

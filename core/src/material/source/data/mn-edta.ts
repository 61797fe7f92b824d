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
  readAcross,
} from './shared/other-rates.ts'
import { weakResponses } from './shared/responses.ts'

export const mnEdta = {
  id: 'mn-edta',
  name: 'Mn-EDTA',
  kind: 'chelate',
  nutrient: 'Mn',
  remark:
    'For the leaf and for solution. In soil it trades its manganese for iron within days, and can make a want of manganese worse.',
  contentShare: { low: 0.05, usual: 0.13, high: 0.13 },
  brings: { N: 0, S: 0 },
  source: 'common practice; the label comes first',
  mark: 'C',
  pricePerKg: retailAbout(13),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: { ligand: edta, isomers: none('one form only') },
  fate: 'oxidised',
  ...smallIons,
  groundPH: 'keeps',
  solubility: makersSolubility(500),
  rates: {
    leaf: {
      rows: [leafOtherChelate, leafOtherShrub, leafOtherTree, leafOtherPots],
      elsewhere: 'no rate of practice on such a stand',
    },
    soil: none('in soil it trades its manganese for iron within days'),
    solution: {
      rows: [
        {
          id: 'solution-manganese-chelate',
          label: '0.2-0.5 mg/L manganese as chelate',
          route: 'solution',
          contexts: ['hydroponic', 'aquaponic'],
          basis: 'product-in-solution',
          unit: 'mg/L',
          rate: { low: 1.5, usual: 3, high: 3.8 },
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

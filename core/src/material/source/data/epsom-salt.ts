import { none } from '../../../base/reference/index.ts'
import type { OtherSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { handbookSolubility, retailAbout, smallIons } from './shared/figures.ts'
import {
  onGround,
  perPot,
  perTree,
  practice,
  readAcross,
  soilMagnesiumSulfate,
} from './shared/other-rates.ts'
import { weakResponses } from './shared/responses.ts'

export const epsomSalt = {
  id: 'epsom-salt',
  name: 'Magnesium sulfate, Epsom salt',
  kind: 'salt',
  nutrient: 'Mg',
  remark: 'Quick by every way. It does not change pH.',
  contentShare: { low: 0.096, usual: 0.0986, high: 0.0986 },
  brings: { N: 0, S: 0.1301 },
  source: 'formula masses of IUPAC',
  mark: 'D',
  pricePerKg: retailAbout(1.6),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: none('an open salt'),
  fate: 'exchangeable',
  ...smallIons,
  solubility: handbookSolubility(700),
  rates: {
    leaf: {
      rows: [
        {
          id: 'leaf-epsom',
          label: '2 % spray, two or three times, ten days apart',
          route: 'leaf',
          contexts: onGround,
          basis: 'spray-strength',
          unit: '%',
          rate: { low: 1, usual: 2, high: 2 },
          carrier: { unit: 'L/ha', low: 300, usual: 400, high: 600 },
          intervalDays: { low: 10, high: 14 },
          ...practice,
        },
        {
          id: 'leaf-epsom-tree',
          label: '1-2 % spray, leaves wetted but not dripping',
          route: 'leaf',
          contexts: ['tree'],
          basis: 'spray-strength',
          unit: '%',
          rate: { low: 1, usual: 2, high: 2 },
          carrier: perTree,
          intervalDays: { low: 10, high: 14 },
          ...practice,
        },
        {
          id: 'leaf-epsom-pots',
          label: '1-2 % spray over the pots',
          route: 'leaf',
          contexts: ['container'],
          basis: 'spray-strength',
          unit: '%',
          rate: { low: 1, usual: 1, high: 2 },
          carrier: perPot,
          intervalDays: { low: 10, high: 14 },
          ...readAcross,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    soil: {
      rows: [
        soilMagnesiumSulfate,
        {
          id: 'soil-epsom-drench',
          label: '2-5 g in a litre of drench',
          route: 'soil',
          contexts: ['container'],
          basis: 'drench-strength',
          unit: 'g/L',
          rate: { low: 2, usual: 3, high: 5 },
          carrier: { unit: '%', low: 10, usual: 12, high: 15 },
          intervalDays: { low: 21, high: 35 },
          ...practice,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: {
      rows: [
        {
          id: 'solution-magnesium',
          label: '10-30 mg/L magnesium; measure first',
          route: 'solution',
          contexts: ['hydroponic', 'aquaponic'],
          basis: 'product-in-solution',
          unit: 'mg/L',
          rate: { low: 100, usual: 200, high: 300 },
          ...readAcross,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
  asIngredient: {
    id: 'epsom-salt',
    name: 'Epsom salt',
    contents: { Mg: 0.0986, S: 0.1301 },
    sulfurAs: 'sulfate',
    labelNames: ['epsom'],
    source: 'formula masses of IUPAC',
    mark: 'D',
  },
} as const satisfies OtherSource

import { none } from '../../../base/reference/index.ts'
import type { OtherSource } from '../facts/source.ts'
import { liming } from './shared/cautions.ts'
import { retailAbout, smallIons } from './shared/figures.ts'
import { onGround, practice } from './shared/other-rates.ts'
import { weakResponses } from './shared/responses.ts'

export const dolomite = {
  id: 'dolomite',
  name: 'Dolomitic lime',
  kind: 'salt',
  nutrient: 'Mg',
  remark: 'Raises pH: where iron is tied up it makes that worse. Only on ground that is too acid.',
  contentShare: { low: 0.06, usual: 0.12, high: 0.13 },
  brings: { N: 0, S: 0 },
  source: 'common practice; the label comes first',
  mark: 'C',
  pricePerKg: retailAbout(0.2),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: none('a rock'),
  fate: 'exchangeable',
  ...smallIons,
  groundPH: 'raises',
  solubility: none('a rock: it dissolves in acid ground only'),
  rates: {
    leaf: none('a rock: nothing of it enters a leaf'),
    soil: {
      rows: [
        {
          id: 'soil-dolomite',
          label: '1-4 t/ha, only where the pH should rise',
          route: 'soil',
          contexts: onGround,
          basis: 'product-per-area',
          unit: 'kg/ha',
          rate: { low: 1000, usual: 2000, high: 4000 },
          carrier: undefined,
          intervalDays: undefined,
          ...practice,
        },
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('a rock: it raises the pH and stays on the bottom'),
  },
  responses: weakResponses,
  cautions: [liming],
  acidity: none('it moves no pH worth the name'),
  asIngredient: none('a label that names it says how much of its nutrient it holds'),
} as const satisfies OtherSource

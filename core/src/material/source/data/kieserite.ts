import { none } from '../../../base/reference/index.ts'
import type { OtherSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { retailAbout, smallIons } from './shared/figures.ts'
import { soilMagnesiumSulfate } from './shared/other-rates.ts'
import { weakResponses } from './shared/responses.ts'

export const kieserite = {
  id: 'kieserite',
  name: 'Kieserite granules',
  kind: 'salt',
  nutrient: 'Mg',
  remark: 'The lasting form on the ground, slower than Epsom salt.',
  contentShare: { low: 0.15, usual: 0.155, high: 0.16 },
  brings: { N: 0, S: 0.2 },
  source: 'monohydrate 24.305/138.38, label 15-16 %',
  mark: 'C',
  pricePerKg: retailAbout(0.9),
  usualKgPerL: none('nobody states it: weigh a spoon'),
  boundBy: none('an open salt'),
  fate: 'exchangeable',
  ...smallIons,
  groundPH: 'keeps',
  solubility: none('granules that dissolve slowly; nobody states a limit'),
  rates: {
    leaf: none('granules are spread, not sprayed'),
    soil: {
      rows: [soilMagnesiumSulfate],
      elsewhere: 'granules dissolve too slowly for pots and holes',
    },
    solution: none('it dissolves too slowly; Epsom salt does not'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
  asIngredient: {
    id: 'magnesium-sulfate',
    name: 'magnesium sulfate',
    contents: { Mg: 0.2019, S: 0.2664 },
    sulfurAs: 'sulfate',
    labelNames: ['magnesium sulfate', 'magnesium sulphate', 'kieserite'],
    source: 'formula masses of IUPAC',
    mark: 'D',
  },
} as const satisfies OtherSource

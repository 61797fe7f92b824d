import { none } from '../../../base/reference/index.ts'
import { kgLimePerMol } from '../facts/acidity.ts'
import type { Amendment } from '../facts/source.ts'
import { limeDust, liming } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const limestone = {
  id: 'limestone',
  name: 'Ground limestone',
  kind: 'amendment',
  nutrient: 'Ca',
  remark: 'Raises pH.',
  contentShare: { low: 0.32, usual: 0.36, high: 0.39 },
  brings: { N: 0, S: 0 },
  source: 'labels of such products (common practice)',
  mark: 'C',
  pricePerKg: retail(0.1, 0.25, 0.5),
  usualKgPerL: poured(1.3),
  solubility: none('spread dry; nobody states a limit'),
  rates: {
    leaf: none('an amendment of the ground'),
    soil: none('its amount is planned by pH, not by a rate'),
    solution: none('an amendment of the ground'),
  },
  responses: noResponses,
  cautions: [limeDust, liming],
  acidity: {
    action: 'lime',
    limitedAs: 'lime',
    isFirstChoice: true,
    molPerKg: { low: -0.8 / kgLimePerMol, usual: -0.9 / kgLimePerMol, high: -1 / kgLimePerMol },
    grainUm: none('its grain has no say'),
    practicePerSulfur: none('practice has no such figure'),
    speed: 'months when fine',
    remark: 'Over-limed ground locks up iron and manganese: in moderation, in steps.',
    source: 'CaCO₃ takes two protons; 80 to 100 % of it counts',
    mark: 'C',
  },
  asIngredient: none('not an ingredient of labels with iron'),
} as const satisfies Amendment

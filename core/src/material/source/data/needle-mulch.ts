import { none } from '../../../base/reference/index.ts'
import type { Amendment } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const needleMulch = {
  id: 'needle-mulch',
  name: 'Pine needles, oak leaves or bark',
  kind: 'amendment',
  nutrient: 'OM',
  remark: 'Keeps acid ground acid.',
  contentShare: { low: 0.8, usual: 0.9, high: 0.95 },
  brings: { N: 0, S: 0 },
  source: 'labels of such products (common practice)',
  mark: 'C',
  pricePerKg: retail(0, 0.15, 0.4),
  usualKgPerL: poured(0.15),
  solubility: none('spread dry; nobody states a limit'),
  rates: {
    leaf: none('an amendment of the ground'),
    soil: none('its amount is planned by pH, not by a rate'),
    solution: none('an amendment of the ground'),
  },
  responses: noResponses,
  cautions: noMore,
  acidity: {
    action: 'slow',
    limitedAs: 'organic',
    isFirstChoice: false,
    molPerKg: { low: 0, usual: 0.03, high: 0.1 },
    grainUm: none('its grain has no say'),
    practicePerSulfur: none('practice has no such figure'),
    speed: 'years',
    remark: 'Hardly moves mineral soil: keeps acid ground acid. Some say it acidifies over years.',
    source: 'fresh litter is acid, but its ash is lime; what is left over is near nothing',
    mark: 'J',
  },
  asIngredient: none('not an ingredient of labels with iron'),
} as const satisfies Amendment

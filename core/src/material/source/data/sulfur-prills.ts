import { none } from '../../../base/reference/index.ts'
import { molPerKgSulfur } from '../facts/acidity.ts'
import type { Amendment } from '../facts/source.ts'
import { sulfurDust } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const sulfurPrills = {
  id: 'sulfur-prills',
  name: 'Sulfur prills that stay whole',
  kind: 'amendment',
  nutrient: 'S',
  remark: 'Cheap and slow.',
  contentShare: { low: 0.9, usual: 0.95, high: 0.99 },
  brings: { N: 0, S: 0 },
  source: 'labels of such products (common practice)',
  mark: 'C',
  pricePerKg: retail(0.6, 1, 1.8),
  usualKgPerL: poured(1.25),
  solubility: none('spread dry; nobody states a limit'),
  rates: {
    leaf: none('an amendment of the ground'),
    soil: none('its amount is planned by pH, not by a rate'),
    solution: none('an amendment of the ground'),
  },
  responses: noResponses,
  cautions: [sulfurDust],
  acidity: {
    action: 'sulfur',
    limitedAs: 'sulfur',
    isFirstChoice: false,
    molPerKg: {
      low: 0.95 * molPerKgSulfur,
      usual: 0.95 * molPerKgSulfur,
      high: 0.95 * molPerKgSulfur,
    },
    grainUm: 1000,
    practicePerSulfur: none('practice has no such figure'),
    speed: 'years: a tenth in the first',
    remark: 'Cheap and slow; most of it still lies there at the first retest.',
    source: 'S → H₂SO₄; 95 % pure',
    mark: 'D',
  },
  asIngredient: none('not an ingredient of labels with iron'),
} as const satisfies Amendment

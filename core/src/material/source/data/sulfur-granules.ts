import { none } from '../../../base/reference/index.ts'
import { molPerKgSulfur } from '../facts/acidity.ts'
import type { Amendment } from '../facts/source.ts'
import { sulfurDust } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const sulfurGranules = {
  id: 'sulfur-granules',
  name: 'Sulfur granules that fall apart',
  kind: 'amendment',
  nutrient: 'S',
  remark: 'Spreads without dust and falls apart when wet.',
  contentShare: { low: 0.88, usual: 0.9, high: 0.92 },
  brings: { N: 0, S: 0 },
  source: 'labels of such products (common practice)',
  mark: 'C',
  pricePerKg: retail(0.8, 1.4, 2.5),
  usualKgPerL: poured(1.2),
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
    isFirstChoice: true,
    molPerKg: {
      low: 0.9 * molPerKgSulfur,
      usual: 0.9 * molPerKgSulfur,
      high: 0.9 * molPerKgSulfur,
    },
    grainUm: 150,
    practicePerSulfur: none('practice has no such figure'),
    speed: 'a year and more',
    remark: 'Clay in them swells and lets them fall apart when wet; spreads without dust.',
    source: 'S → H₂SO₄; 90 % sulfur, 10 % clay',
    mark: 'D',
  },
  asIngredient: none('not an ingredient of labels with iron'),
} as const satisfies Amendment

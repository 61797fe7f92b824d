import { none } from '../../../base/reference/index.ts'
import { molPerKgSulfur } from '../facts/acidity.ts'
import type { Amendment } from '../facts/source.ts'
import { sulfurDust } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const sulfurFlour = {
  id: 'sulfur-flour',
  name: 'Sulfur flour',
  kind: 'amendment',
  nutrient: 'S',
  remark: 'The quickest sulfur, and the one that dusts.',
  contentShare: { low: 0.95, usual: 0.99, high: 0.999 },
  brings: { N: 0, S: 0 },
  source: 'labels of such products (common practice)',
  mark: 'C',
  pricePerKg: retail(1.2, 2, 3.5),
  usualKgPerL: poured(0.6),
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
      low: 0.99 * molPerKgSulfur,
      usual: 0.99 * molPerKgSulfur,
      high: 0.99 * molPerKgSulfur,
    },
    grainUm: 75,
    practicePerSulfur: none('practice has no such figure'),
    speed: 'half of it within a season of warm ground',
    remark: 'Dust: it irritates and can burn or explode.',
    source: 'S → H₂SO₄; 99 % pure',
    mark: 'D',
  },
  asIngredient: {
    id: 'sulfur',
    name: 'elemental sulfur',
    contents: { S: 1 },
    sulfurAs: 'element',
    labelNames: ['elemental sulfur', 'sulfur', 'elemental sulphur'],
    source: 'formula masses of IUPAC',
    mark: 'D',
  },
} as const satisfies Amendment

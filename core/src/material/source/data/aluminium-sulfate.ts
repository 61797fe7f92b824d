import { none } from '../../../base/reference/index.ts'
import type { Amendment } from '../facts/source.ts'
import { aluminium, rootBurn } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const aluminiumSulfate = {
  id: 'aluminium-sulfate',
  name: 'Aluminium sulfate',
  kind: 'amendment',
  nutrient: 'Al',
  remark: 'Quick, and hard on roots.',
  contentShare: { low: 0.081, usual: 0.081, high: 0.091 },
  brings: { N: 0, S: 0.144 },
  source: '18-hydrate 53.96/666.4; drier grades hold more',
  mark: 'D',
  pricePerKg: retail(0.9, 1.6, 3),
  usualKgPerL: poured(1),
  solubility: none('spread dry; nobody states a limit'),
  rates: {
    leaf: none('an amendment of the ground'),
    soil: none('its amount is planned by pH, not by a rate'),
    solution: none('an amendment of the ground'),
  },
  responses: noResponses,
  cautions: [aluminium, rootBurn],
  acidity: {
    action: 'quick',
    limitedAs: 'salt',
    isFirstChoice: false,
    molPerKg: {
      low: 6000 / 666.42,
      usual: (6000 / 666.42 + 6000 / 594.36) / 2,
      high: 6000 / 594.36,
    },
    grainUm: none('its grain has no say'),
    practicePerSulfur: [6, 7],
    speed: 'at once',
    remark: 'Aluminium harms roots in acid ground: many will not use it.',
    source: 'Al₂(SO₄)₃ with 14 to 18 water gives six protons',
    mark: 'D',
  },
  asIngredient: none('not an ingredient of labels with iron'),
} as const satisfies Amendment

import { none } from '../../../base/reference/index.ts'
import type { Amendment } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

export const peatMoss = {
  id: 'peat-moss',
  name: 'Peat moss, dry weight',
  kind: 'amendment',
  nutrient: 'OM',
  remark: 'Sour itself, for a year or two.',
  contentShare: { low: 0.9, usual: 0.95, high: 0.98 },
  brings: { N: 0, S: 0 },
  source: 'labels of such products (common practice)',
  mark: 'C',
  pricePerKg: retail(0.6, 1, 2),
  usualKgPerL: poured(0.12),
  solubility: none('spread dry; nobody states a limit'),
  rates: {
    leaf: none('an amendment of the ground'),
    soil: none('its amount is planned by pH, not by a rate'),
    solution: none('an amendment of the ground'),
  },
  responses: noResponses,
  cautions: noMore,
  acidity: {
    action: 'quick',
    limitedAs: 'organic',
    isFirstChoice: false,
    molPerKg: { low: 0.2, usual: 0.4, high: 0.7 },
    grainUm: none('its grain has no say'),
    practicePerSulfur: none('practice has no such figure'),
    speed: 'at once, for a year or two',
    remark:
      'Worked in; as a cover it dries out and does little. It rots away, and its acid with it.',
    source: 'peat of pH 3.5 to 4.5 takes about 0.2 mol base a kilogram and pH up to the soil’s',
    mark: 'J',
  },
  asIngredient: none('not an ingredient of labels with iron'),
} as const satisfies Amendment

import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { about, entering, retail } from './shared/figures.ts'
import { weakResponses } from './shared/responses.ts'

export const ironOxide = {
  id: 'iron-oxide',
  name: 'Iron oxide',
  kind: 'slow',
  nutrient: 'Fe',
  remark: 'Not of use to plants in a season, whatever the percentage.',
  contentShare: { low: 0.3, usual: 0.699, high: 0.6994 },
  richest: { commercial: 0.699, pure: 0.6994 },
  brings: { N: 0, S: 0 },
  source: 'common practice',
  mark: 'C',
  pricePerKg: retail(1, 2, 4),
  usualKgPerL: about(1.5, 'powder'),
  stains: 'rust',
  organic: 'often',
  labelNames: ['iron oxide', 'ferric oxide', 'iron sucrate', 'red iron'],
  standsFor: 'insoluble iron',
  boundBy: none('a solid'),
  leaf: { enters: entering(0, 0, 0.02), isTooBig: false, losses: none('next to none gets in') },
  soil: {
    held: none('it does not dissolve within a season'),
    losses: none('it does not dissolve within a season'),
    isOpenOfUse: false,
  },
  solution: {
    held: none('it does not dissolve within a season'),
    losses: {
      clear: none('it does not dissolve within a season'),
      covered: none('it does not dissolve within a season'),
    },
  },
  solubility: none('it does not dissolve within a season'),
  rates: {
    leaf: none('it does not dissolve within a season'),
    soil: none('it does not dissolve within a season'),
    solution: none('it does not dissolve within a season'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it does not dissolve within a season'),
} as const satisfies IronSource

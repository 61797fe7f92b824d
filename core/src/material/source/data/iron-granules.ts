import { none } from '../../../base/reference/index.ts'
import type { IronSource } from '../facts/source.ts'
import { heavyMetals } from './shared/cautions.ts'
import { about, entering, retail } from './shared/figures.ts'
import { weakResponses } from './shared/responses.ts'

export const ironGranules = {
  id: 'iron-granules',
  name: 'Mined or by-product granules',
  kind: 'slow',
  nutrient: 'Fe',
  remark: 'Slow. Ask for the heavy-metal analysis before any goes where food grows.',
  contentShare: { low: 0.1, usual: 0.2, high: 0.4 },
  richest: { commercial: 0.4, pure: 0.4 },
  brings: { N: 0, S: 0 },
  source: 'common practice',
  mark: 'C',
  pricePerKg: retail(0.6, 1.5, 3),
  usualKgPerL: about(1.3, 'granules'),
  stains: 'rust',
  organic: 'ask',
  labelNames: ['iron ore', 'by-product', 'mine tailings', 'mined iron'],
  standsFor: none('named by itself where it is meant'),
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
  cautions: [heavyMetals],
  acidity: none('it does not dissolve within a season'),
} as const satisfies IronSource

import { none } from '../../../base/reference/index.ts'
import { kgLimePerMol } from '../facts/acidity.ts'
import type { Amendment } from '../facts/source.ts'
import { rootBurn } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

/** Acid of a kilogram of nitrogen [mol H⁺/kg]: two moles a mole of CaCO3 at least, all nitrified at most. */
const acidOfNitrogen = { least: 1.8 / kgLimePerMol, most: 1000 / 14.007 }

export const urea = {
  id: 'urea',
  name: 'Urea',
  kind: 'amendment',
  nutrient: 'N',
  remark: 'A feed that sours the ground a little.',
  contentShare: { low: 0.46, usual: 0.46, high: 0.466 },
  brings: { N: 0, S: 0 },
  source: 'formula 28.01/60.06, label 46-0-0',
  mark: 'D',
  pricePerKg: retail(0.6, 1, 1.8),
  usualKgPerL: poured(0.75),
  solubility: none('spread dry; nobody states a limit'),
  rates: {
    leaf: none('an amendment of the ground'),
    soil: none('its amount is planned by pH, not by a rate'),
    solution: none('an amendment of the ground'),
  },
  responses: noResponses,
  cautions: [rootBurn],
  acidity: {
    action: 'ammonium',
    limitedAs: 'nitrogen',
    isFirstChoice: false,
    molPerKg: {
      low: acidOfNitrogen.least * 0.46,
      usual: ((acidOfNitrogen.least + acidOfNitrogen.most) * 0.46) / 2,
      high: acidOfNitrogen.most * 0.46,
    },
    grainUm: none('its grain has no say'),
    practicePerSulfur: none('practice has no such figure'),
    speed: 'weeks in warm ground',
    remark: 'A third of the acid of ammonium sulfate for the same nitrogen.',
    source: 'Pierre 1933: 1.8 kg CaCO3 for a kilogram N; full nitrification is the upper bound',
    mark: 'M',
  },
  asIngredient: {
    id: 'urea',
    name: 'urea',
    contents: { N: 0.46 },
    sulfurAs: 'none',
    labelNames: ['urea'],
    source: 'trade grade',
    mark: 'C',
  },
} as const satisfies Amendment

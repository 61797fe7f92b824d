import { none } from '../../../base/reference/index.ts'
import { kgLimePerMol } from '../facts/acidity.ts'
import type { Amendment } from '../facts/source.ts'
import { rootBurn } from './shared/cautions.ts'
import { poured, retail } from './shared/figures.ts'
import { noResponses } from './shared/responses.ts'

/** Acid of a kilogram of nitrogen [mol H⁺/kg]: two moles a mole of CaCO3 at least, all nitrified at most. */
const acidOfNitrogen = { least: 5.35 / kgLimePerMol, most: 2000 / 14.007 }

export const ammoniumSulfate = {
  id: 'ammonium-sulfate',
  name: 'Ammonium sulfate',
  kind: 'amendment',
  nutrient: 'N',
  remark: 'A feed that sours the ground.',
  contentShare: { low: 0.205, usual: 0.21, high: 0.212 },
  brings: { N: 0, S: 0.24 },
  source: 'formula 28.01/132.14, label 21-0-0 with 24 % S',
  mark: 'D',
  pricePerKg: retail(0.5, 0.9, 1.6),
  usualKgPerL: poured(1),
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
      low: acidOfNitrogen.least * 0.21,
      usual: ((acidOfNitrogen.least + acidOfNitrogen.most) * 0.21) / 2,
      high: acidOfNitrogen.most * 0.21,
    },
    grainUm: none('its grain has no say'),
    practicePerSulfur: none('practice has no such figure'),
    speed: 'weeks in warm ground',
    remark: 'Only as much as the nitrogen budget allows.',
    source: 'Pierre 1933: 5.35 kg CaCO3 for a kilogram N; full nitrification is the upper bound',
    mark: 'M',
  },
  asIngredient: {
    id: 'ammonium-sulfate',
    name: 'ammonium sulfate',
    contents: { N: 0.212, S: 0.2426 },
    sulfurAs: 'sulfate',
    labelNames: ['ammonium sulfate', 'ammonium sulphate'],
    source: 'formula masses of IUPAC',
    mark: 'D',
  },
} as const satisfies Amendment

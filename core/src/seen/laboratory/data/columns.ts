import { readingKinds, type ReadingKind } from '../../reading/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** A unit that a laboratory may print a kind in, and how it becomes the unit that we keep. */
export interface ColumnUnit extends Sourced {
  readonly unit: string
  /** Times the printed value. */
  readonly times: number
}

const definition = { source: 'definition', mark: 'D' } as const
const ppmSoil: readonly ColumnUnit[] = [
  { unit: 'ppm', times: 1, ...definition },
  { unit: 'mg/dm³', times: 1, source: 'taken by volume; alike at 1 g/cm³', mark: 'C' },
  {
    unit: 'lb/acre',
    times: 0.5,
    source: '2,000,000 lb of soil an acre to plough depth',
    mark: 'C',
  },
]
const ppm: readonly ColumnUnit[] = [{ unit: 'ppm', times: 1, ...definition }]
const perKg: readonly ColumnUnit[] = [{ unit: 'g/kg', times: 0.1, ...definition }]
const asElement: readonly ColumnUnit[] = [...perKg, { unit: 'mg/kg', times: 0.0001, ...definition }]
const conductivity: readonly ColumnUnit[] = [
  { unit: 'mS/cm', times: 1, ...definition },
  { unit: 'mmhos/cm', times: 1, ...definition },
  { unit: 'µS/cm', times: 0.001, ...definition },
  { unit: 'mS/m', times: 0.01, ...definition },
]
const hardnessUnits: readonly ColumnUnit[] = [
  ...ppm,
  { unit: '°dH', times: 17.848, source: '1 °dH = 10 mg CaO/L', mark: 'D' },
  { unit: 'meq/L', times: 50.04, source: 'CaCO3 100.087 g/mol, two charges', mark: 'D' },
  { unit: 'mmol/L', times: 100.087, source: 'CaCO3 100.087 g/mol', mark: 'D' },
  { unit: 'grains per US gallon', times: 17.118, source: '64.799 mg in 3.7854 L', mark: 'D' },
  { unit: 'grains per imperial gallon', times: 14.254, source: '64.799 mg in 4.5461 L', mark: 'D' },
]

/** Units beside the one that we keep, by kind. */
const otherUnits: Readonly<Partial<Record<ReadingKind, readonly ColumnUnit[]>>> = {
  calciumCarbonate: perKg,
  organicMatter: [
    ...perKg,
    { unit: '% organic carbon', times: 1.724, source: 'van Bemmelen factor', mark: 'M' },
  ],
  clay: perKg,
  cec: [
    { unit: 'meq/100 g', times: 1, ...definition },
    { unit: 'mmol/kg', times: 0.1, ...definition },
  ],
  bulkDensity: [
    { unit: 'kg/m³', times: 0.001, ...definition },
    { unit: 'Mg/m³', times: 1, ...definition },
  ],
  tissueNitrogen: asElement,
  tissuePotassium: asElement,
  tissueMagnesium: asElement,
  tissueSulfur: asElement,
  soilNitrate: [
    ...ppmSoil,
    { unit: 'mg/kg NO3', times: 0.2259, source: 'N 14.007 in NO3 62.004', mark: 'D' },
  ],
  nitrate: [
    ...ppm,
    { unit: 'mg/L NO3-N', times: 4.4268, source: 'NO3 62.004 to N 14.007', mark: 'D' },
  ],
  ammonium: [
    ...ppm,
    { unit: 'mg/L NH4', times: 0.77649, source: 'N 14.007 in NH4 18.039', mark: 'D' },
  ],
  alkalinity: [
    ...hardnessUnits.filter(({ unit }) => unit !== 'mmol/L'),
    { unit: 'mg/L HCO3', times: 0.82015, source: '50.04 mg CaCO3 to 61.016 mg HCO3', mark: 'D' },
  ],
  hardness: hardnessUnits,
  calciumHardness: hardnessUnits,
  calcium: [...ppm, { unit: 'meq/L', times: 20.039, source: 'Ca 40.078, two charges', mark: 'D' }],
  magnesium: [
    ...ppm,
    { unit: 'meq/L', times: 12.1525, source: 'Mg 24.305, two charges', mark: 'D' },
  ],
  ecPaste: conductivity,
  ecOneToTwo: conductivity,
  ecPourThrough: conductivity,
  ecSolution: conductivity,
  ecSource: conductivity,
}

const isPerKg = (kind: ReadingKind) => readingKinds[kind].unit === 'mg/kg'

/** Every unit in which a laboratory may print a kind, the one that we keep first. */
export function columnUnits(kind: ReadingKind): readonly ColumnUnit[] {
  const { unit, medium } = readingKinds[kind]
  const usual = isPerKg(kind) ? (medium === 'soil' ? ppmSoil : ppm) : ppm
  const others = otherUnits[kind] ?? (unit === 'mg/kg' || unit === 'mg/L' ? usual : [])
  return [{ unit, times: 1, ...definition }, ...others]
}

/**
 * Words by which laboratories head a column, for guessing what it holds. Tried in this order, as
 * whole words of the heading in lower case; the first kind whose every word is there is it.
 */
export const headings: readonly (readonly [words: readonly string[], kind: ReadingKind])[] = [
  [['buffer'], 'bufferPH'],
  [['lime', 'index'], 'bufferPH'],
  [['ph'], 'pH'],
  [['caco3', 'alkalinity'], 'alkalinity'],
  [['alkalinity'], 'alkalinity'],
  [['hco3'], 'alkalinity'],
  [['bicarbonate'], 'alkalinity'],
  [['calcium', 'hardness'], 'calciumHardness'],
  [['hardness'], 'hardness'],
  [['gh'], 'hardness'],
  [['kh'], 'alkalinity'],
  [['caco3'], 'calciumCarbonate'],
  [['free', 'lime'], 'calciumCarbonate'],
  [['carbonate'], 'calciumCarbonate'],
  [['organic'], 'organicMatter'],
  [['om'], 'organicMatter'],
  [['clay'], 'clay'],
  [['cec'], 'cec'],
  [['bulk', 'density'], 'bulkDensity'],
  [['active', 'fe'], 'activeIron'],
  [['active', 'iron'], 'activeIron'],
  [['leaf', 'fe'], 'tissueIron'],
  [['leaf', 'iron'], 'tissueIron'],
  [['leaf', 'mn'], 'tissueManganese'],
  [['leaf', 'manganese'], 'tissueManganese'],
  [['leaf', 'zn'], 'tissueZinc'],
  [['leaf', 'zinc'], 'tissueZinc'],
  [['leaf', 'cu'], 'tissueCopper'],
  [['leaf', 'copper'], 'tissueCopper'],
  [['leaf', 'b'], 'tissueBoron'],
  [['leaf', 'boron'], 'tissueBoron'],
  [['leaf', 'n'], 'tissueNitrogen'],
  [['leaf', 'nitrogen'], 'tissueNitrogen'],
  [['leaf', 'k'], 'tissuePotassium'],
  [['leaf', 'potassium'], 'tissuePotassium'],
  [['leaf', 'mg'], 'tissueMagnesium'],
  [['leaf', 'magnesium'], 'tissueMagnesium'],
  [['leaf', 's'], 'tissueSulfur'],
  [['leaf', 'sulfur'], 'tissueSulfur'],
  [['mehlich', 'fe'], 'mehlichIron'],
  [['m3', 'fe'], 'mehlichIron'],
  [['mehlich', 'mn'], 'mehlichManganese'],
  [['m3', 'mn'], 'mehlichManganese'],
  [['mehlich', 'zn'], 'mehlichZinc'],
  [['m3', 'zn'], 'mehlichZinc'],
  [['mehlich', 'cu'], 'mehlichCopper'],
  [['m3', 'cu'], 'mehlichCopper'],
  [['mehlich', 'p'], 'mehlichPhosphorus'],
  [['m3', 'p'], 'mehlichPhosphorus'],
  [['olsen'], 'olsenPhosphorus'],
  [['bray'], 'brayPhosphorus'],
  [['dtpa', 'fe'], 'soilIron'],
  [['dtpa', 'iron'], 'soilIron'],
  [['dtpa', 'mn'], 'soilManganese'],
  [['dtpa', 'manganese'], 'soilManganese'],
  [['dtpa', 'zn'], 'soilZinc'],
  [['dtpa', 'zinc'], 'soilZinc'],
  [['dtpa', 'cu'], 'soilCopper'],
  [['dtpa', 'copper'], 'soilCopper'],
  [['solution', 'iron'], 'ironInSolution'],
  [['solution', 'fe'], 'ironInSolution'],
  [['sar'], 'sodiumAdsorption'],
  [['paste', 'ec'], 'ecPaste'],
  [['pour', 'through'], 'ecPourThrough'],
  [['ec', '1:2'], 'ecOneToTwo'],
  [['source', 'ec'], 'ecSource'],
  [['ec'], 'ecSolution'],
  [['soil', 'nitrate'], 'soilNitrate'],
  [['soil', 'no3'], 'soilNitrate'],
  [['nitrate'], 'nitrate'],
  [['no3'], 'nitrate'],
  [['nh4'], 'ammonium'],
  [['ammonium'], 'ammonium'],
  [['magnesium'], 'magnesium'],
  [['calcium'], 'calcium'],
  [['iron'], 'soilIron'],
  [['fe'], 'soilIron'],
  [['manganese'], 'soilManganese'],
  [['mn'], 'soilManganese'],
  [['zinc'], 'soilZinc'],
  [['zn'], 'soilZinc'],
  [['copper'], 'soilCopper'],
  [['cu'], 'soilCopper'],
]

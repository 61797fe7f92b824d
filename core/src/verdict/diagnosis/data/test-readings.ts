import type { Context, Plant, TissueNutrient } from '../../../stand/plant/index.ts'
import type { ReadingKind } from '../../../seen/reading/index.ts'
import type { Figure, Sourced } from '../../../base/reference/index.ts'
import { bounds } from './bounds.ts'
import type { TestName } from './features.ts'

/** Values of a test in rising order, each with the reading it reaches up to. */
export type Bands = readonly (readonly [value: string, below: number])[]

interface TestReading extends Sourced {
  readonly kind: ReadingKind
  /** What is in it already and taken off, where it was measured. */
  readonly less?: ReadingKind
  /** The same for every plant, or by plant. */
  readonly bands: Bands | ((plant: Plant) => Bands)
  /** Where it is read so; absent: everywhere that nothing nearer is said. */
  readonly contexts?: readonly Context[]
  /** Readings farther from the leaf window say nothing [d]. */
  readonly maxDaysOutside: number
}

const top = Number.POSITIVE_INFINITY
const soilYears = 1100
const leafWeeks = 60
const solutionWeeks = 45

/** What a solution is run at. */
interface SolutionAim extends Sourced {
  /** Of what is fed [dS/m], without the source water's. */
  readonly ec: readonly [low: number, high: number]
}
const recipes = { source: 'recipes of hydroponic growers, from memory', mark: 'M' } as const
const leafyAim: SolutionAim = { ec: [0.8, 1.6], ...recipes }
const fruitingAim: SolutionAim = { ec: [2, 3], ...recipes }
const berryAim: SolutionAim = { ec: [1, 1.6], ...recipes }

/** The aim for a plant, by the group whose leaf it is read by; as leafy greens where none is known. */
const solutionAimOf = ({ tissue }: Pick<Plant, 'tissue'>): SolutionAim =>
  ({ 'fruiting vegetable': fruitingAim, 'strawberry and bramble': berryAim })[tissue as string] ??
  leafyAim

const aimedBands = ({ ec: [low, high] }: SolutionAim): Bands => [
  ['low', low * bounds.solutionShort.value],
  ['some', high * bounds.solutionSalty.value],
  ['high', top],
]

/** The bands of a test, as a plant is read by it. */
export const bandsFor = ({ bands }: TestReading, plant: Plant): Bands =>
  typeof bands === 'function' ? bands(plant) : bands

/** Tests read by bands; the first reading kind that is there, and read so on such a stand, is taken. */
// prettier-ignore
export const bandedTests: Readonly<Partial<Record<TestName, readonly TestReading[]>>> = {
  lime: [{ kind: 'calciumCarbonate', bands: [['none', 0.5], ['some', 3], ['much', top]], maxDaysOutside: 7300, source: 'lime that no affordable acid moves begins about 1 %; bands by judgement', mark: 'J' }],
  soilManganese: [
    { kind: 'soilManganese', bands: [['low', 1], ['enough', top]], maxDaysOutside: soilYears, source: 'Lindsay & Norvell 1978, SSSAJ 42:421', mark: 'M' },
    { kind: 'mehlichManganese', bands: [['low', 8], ['enough', top]], maxDaysOutside: soilYears, source: 'eastern laboratories rate under 5 to 10 low, more at high pH, from memory', mark: 'M' },
  ],
  soilZinc: [
    { kind: 'soilZinc', bands: [['low', 0.8], ['enough', 20], ['much', top]], maxDaysOutside: soilYears, source: 'Lindsay & Norvell 1978 for 0.8; very high by judgement', mark: 'M' },
    { kind: 'mehlichZinc', bands: [['low', 1.5], ['enough', 40], ['much', top]], maxDaysOutside: soilYears, source: 'eastern laboratories rate under 1 to 2 low, from memory; very high by judgement', mark: 'M' },
  ],
  soilCopper: [
    { kind: 'soilCopper', bands: [['low', 0.2], ['enough', 20], ['much', top]], maxDaysOutside: soilYears, source: 'Lindsay & Norvell 1978 for 0.2; very high by judgement', mark: 'M' },
    { kind: 'mehlichCopper', bands: [['low', 0.5], ['enough', 30], ['much', top]], maxDaysOutside: soilYears, source: 'eastern laboratories rate under 0.3 to 0.6 low, from memory; very high by judgement', mark: 'M' },
  ],
  soilIron: [{ kind: 'mehlichIron', bands: [['low', 10], ['marginal', 40], ['enough', top]], maxDaysOutside: soilYears, source: 'few laboratories rate it, and none trusts it on lime: wide bands by judgement', mark: 'J' }],
  solutionCalcium: [{ kind: 'calcium', bands: [['low', 40], ['enough', top]], maxDaysOutside: solutionWeeks, source: 'recipes hold 100 to 200 mg/L calcium, from memory', mark: 'M' }],
  soilPhosphorus: [
    { kind: 'olsenPhosphorus', bands: [['low', 10], ['enough', 50], ['much', top]], maxDaysOutside: soilYears, source: 'common practice of western soil laboratories', mark: 'C' },
    { kind: 'brayPhosphorus', bands: [['low', 20], ['enough', 100], ['much', top]], maxDaysOutside: soilYears, source: 'common practice of midwestern soil laboratories', mark: 'C' },
    { kind: 'mehlichPhosphorus', bands: [['low', 30], ['enough', 150], ['much', top]], maxDaysOutside: soilYears, source: 'common practice of eastern soil laboratories', mark: 'C' },
  ],
  soilNitrate: [{ kind: 'soilNitrate', bands: [['low', 7], ['medium', 20], ['enough', top]], maxDaysOutside: 30, source: 'common practice: 20 to 25 mg/kg is enough before side-dressing', mark: 'C' }],
  salt: [
    { kind: 'ecPaste', bands: [['low', 2], ['some', 4], ['high', top]], maxDaysOutside: 365, source: 'USDA Handbook 60: saline from 4 dS/m in the paste', mark: 'M' },
    { kind: 'ecOneToTwo', bands: [['low', 0.8], ['some', 1.6], ['high', top]], maxDaysOutside: 365, source: 'about two fifths of the paste (common practice)', mark: 'C' },
    { kind: 'ecPourThrough', bands: [['low', 1], ['some', 3.5], ['high', top]], maxDaysOutside: leafWeeks, source: 'common practice of container growers: 1 to 2.6 feeds, over 3.5 burns', mark: 'C' },
    { kind: 'ecSolution', contexts: ['aquaponic'], bands: [['low', 1.2], ['some', 2.2], ['high', top]], maxDaysOutside: solutionWeeks, source: 'loops with fish run at EC 0.3 to 0.9, from memory', mark: 'M' },
    { kind: 'ecSolution', less: 'ecSource', bands: (plant) => aimedBands(solutionAimOf(plant)), maxDaysOutside: solutionWeeks, source: 'EC that recipes aim at, by crop; a quarter short and two fifths over, by judgement', mark: 'J' },
  ],
  sodium: [{ kind: 'sodiumAdsorption', bands: [['fine', 13], ['high', top]], maxDaysOutside: soilYears, source: 'USDA Handbook 60: sodic from 13', mark: 'M' }],
  waterAlkalinity: [{ kind: 'alkalinity', bands: [['low', 100], ['some', 200], ['high', top]], maxDaysOutside: soilYears, source: 'common practice', mark: 'C' }],
  solutionIron: [{ kind: 'ironInSolution', bands: [['none', 0.3], ['low', 1], ['enough', top]], maxDaysOutside: solutionWeeks, source: 'common practice: 2 mg/L is the usual aim', mark: 'C' }],
  solutionNitrate: [
    { kind: 'nitrate', contexts: ['hydroponic'], bands: [['none', 30], ['low', 200], ['enough', 900], ['ample', top]], maxDaysOutside: solutionWeeks, source: 'recipes hold 450 to 900 mg/L nitrate, and go short under about 200, from memory', mark: 'M' },
    { kind: 'nitrate', bands: [['none', 2], ['low', 5], ['enough', 150], ['ample', top]], maxDaysOutside: solutionWeeks, source: 'common practice in aquaponics: 0 goes short, 5 to 20 comfortable, 160 has killed fish', mark: 'C' },
  ],
  solutionMagnesium: [
    { kind: 'magnesium', contexts: ['hydroponic'], bands: [['low', 15], ['marginal', 30], ['enough', top]], maxDaysOutside: solutionWeeks, source: 'recipes hold 30 to 60 mg/L magnesium, from memory', mark: 'M' },
    { kind: 'magnesium', bands: [['low', 8], ['marginal', 20], ['enough', top]], maxDaysOutside: solutionWeeks, source: 'common practice: 25 mg/L is the usual aim', mark: 'C' },
  ],
  activeIron: [{ kind: 'activeIron', bands: [['low', 25], ['marginal', 40], ['enough', top]], maxDaysOutside: leafWeeks, source: 'published critical levels of active iron run from 20 to 60 mg/kg dry by plant and extract; bands by judgement', mark: 'J' }],
}

/** Leaf analyses, read by the sufficiency range of the plant; a marginal band lies below it. */
export const leafTests: Readonly<
  Partial<Record<TestName, { readonly kind: ReadingKind; readonly nutrient: TissueNutrient }>>
> = {
  totalIron: { kind: 'tissueIron', nutrient: 'iron' },
  leafNitrogen: { kind: 'tissueNitrogen', nutrient: 'nitrogen' },
  leafPotassium: { kind: 'tissuePotassium', nutrient: 'potassium' },
  leafMagnesium: { kind: 'tissueMagnesium', nutrient: 'magnesium' },
  leafSulfur: { kind: 'tissueSulfur', nutrient: 'sulfur' },
  leafManganese: { kind: 'tissueManganese', nutrient: 'manganese' },
  leafZinc: { kind: 'tissueZinc', nutrient: 'zinc' },
  leafCopper: { kind: 'tissueCopper', nutrient: 'copper' },
  leafBoron: { kind: 'tissueBoron', nutrient: 'boron' },
}
export const leafReadingDays: Figure = {
  value: leafWeeks,
  unit: 'd',
  source: 'leaves older than two months say little of today',
  mark: 'J',
}

/** How far below sufficiency counts as low rather than marginal, as a share of its lower end. */
export const marginalFrom = {
  value: 0.75,
  unit: '',
  source: 'handbooks of leaf analysis give such a span',
  mark: 'M',
} as const

/** A sick plant against a healthy one of the same kind, as sick divided by healthy. */
export const againstHealthy = {
  low: 0.7,
  marginal: 0.87,
  /** Doubt of the ratio beyond that of both readings: no two plants are alike [1]. */
  doubt: 0.1,
  source: 'a third less in the sick plant is a difference (common practice)',
  mark: 'C',
} as const

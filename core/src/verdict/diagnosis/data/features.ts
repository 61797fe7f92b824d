import { findingNames, findingVocabulary, type FindingName } from '../../../seen/finding/index.ts'
import { eachFrom, type Figure, type Sourced } from '../../../base/reference/index.ts'

/** What a test says once its number is read: the bands of each. */
export const testBands = {
  pH: {
    label: 'pH while the leaves grew',
    values: {
      acid: 'under 5.5',
      'slightly-acid': '5.5 to 6.5',
      neutral: '6.5 to 7.2',
      alkaline: '7.2 to 7.8',
      'strongly-alkaline': 'over 7.8',
    },
  },
  lime: {
    label: 'Free lime in the soil',
    values: { none: 'under 0.5 %', some: '0.5 to 3 %', much: 'over 3 %' },
  },
  soilIron: {
    label: 'Soil iron',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  ironToManganese: {
    label: 'Soil iron against manganese',
    values: { below: 'iron below manganese', above: 'iron above manganese' },
  },
  soilManganese: { label: 'Soil manganese', values: { low: 'low', enough: 'enough' } },
  soilZinc: { label: 'Soil zinc', values: { low: 'low', enough: 'enough', much: 'very high' } },
  soilCopper: { label: 'Soil copper', values: { low: 'low', enough: 'enough', much: 'very high' } },
  soilPhosphorus: {
    label: 'Soil phosphorus',
    values: { low: 'low', enough: 'enough', much: 'very high' },
  },
  soilNitrate: {
    label: 'Soil nitrate',
    values: { low: 'low', medium: 'medium', enough: 'enough' },
  },
  salt: { label: 'Salt by EC', values: { low: 'low', some: 'raised', high: 'high' } },
  sodium: { label: 'Sodium (SAR)', values: { fine: 'under 13', high: '13 or more' } },
  waterAlkalinity: {
    label: 'Alkalinity of the water',
    values: { low: 'under 100 mg/L', some: '100 to 200 mg/L', high: 'over 200 mg/L' },
  },
  solutionIron: {
    label: 'Iron in the solution',
    values: { none: 'under 0.3 mg/L', low: '0.3 to 1 mg/L', enough: '1 mg/L or more' },
  },
  solutionNitrate: {
    label: 'Nitrate in the solution',
    values: { none: 'none', low: 'low', enough: 'enough', ample: 'more than enough' },
  },
  solutionMagnesium: {
    label: 'Magnesium in the solution',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  solutionCalcium: {
    label: 'Calcium in the solution',
    values: { low: 'low', enough: 'enough' },
  },
  activeIron: {
    label: 'Active iron in the leaf',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  totalIron: { label: 'Total iron in the leaf', values: { low: 'low', enough: 'enough' } },
  leafNitrogen: {
    label: 'Leaf nitrogen',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafPotassium: {
    label: 'Leaf potassium',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafMagnesium: {
    label: 'Leaf magnesium',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafSulfur: {
    label: 'Leaf sulfur',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafManganese: {
    label: 'Leaf manganese',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafZinc: {
    label: 'Leaf zinc',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafCopper: {
    label: 'Leaf copper',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  leafBoron: {
    label: 'Leaf boron',
    values: { low: 'low', marginal: 'marginal', enough: 'enough' },
  },
  /** Not a test: read from the day of the look and where on earth it is. */
  season: {
    label: 'Time of year',
    values: {
      spring: 'spring',
      summer: 'summer',
      autumn: 'autumn',
      winter: 'winter',
      rest: 'its time of rest',
    },
  },
  /** Not a test: read from the plant. */
  plantKind: { label: 'Plant', values: { citrus: 'citrus', other: 'no citrus' } },
} as const satisfies Readonly<
  Record<string, { label: string; values: Readonly<Record<string, string>> }>
>

export type TestName = keyof typeof testBands
/** Everything a verdict weighs apart from told events: findings, and tests once they are read. */
export type FeatureName = FindingName | TestName

const testNames = Object.keys(testBands) as readonly TestName[]
/** Tests first, then findings in the order of the vocabulary. */
export const featureNames: readonly FeatureName[] = [...testNames, ...findingNames]
export const isTest = (name: FeatureName): name is TestName => Object.hasOwn(testBands, name)

/** What a feature is called, and its values with their words. */
export function featureOf(name: FeatureName): {
  readonly label: string
  readonly values: Readonly<Record<string, string>>
} {
  return isTest(name) ? testBands[name] : findingVocabulary[name]
}

const judged = (value: number, source: string): Figure => ({ value, unit: '', source, mark: 'J' })

/** How often a person or kit sees a feature as it is; otherwise they see what is usual. */
const seenRightOf: Readonly<Partial<Record<FeatureName, number>>> = {
  pattern: 0.85,
  tier: 0.9,
  severity: 0.8,
  growth: 0.8,
  feed: 0.85,
  onset: 0.85,
  wetness: 0.85,
  texture: 0.85,
  pH: 0.95,
  clinic: 0.93,
  leafPaint: 0.9,
  ironTried: 0.85,
  season: 0.98,
  plantKind: 0.9995,
  lens: 0.88,
  bioassay: 0.92,
  activeIron: 0.95,
}
export const seenRight = (name: FeatureName): Figure =>
  judged(seenRightOf[name] ?? 0.9, 'how well two people agree who look at the same plant')

/** What a feature correlates with: others that have said part of it already. */
export interface Correlates {
  readonly of: readonly FeatureName[]
  /** How much of its weight the others have told [1]. */
  readonly share: number
}

const leafAnalysis = ['leafNitrogen', 'leafMagnesium', 'leafManganese', 'leafZinc'] as const

/**
 * Features that are not independent of others. Where one of the others is known, only the rest of
 * the weight counts. Shares are our judgement.
 */
export const correlates: Readonly<Partial<Record<FeatureName, Correlates & Sourced>>> = eachFrom(
  { source: 'how much of one the other tells', mark: 'J' },
  {
    severity: { of: ['pattern'], share: 0.5 },
    newestLeaves: { of: ['tier'], share: 0.5 },
    whereOnPlant: { of: ['tier'], share: 0.3 },
    fizz: { of: ['lime', 'pH'], share: 0.2 },
    lime: { of: ['pH'], share: 0.3 },
    waterAlkalinity: { of: ['pH', 'lime', 'fizz'], share: 0.4 },
    rain: { of: ['wetness'], share: 0.6 },
    warmth: { of: ['rain', 'wetness'], share: 0.3 },
    compaction: { of: ['wetness', 'roots'], share: 0.4 },
    soilIron: { of: ['pH'], share: 0.3 },
    ironToManganese: { of: ['soilIron'], share: 0.4 },
    totalIron: { of: ['activeIron'], share: 0.8 },
    solutionIron: { of: ['feedIron'], share: 0.3 },
    feedIron: { of: ['feed', 'soilIron'], share: 0.3 },
    solutionNitrate: { of: ['feed', 'leafNitrogen'], share: 0.4 },
    soilNitrate: { of: ['feed', 'leafNitrogen'], share: 0.4 },
    salt: { of: ['feed'], share: 0.3 },
    leafSulfur: { of: leafAnalysis, share: 0.2 },
    growth: { of: ['roots', 'feed'], share: 0.3 },
    season: { of: ['warmth'], share: 0.3 },
    lens: { of: ['clinic'], share: 0.3 },
    clinic: { of: ['roots'], share: 0.3 },
    pullTest: { of: ['flush', 'roots'], share: 0.5 },
  } satisfies Partial<Record<FeatureName, Correlates>>,
)

/**
 * How far the tables are trusted: every weight of evidence is drawn in by this share, so that
 * stated probabilities match how often they come true when the tables are wrong by half as much
 * again. Found by `npm run calibrate`.
 */
export const restraint = judged(0.9, 'calibration on drawn cases with perturbed tables')

import { eachFrom, type Sourced } from '../../../base/reference/index.ts'

/** What a sample is of. */
export const readingMedia = {
  leaf: 'Leaf colour',
  soil: 'Soil or medium',
  tissue: 'Leaf analysis',
  water: 'Water and solution',
} as const
export type ReadingMedium = keyof typeof readingMedia

export interface ReadingKindDefinition extends Sourced {
  readonly label: string
  /** How a value of it is said, with the value in place of the dash: "severity – of 5". */
  readonly said: string
  readonly unit: string
  readonly medium: ReadingMedium
  readonly min: number
  readonly max: number
  /** Beyond these a value is possible but worth a second look before it is kept. */
  readonly usual: readonly [low: number, high: number]
  /** One standard deviation of a usual reading: the part that does not grow with the value. */
  readonly usualDoubt: number
  /** The part that grows with the value, as a share of it. */
  readonly relativeDoubt: number
  /** Whether ground or well hold it, so that it does not change by itself within weeks. */
  readonly isSteady: boolean
  /** Whether it says how green the leaf is, and so paints the ribbon. */
  readonly isColour: boolean
  /** How a value of it is taken where nobody says: typed after looking, read off, or measured by a photo. */
  readonly takenBy: 'eye' | 'meter' | 'photo' | 'laboratory'
  /** The job that it does when it comes in; undefined: none. */
  readonly does: 'look' | 'test' | undefined
}

/** How a scale of leaf colour lies on greenness, from a white leaf to the deepest green. */
export interface GreennessScale extends Sourced {
  /** Value that a white leaf has on this scale, and one as green as can be. */
  readonly atWhite: number
  readonly atDeepGreen: number
  /** One deviation of what the scale itself leaves open, in greenness, beside that of a reading. */
  readonly mappingDoubt: number
}

/** A kind of leaf colour: its row, how it is taken, and its scale. */
interface ColourKind {
  readonly row: Row
  readonly takenBy: ReadingKindDefinition['takenBy']
  /** Whether a person types it; else it is measured here. */
  readonly isTyped: boolean
  readonly scale: GreennessScale
}

type Row = readonly [
  label: string,
  said: string,
  unit: string,
  bounds: readonly [min: number, max: number],
  usual: readonly [low: number, high: number],
  doubt: readonly [fixed: number, relative: number],
]

const possible =
  'bounds: what the scale or nature allows; usual span and doubt: common practice of growers and laboratories'

const colour = {
  turfColour: {
    row: ['Turf colour, 1 to 9', 'colour – of 9', '', [1, 9], [1, 9], [0.5, 0]],
    takenBy: 'eye',
    isTyped: true,
    scale: {
      atWhite: 1,
      atDeepGreen: 9,
      mappingDoubt: 0,
      source: 'turf colour 1 to 9, ends of the scale',
      mark: 'D',
    },
  },
  severity: {
    row: ['Chlorosis severity, 0 to 5', 'severity – of 5', '', [0, 5], [0, 5], [0.4, 0]],
    takenBy: 'eye',
    isTyped: true,
    scale: {
      atWhite: 5,
      atDeepGreen: -0.6,
      mappingDoubt: 0,
      source: 'severity 5 is white; 0 is a healthy leaf, not the deepest green',
      mark: 'C',
    },
  },
  chlorophyll: {
    row: ['Chlorophyll meter', 'meter –', '', [0, 80], [2, 65], [2, 0]],
    takenBy: 'meter',
    isTyped: true,
    scale: {
      atWhite: 0,
      atDeepGreen: 52,
      mappingDoubt: 0.03,
      source: 'meter units of dark green leaves, about; thickness of the leaf counts too',
      mark: 'M',
    },
  },
  chlorosisScore: {
    row: ['Chlorosis score, 1 to 5', 'score – of 5', '', [1, 5], [1, 5], [0.35, 0]],
    takenBy: 'eye',
    isTyped: true,
    scale: {
      atWhite: 5,
      atDeepGreen: 0.5,
      mappingDoubt: 0.04,
      source:
        'row crops: 1 green, 5 dying (common practice); 1 is a healthy leaf, not the deepest green',
      mark: 'C',
    },
  },
  percentAffected: {
    row: ['Plants affected', '– % affected', '%', [0, 100], [0, 100], [4, 0.08]],
    takenBy: 'eye',
    isTyped: true,
    scale: {
      atWhite: 165,
      atDeepGreen: -20,
      mappingDoubt: 0.12,
      source:
        'all plants affected taken as yellow, none as healthy: it says how many, not how pale',
      mark: 'J',
    },
  },
  ndvi: {
    row: ['Reflectance index, NDVI', 'NDVI –', '', [-0.2, 1], [0.1, 0.95], [0.02, 0]],
    takenBy: 'meter',
    isTyped: true,
    scale: {
      atWhite: 0.2,
      atDeepGreen: 0.92,
      mappingDoubt: 0.07,
      source:
        'bare or white stands about 0.2, dense dark ones about 0.9; cover counts as much as colour',
      mark: 'M',
    },
  },
  ndre: {
    row: ['Red-edge index, NDRE', 'NDRE –', '', [-0.2, 1], [0.05, 0.6], [0.015, 0]],
    takenBy: 'meter',
    isTyped: true,
    scale: {
      atWhite: 0.08,
      atDeepGreen: 0.5,
      mappingDoubt: 0.07,
      source:
        'pale stands about 0.1, dense dark ones 0.4 to 0.5; it goes on rising where NDVI is full',
      mark: 'M',
    },
  },
  darkGreenIndex: {
    row: ['Dark green colour index', 'index –', '', [0, 1], [0.1, 0.85], [0.03, 0]],
    takenBy: 'photo',
    isTyped: true,
    scale: {
      atWhite: -0.19,
      atDeepGreen: 0.74,
      mappingDoubt: 0.06,
      source:
        'line through the leaf colours of the painter, pale to deep green; ivory leaves read as pale green, which the index cannot help',
      mark: 'D',
    },
  },
  photoGreenness: {
    row: ['Photo greenness, 0 to 1', 'photo –', '', [0, 1], [0.02, 1], [0.05, 0]],
    takenBy: 'photo',
    isTyped: false,
    scale: {
      atWhite: 0,
      atDeepGreen: 1,
      mappingDoubt: 0,
      source: 'the scale itself: nearest leaf colour of each pixel',
      mark: 'D',
    },
  },
} as const satisfies Readonly<Record<string, ColourKind>>

// prettier-ignore
const soil = {
  pH: ['pH', 'pH –', '', [2.5, 11], [4, 9], [0.2, 0]],
  bufferPH: ['Buffer pH or lime index', 'buffer pH –', '', [4, 8.2], [5, 7.5], [0.05, 0]],
  calciumCarbonate: ['Free lime, CaCO3', 'lime – %', '%', [0, 95], [0, 50], [0.2, 0.1]],
  organicMatter: ['Organic matter', 'organic matter – %', '%', [0, 100], [0.3, 60], [0.2, 0.1]],
  clay: ['Clay', 'clay – %', '%', [0, 95], [1, 70], [2, 0.05]],
  cec: ['Cation exchange capacity', 'CEC – cmol/kg', 'cmol/kg', [0, 200], [1, 60], [0.5, 0.08]],
  bulkDensity: ['Bulk density', 'density – g/cm³', 'g/cm³', [0.05, 2.2], [0.1, 1.9], [0.05, 0.03]],
  soilIron: ['DTPA iron', 'DTPA iron – mg/kg', 'mg/kg', [0, 1500], [0.5, 300], [0.2, 0.1]],
  soilManganese: ['DTPA manganese', 'DTPA manganese – mg/kg', 'mg/kg', [0, 1000], [0.2, 150], [0.1, 0.1]],
  soilZinc: ['DTPA zinc', 'DTPA zinc – mg/kg', 'mg/kg', [0, 500], [0.1, 60], [0.05, 0.1]],
  soilCopper: ['DTPA copper', 'DTPA copper – mg/kg', 'mg/kg', [0, 500], [0.05, 60], [0.03, 0.1]],
  mehlichIron: ['Mehlich-3 iron', 'Mehlich-3 iron – mg/kg', 'mg/kg', [0, 3000], [5, 800], [2, 0.1]],
  mehlichManganese: ['Mehlich-3 manganese', 'Mehlich-3 manganese – mg/kg', 'mg/kg', [0, 2000], [1, 500], [1, 0.1]],
  mehlichZinc: ['Mehlich-3 zinc', 'Mehlich-3 zinc – mg/kg', 'mg/kg', [0, 1000], [0.2, 120], [0.2, 0.1]],
  mehlichCopper: ['Mehlich-3 copper', 'Mehlich-3 copper – mg/kg', 'mg/kg', [0, 1000], [0.1, 120], [0.1, 0.1]],
  mehlichPhosphorus: ['Mehlich-3 phosphorus', 'Mehlich-3 phosphorus – mg/kg', 'mg/kg', [0, 2000], [1, 500], [2, 0.1]],
  olsenPhosphorus: ['Olsen phosphorus', 'Olsen phosphorus – mg/kg', 'mg/kg', [0, 600], [1, 150], [1, 0.1]],
  brayPhosphorus: ['Bray phosphorus', 'Bray phosphorus – mg/kg', 'mg/kg', [0, 1000], [1, 250], [2, 0.1]],
  soilNitrate: ['Soil nitrate nitrogen', 'nitrate nitrogen – mg/kg', 'mg/kg', [0, 1000], [0, 150], [1, 0.15]],
  ecPaste: ['EC, saturated paste', 'paste EC – dS/m', 'dS/m', [0, 60], [0.1, 20], [0.05, 0.07]],
  ecOneToTwo: ['EC, 1:2 soil and water', '1:2 EC – dS/m', 'dS/m', [0, 30], [0.05, 8], [0.05, 0.07]],
  ecPourThrough: ['EC, pour-through', 'pour-through EC – dS/m', 'dS/m', [0, 30], [0.2, 10], [0.1, 0.1]],
  sodiumAdsorption: ['Sodium adsorption ratio', 'SAR –', '', [0, 100], [0, 40], [0.5, 0.1]],
} as const satisfies Readonly<Record<string, Row>>

// prettier-ignore
const tissue = {
  tissueNitrogen: ['Leaf nitrogen', 'leaf nitrogen – %', '%', [0, 10], [0.5, 7], [0.05, 0.03]],
  tissuePotassium: ['Leaf potassium', 'leaf potassium – %', '%', [0, 15], [0.2, 10], [0.05, 0.05]],
  tissueMagnesium: ['Leaf magnesium', 'leaf magnesium – %', '%', [0, 5], [0.03, 1.5], [0.01, 0.05]],
  tissueSulfur: ['Leaf sulfur', 'leaf sulfur – %', '%', [0, 5], [0.05, 1.5], [0.01, 0.07]],
  tissueIron: ['Leaf iron, total', 'total leaf iron – mg/kg', 'mg/kg', [0, 20000], [15, 1500], [5, 0.1]],
  activeIron: ['Leaf iron, active (ferrous)', 'active iron – mg/kg', 'mg/kg', [0, 1000], [2, 200], [2, 0.1]],
  tissueManganese: ['Leaf manganese', 'leaf manganese – mg/kg', 'mg/kg', [0, 10000], [5, 1500], [2, 0.07]],
  tissueZinc: ['Leaf zinc', 'leaf zinc – mg/kg', 'mg/kg', [0, 5000], [4, 400], [1, 0.07]],
  tissueCopper: ['Leaf copper', 'leaf copper – mg/kg', 'mg/kg', [0, 2000], [1, 100], [0.5, 0.08]],
  tissueBoron: ['Leaf boron', 'leaf boron – mg/kg', 'mg/kg', [0, 2000], [3, 400], [1, 0.08]],
} as const satisfies Readonly<Record<string, Row>>

// prettier-ignore
const water = {
  ironInSolution: ['Iron in the solution', 'iron – mg/L', 'mg/L', [0, 50], [0, 10], [0.25, 0]],
  alkalinity: ['Alkalinity (KH), as CaCO3', 'alkalinity – mg/L', 'mg/L', [0, 1500], [0, 500], [9, 0]],
  hardness: ['Total hardness (GH), as CaCO3', 'hardness – mg/L', 'mg/L', [0, 5000], [0, 1000], [9, 0]],
  calciumHardness: ['Calcium hardness, as CaCO3', 'calcium hardness – mg/L', 'mg/L', [0, 5000], [0, 900], [9, 0]],
  calcium: ['Calcium', 'calcium – mg/L', 'mg/L', [0, 2000], [0, 350], [4, 0]],
  magnesium: ['Magnesium', 'magnesium – mg/L', 'mg/L', [0, 1000], [0, 120], [1, 0.1]],
  nitrate: ['Nitrate, as NO3', 'nitrate – mg/L', 'mg/L', [0, 2000], [0, 900], [3, 0.15]],
  ammonium: ['Ammonium and ammonia, as N', 'ammonium – mg/L', 'mg/L', [0, 500], [0, 60], [0.15, 0.15]],
  nitrite: ['Nitrite, as N', 'nitrite – mg/L', 'mg/L', [0, 100], [0, 5], [0.05, 0.1]],
  ecSolution: ['EC of the water or solution', 'EC – dS/m', 'dS/m', [0, 60], [0.02, 6], [0.03, 0.03]],
  ecSource: ['EC of the water before feed', 'EC before feed – dS/m', 'dS/m', [0, 20], [0.02, 3], [0.03, 0.03]],
} as const satisfies Readonly<Record<string, Row>>

/** Of the soil, what comes and goes with rain, feed and season; of the water, what a well holds. */
const fickle: readonly string[] = ['soilNitrate', 'ecPaste', 'ecOneToTwo', 'ecPourThrough']
const ofWell: readonly string[] = ['alkalinity', 'hardness', 'calciumHardness', 'ecSource']

type Rest = Pick<
  ReadingKindDefinition,
  'isColour' | 'isSteady' | 'takenBy' | 'does' | 'source' | 'mark'
>

const definitionOf = (
  medium: ReadingMedium,
  [label, said, unit, [min, max], usual, [usualDoubt, relativeDoubt]]: Row,
  rest: Rest,
): ReadingKindDefinition => ({ label, said, unit, medium, min, max, usual, usualDoubt, relativeDoubt, ...rest }) // prettier-ignore

const ofPractice = { source: possible, mark: 'C' } as const
const turfTrials = {
  source: 'national turf trials convention: 1 straw to 9 dark green, 6 acceptable',
  mark: 'M',
} as const

const define = <Name extends string>(
  medium: ReadingMedium,
  rows: Readonly<Record<Name, Row>>,
): Readonly<Record<Name, ReadingKindDefinition>> =>
  Object.fromEntries(
    Object.entries<Row>(rows).map(([name, row]) => [
      name,
      definitionOf(medium, row, {
        isColour: false,
        isSteady: medium === 'soil' ? !fickle.includes(name) : ofWell.includes(name),
        takenBy: 'laboratory',
        does: name === 'pH' ? 'test' : undefined,
        ...ofPractice,
      }),
    ]),
  ) as Record<Name, ReadingKindDefinition>

/** The scales of leaf colour. */
export type ColourReadingKind = keyof typeof colour
const colourKinds = Object.keys(colour) as ColourReadingKind[]
/** Those that a person types. */
export const typedColours = colourKinds.filter((kind) => colour[kind].isTyped)

const colourDefinitions = Object.fromEntries(
  Object.entries<ColourKind>(colour).map(([name, { row, takenBy }]) => [
    name,
    definitionOf('leaf', row, {
      isColour: true,
      isSteady: false,
      takenBy,
      does: 'look',
      ...(name === 'turfColour' ? turfTrials : ofPractice),
    }),
  ]),
) as Readonly<Record<ColourReadingKind, ReadingKindDefinition>>

/** Straight lines from the scales of practice to greenness, each with its own doubt. */
export const greennessScales = Object.fromEntries(
  Object.entries<ColourKind>(colour).map(([name, { scale }]) => [name, scale]),
) as Readonly<Record<ColourReadingKind, GreennessScale>>

/** What can be measured and kept as a reading; one record a kind. */
export const readingKinds = {
  ...colourDefinitions,
  ...define('soil', soil),
  ...define('tissue', tissue),
  ...define('water', water),
} as const

export type ReadingKind = keyof typeof readingKinds
export const readingKindNames = Object.keys(readingKinds) as readonly ReadingKind[]

/** How a reading was taken, with one standard deviation of a pH so taken, and how much coarser than usual other values are. */
export const readingMethods = eachFrom(
  { source: 'how far two readings of one sample differ, by the way it was taken', mark: 'C' },
  {
    laboratory: { label: 'laboratory', pHDoubt: 0.1, coarseness: 1 },
    meter: { label: 'meter', pHDoubt: 0.2, coarseness: 1 },
    'drop-kit': { label: 'drop kit', pHDoubt: 0.3, coarseness: 1.5 },
    strip: { label: 'test strip', pHDoubt: 0.5, coarseness: 3 },
    vial: { label: 'colour vial', pHDoubt: 0.3, coarseness: 2 },
    eye: { label: 'by eye', pHDoubt: 0.5, coarseness: 1 },
    photo: { label: 'from a photo', pHDoubt: 0.5, coarseness: 1 },
  } as const,
)

export type ReadingMethod = keyof typeof readingMethods
export const readingMethodNames = Object.keys(readingMethods) as readonly ReadingMethod[]

/** How soil was made ready for a pH, and what that reads above a 1:1 paste in water. */
export const pHPreparations = {
  direct: { label: 'in the solution itself', readsHigherBy: 0, source: 'definition', mark: 'D' },
  'water-1-1': { label: '1:1 in water', readsHigherBy: 0, source: 'definition', mark: 'D' },
  'water-1-2': {
    label: '1:2 in water',
    readsHigherBy: 0.1,
    source: 'more water, less salt: about a tenth higher (common practice)',
    mark: 'C',
  },
  paste: {
    label: 'saturated paste',
    readsHigherBy: -0.1,
    source: 'less water, more salt: about a tenth lower (common practice)',
    mark: 'C',
  },
  'calcium-chloride': {
    label: 'in calcium chloride',
    readsHigherBy: -0.55,
    source: 'reads about 0.5 to 0.6 lower than water, from memory of soil laboratory manuals',
    mark: 'M',
  },
} as const satisfies Readonly<Record<string, { label: string; readsHigherBy: number } & Sourced>>
export type PHPreparation = keyof typeof pHPreparations
export const pHPreparationNames = Object.keys(pHPreparations) as readonly PHPreparation[]

/** Where in the stand a sample came from. */
export const readingPlaces = {
  whole: 'the whole stand',
  sick: 'a sick patch or plant',
  healthy: 'a healthy patch or plant',
  supply: 'the water supply',
  untreated: 'the untreated strip',
  'no-nitrogen': 'the strip without nitrogen',
} as const
export type ReadingPlace = keyof typeof readingPlaces
/** Strips beside the stand, left without something: they tell what it did, not how the stand is. */
export const stripPlaces = ['untreated', 'no-nitrogen'] as const satisfies readonly ReadingPlace[]
export const readingPlaceNames = Object.keys(readingPlaces) as readonly ReadingPlace[]

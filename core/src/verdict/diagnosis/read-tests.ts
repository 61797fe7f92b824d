import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { seasonOfYear, type Day } from '../../base/calendar/index.ts'
import { normalBelow } from '../../base/statistics/index.ts'
import { isResting, sufficiencyOf, type Context, type Plant } from '../../stand/plant/index.ts'
import {
  exposedValue,
  ironSchools,
  readingKinds,
  readingsFrom,
  type ExposedValue,
  type Exposure,
  type IronSchoolName,
  type LeafWindow,
  type Reading,
  type ReadingKind,
} from '../../seen/reading/index.ts'
import { testBands, type TestName } from './data/features.ts'
import { pHBands, pHToleranceOf, usualUpperPH } from './data/pH-bands.ts'
import {
  againstHealthy,
  bandedTests,
  bandsFor,
  type Bands,
  leafReadingDays,
  leafTests,
  marginalFrom,
} from './data/test-readings.ts'

/** What is known of a feature, as probabilities over its values (a sure finding has one at 1). */
export type Belief = Readonly<Record<string, number>>

/** A test once it is read. */
export interface ReadTest {
  readonly name: TestName
  readonly belief: Belief
  readonly words: string
}

/** How likely a doubtful value lies in each band. */
function beliefOver(bands: Bands, { value, doubt }: ExposedValue): Belief {
  let below = 0
  const belief: Record<string, number> = {}
  for (const [name, upTo] of bands) {
    const share = Number.isFinite(upTo) ? normalBelow((upTo - value) / Math.max(doubt, 1e-9)) : 1
    belief[name] = share - below
    below = share
  }
  return belief
}

export const ofSick = (place: Reading['place']): boolean => place !== 'healthy'
const ofHealthy = (place: Reading['place']): boolean => place === 'healthy'

/** What of a stand's readings a verdict reads tests from. */
export interface TestFacts {
  readonly readings: readonly Reading[]
  readonly window: LeafWindow
  readonly plant: Plant
  readonly context: Context
  readonly exposure: Exposure | undefined
  readonly school: IronSchoolName
  readonly lookedOn: Day
  /** Of the place [°]; unknown when absent. */
  readonly latitude: number | undefined
}

const valueOf = (
  { readings, window }: TestFacts,
  kind: ReadingKind,
  maxDaysOutside: number,
  place = ofSick,
): ExposedValue | undefined =>
  exposedValue(readingsFrom(readings, kind, place), window, maxDaysOutside)

const said = (kind: ReadingKind, { value }: ExposedValue): string => {
  const { unit } = readingKinds[kind]
  return `${formatNumber(value, 3)}${unit === '' ? '' : ` ${unit}`}`
}

const grownOutside: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop']

/** What the date says of plants that stand outside, where the place is known. */
function readSeason({ lookedOn, latitude, plant, context }: TestFacts): ReadTest | undefined {
  if (latitude === undefined || !grownOutside.includes(context)) return undefined
  const season = seasonOfYear(lookedOn, latitude)
  if (!season) return undefined
  const value = isResting(plant, lookedOn, latitude) ? 'rest' : season
  return { name: 'season', belief: { [value]: 1 }, words: testBands.season.values[value] }
}

/** Citrus has a decline of its own; of other plants nothing is said. */
function readPlantKind({ plant: { tissue } }: TestFacts): ReadTest | undefined {
  return tissue === 'citrus'
    ? { name: 'plantKind', belief: { citrus: 1 }, words: testBands.plantKind.values.citrus }
    : undefined
}

const likeliest = (name: TestName, belief: Belief): string => {
  const [value = ''] = Object.entries(belief).toSorted((a, b) => b[1] - a[1])[0] ?? []
  return (testBands[name].values as Readonly<Record<string, string>>)[value] ?? value
}

function readPH({ exposure, plant }: TestFacts): ReadTest | undefined {
  if (!exposure) return undefined
  // Above its own range a lover of acid ground suffers as others do above theirs.
  const acidLover = Math.max(0, usualUpperPH.value - plant.pHRange.high)
  const borne = exposure.pH - pHToleranceOf[plant.ironEfficiency].value + acidLover
  const bands = pHBands.map(({ band, below }) => [band, below] as const)
  return {
    name: 'pH',
    belief: beliefOver(bands, { value: borne, doubt: exposure.doubt }),
    words: `${formatDecimals(exposure.pH, 1)} ± ${formatDecimals(exposure.doubt, 1)}`,
  }
}

/** A well changes little in three years. */
const wellDays = 1100
const lessOf = (whole: ExposedValue, part: ExposedValue): ExposedValue => ({
  value: Math.max(0, whole.value - part.value),
  doubt: Math.hypot(whole.doubt, part.doubt),
})

function readBanded(name: TestName, facts: TestFacts): ReadTest | undefined {
  for (const reading of bandedTests[name] ?? []) {
    const { kind, contexts, maxDaysOutside } = reading
    if (!(contexts?.includes(facts.context) ?? true)) continue
    const value = valueOf(facts, kind, maxDaysOutside)
    if (!value) continue
    const held = reading.less && valueOf(facts, reading.less, wellDays)
    const belief = beliefOver(bandsFor(reading, facts.plant), held ? lessOf(value, held) : value)
    const less = held && reading.less ? ` less ${said(reading.less, held)} of the water` : ''
    return { name, belief, words: `${said(kind, value)}${less}, ${likeliest(name, belief)}` }
  }
  return undefined
}

const soilIronDays = 1100

/** Soil iron by the school chosen; a school that wants iron above manganese marks it down. */
function readSoilIronTest(facts: TestFacts): ReadTest | undefined {
  const iron = valueOf(facts, 'soilIron', soilIronDays)
  if (!iron) return readBanded('soilIron', facts)
  const { lowBelow, enoughFrom, aboveManganese, name } = ironSchools[facts.school]
  const plain = beliefOver(
    [
      ['low', lowBelow],
      ['marginal', enoughFrom],
      ['enough', Number.POSITIVE_INFINITY],
    ],
    iron,
  )
  const manganese = aboveManganese ? valueOf(facts, 'soilManganese', soilIronDays) : undefined
  const crowded = manganese ? belowOther(iron, manganese) : 0
  const enough = plain['enough'] ?? 0
  const belief = {
    ...plain,
    marginal: (plain['marginal'] ?? 0) + enough * crowded,
    enough: enough * (1 - crowded),
  }
  const words = `${said('soilIron', iron)}, ${likeliest('soilIron', belief)} by the ${name}`
  return { name: 'soilIron', belief, words }
}

/** How likely one doubtful value lies below another. */
const belowOther = (one: ExposedValue, other: ExposedValue): number =>
  normalBelow((other.value - one.value) / Math.hypot(one.doubt, other.doubt))

function readIronToManganese(facts: TestFacts): ReadTest | undefined {
  const iron = valueOf(facts, 'soilIron', soilIronDays)
  const manganese = valueOf(facts, 'soilManganese', soilIronDays)
  if (!iron || !manganese) return undefined
  const below = belowOther(iron, manganese)
  return {
    name: 'ironToManganese',
    belief: { below, above: 1 - below },
    words: `iron ${formatNumber(iron.value, 3)}, manganese ${formatNumber(manganese.value, 3)} mg/kg`,
  }
}

/** Sick divided by healthy, with the doubt of both and of plants that differ anyway. */
function ratioToHealthy(sick: ExposedValue, healthy: ExposedValue): ExposedValue {
  const value = sick.value / Math.max(healthy.value, 1e-9)
  const relative = Math.hypot(
    sick.doubt / Math.max(sick.value, 1e-9),
    healthy.doubt / Math.max(healthy.value, 1e-9),
    againstHealthy.doubt,
  )
  return { value, doubt: value * relative }
}

/** A leaf test: against a healthy plant of the same kind where there is one, else by the plant's range. */
function readLeaf(name: TestName, facts: TestFacts): ReadTest | undefined {
  const activeIron = bandedTests[name]?.[0]
  const kind = leafTests[name]?.kind ?? activeIron?.kind
  if (!kind) return undefined
  const sick = valueOf(facts, kind, leafReadingDays.value)
  if (!sick) return undefined
  const healthy = valueOf(facts, kind, leafReadingDays.value, ofHealthy)
  const top = Number.POSITIVE_INFINITY
  if (healthy) {
    const ratio = ratioToHealthy(sick, healthy)
    const steps = [
      ['low', againstHealthy.low],
      ['marginal', againstHealthy.marginal],
      ['enough', top],
    ] as const
    const belief = beliefOver(withoutMarginal(name, steps), ratio)
    const words = `${said(kind, sick)} sick, ${said(kind, healthy)} healthy`
    return { name, belief, words }
  }
  const nutrient = leafTests[name]?.nutrient
  const ownBands = activeIron ? bandsFor(activeIron, facts.plant) : []
  const bands = nutrient ? rangeBands(sufficiencyOf(facts.plant, nutrient).low) : ownBands
  const belief = beliefOver(withoutMarginal(name, bands), sick)
  return { name, belief, words: `${said(kind, sick)}, ${likeliest(name, belief)}` }
}

const rangeBands = (low: number): Bands => [
  ['low', low * marginalFrom.value],
  ['marginal', low],
  ['enough', Number.POSITIVE_INFINITY],
]

/** Tests that know no marginal band call it enough. */
const withoutMarginal = (name: TestName, bands: Bands): Bands =>
  'marginal' in testBands[name].values ? bands : bands.filter(([value]) => value !== 'marginal')

const isLeaf = (name: TestName): boolean => name === 'activeIron' || name in leafTests

/** Reads every test that the readings allow. */
export function readTests(facts: TestFacts): readonly ReadTest[] {
  const names = Object.keys(testBands) as readonly TestName[]
  return names.flatMap((name): ReadTest[] => {
    const read = readOne(name, facts)
    return read ? [read] : []
  })
}

function readOne(name: TestName, facts: TestFacts): ReadTest | undefined {
  if (name === 'pH') return readPH(facts)
  if (name === 'season') return readSeason(facts)
  if (name === 'plantKind') return readPlantKind(facts)
  if (name === 'soilIron') return readSoilIronTest(facts)
  if (name === 'ironToManganese') return readIronToManganese(facts)
  return isLeaf(name) ? readLeaf(name, facts) : readBanded(name, facts)
}

import { dayWords, isDay } from '../../../base/calendar/index.ts'
import {
  amountWords,
  type Dimension,
  type LadderDimension,
  type UnitSystem,
} from '../../../base/quantity/index.ts'
import { formatNumber } from '../../../base/writing/index.ts'
import { waterRateWords } from '../../../days/sheet/index.ts'
import { partnerKinds } from '../../../apply/mix/index.ts'
import { findSource, type SourceId } from '../../../material/source/index.ts'
import { caseEndings } from '../../progress/index.ts'
import { eyeScales, type EyeScale } from '../../../seen/eye/index.ts'
import {
  dropKits,
  ironSchools,
  pHPreparations,
  readingKinds,
  readingMethods,
  readingPlaces,
} from '../../../seen/reading/index.ts'
import {
  contexts,
  findPlant,
  sizeWords,
  varieties,
  type Context,
  type StandSize,
} from '../../../stand/plant/index.ts'
import { storyEvents } from '../../../verdict/diagnosis/index.ts'
import { causeOf, drillKinds, type DrillKind } from '../../../verdict/drill/index.ts'
import type { HistoryKind } from '../kinds.ts'

/** A field as it is told: by a name for people, and what it says in words. */
export interface ToldField {
  readonly label: string
  readonly say: (value: unknown, system: UnitSystem) => string
}

const asText = (value: unknown): string =>
  typeof value === 'object' ? JSON.stringify(value) : String(value)
const text = (label: string): ToldField => ({ label, say: asText })
const number = (label: string, unit = ''): ToldField => ({
  label,
  say: (value) => `${formatNumber(Number(value), 5)}${unit === '' ? '' : ` ${unit}`}`,
})
const day = (label: string): ToldField => ({
  label,
  say: (value) => (typeof value === 'string' && isDay(value) ? dayWords(value) : asText(value)),
})
const yes = (label: string, is = 'yes', not = 'no'): ToldField => ({
  label,
  say: (value) => (value === true ? is : not),
})
const amount = (label: string, dimension: Dimension & LadderDimension): ToldField => ({
  label,
  say: (value, system) => amountWords(dimension, Number(value), system),
})
const listed = (label: string, words: Readonly<Record<string, string>>): ToldField => ({
  label,
  say: (value) => words[String(value)] ?? String(value),
})
const labelled = (
  label: string,
  of: Readonly<Record<string, { readonly label: string }>>,
): ToldField => ({ label, say: (value) => of[String(value)]?.label ?? String(value) })
/** Something put together, of which a line can only say that it is another. */
const put = (label: string, words: string): ToldField => ({ label, say: () => words })
const causeName = (value: unknown): string => causeOf(String(value)).name
const source: ToldField = { label: 'Form', say: (value) => findSource(value as SourceId).name }
const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const days = (label: string): ToldField => ({
  label,
  say: (value) =>
    (value as readonly number[]).map((each) => weekdays[each] ?? String(each)).join(', ') || 'none',
})
const list = (label: string, words: Readonly<Record<string, string>>): ToldField => ({
  label,
  say: (value) =>
    (value as readonly string[]).map((each) => words[each] ?? each).join(', ') || 'none',
})
const people = (label: string): ToldField => ({
  label,
  say: (value) =>
    (value as readonly { readonly name: string }[]).map(({ name }) => name).join(', ') || 'nobody',
})
const named = (of: Readonly<Record<string, { readonly name: string }>>) =>
  Object.fromEntries(Object.entries(of).map(([id, { name }]) => [id, name]))
/** Names that are told of what ships to practise with. */
const practiceNames = {
  weather: 'weather',
  pHPen: 'pH pen',
  leafMeter: 'chlorophyll meter',
  laboratory: 'laboratory',
} as const

type ByField = Readonly<Record<string, ToldField>>

/** Fields that several kinds of thing have, with one sense. */
export const sharedFields: ByField = {
  name: text('Name'),
  note: text('Note'),
  isArchived: yes('Put away'),
  isStruck: yes('Struck out'),
  isRetired: yes('Out of use'),
}

/** Fields of one kind of thing. "measures.*" stands for every part of measures that has no words of its own. */
export const ownFields: Readonly<Record<HistoryKind, ByField>> = {
  stand: {
    context: labelled('Kind', contexts),
    plantId: { label: 'Plant', say: (value) => findPlant(String(value)).name },
    size: { label: 'Size', say: (value, system) => sizeWords(value as StandSize, system) },
    'measures.outline': put('Drawn edge', 'drawn'),
    'measures.atM': put('Where it lies', 'placed on the map'),
    'measures.groundM2': amount('Ground', 'area'),
    'measures.plantCount': number('Plants'),
    'measures.rowM': amount('Row', 'length'),
    'measures.inRowM': amount('From plant to plant', 'length'),
    'measures.betweenRowsM': amount('From row to row', 'length'),
    'measures.canopyM2': amount('Canopy', 'area'),
    'measures.rootDepthM': amount('Depth of the roots', 'length'),
    'measures.variety': listed('Variety', varieties),
    'measures.pHLow': number('Own pH, from'),
    'measures.pHHigh': number('Own pH, to'),
    'measures.plantedOn': day('Planted on'),
    'measures.emergedOn': day('Came up on'),
    'measures.isAlone': yes('Each by itself'),
    'care.mowingDays': days('Mown on'),
    'care.wateringDays': days('Watered on'),
    'care.paleLossPerDay': number('Loss of a pale day'),
    mergedIntoId: put('Put together with another stand', 'with another'),
  },
  place: {
    unitSystem: listed('Units', { us: 'US', metric: 'metric' }),
    climate: text('Climate'),
    calendarToken: put('Address of the calendar', 'one that only its holder knows'),
    'settings.latitude': number('Latitude', '°'),
    'settings.currency': text('Money'),
    'settings.locale': text('Numbers and days'),
    'settings.ironSchool': listed('Soil iron read by', named(ironSchools)),
    'settings.kits': list('Kits', named(dropKits)),
    'settings.laboratories': put('Laboratories', 'how their files are read'),
    'settings.sprayWater': put('Spray water', 'its test'),
    'settings.seasonLimits': put('Limits of a season', 'by local rule'),
    'settings.practice': list('Practice devices', practiceNames),
    'settings.countsMadeUp': yes('Made-up readings count in verdicts'),
    'settings.takesAsSaid': yes('Ratings taken as they were said'),
    'settings.learns': yes('Counts with what the place taught'),
    'settings.weatherFrom': text('Weather fetched from'),
    'settings.stationColumns': put('Columns of the station', 'which is what'),
    'settings.screens': put('Screens', 'as measured by the card'),
    'settings.work': put('Crew, trips and blackouts', 'as set'),
  },
  reading: {
    kind: labelled('Reading', readingKinds),
    value: number('Value'),
    method: labelled('Method', readingMethods),
    takenOn: day('Taken on'),
    preparation: labelled('Prepared', pHPreparations),
    place: listed('Taken from', readingPlaces),
    doubt: number('Doubt'),
    instrument: text('Instrument'),
    'came.*': put('How it came', 'otherwise'),
  },
  event: {
    kind: {
      label: 'What happened',
      say: (value) => storyEvents[value as keyof typeof storyEvents].words,
    },
    happenedOn: day('When'),
    fromPH: number('pH before'),
    toPH: number('pH after'),
  },
  look: { lookedOn: day('Looked on'), 'paint.*': put('Paint', 'painted') },
  case: {
    openedOn: day('Opened on'),
    closedOn: day('Closed on'),
    outcome: listed('Outcome', caseEndings),
    outcomeNote: text('Note on the outcome'),
    closedBy: text('Closed by'),
    closedAt: put('Closed at', 'a moment'),
  },
  photo: {
    fileName: text('File'),
    takenOn: day('Taken on'),
    measure: put('What it was measured to show', 'a measuring'),
    caseId: put('Case', 'kept with a case'),
  },
  trial: {
    startedOn: day('Laid out on'),
    plotLengthM: amount('Plot length', 'length'),
    plotWidthM: amount('Plot width', 'length'),
  },
  rating: { plot: number('Plot'), ratedOn: day('Rated on'), value: number('Rating') },
  zone: {
    score: number('Chlorosis score'),
    scoredOn: day('Scored on'),
    outline: put('Outline', 'drawn'),
    origin: put('Where the grid lies', 'a point on the globe'),
    isTakenAway: yes('Taken away'),
  },
  jarTest: {
    sourceId: source,
    kindId: {
      label: 'Kind of partner',
      say: (value) => partnerKinds.find(({ id }) => id === value)?.name ?? String(value),
    },
    partnerName: text('Partner'),
    testedOn: day('Tested on'),
    outcome: text('Outcome'),
  },
  drill: {
    kind: { label: 'Kind of drill', say: (value) => drillKinds[value as DrillKind].label },
    context: { label: 'Kind of stand', say: (value) => contexts[value as Context].label },
    plantId: { label: 'Plant', say: (value) => findPlant(String(value)).name },
    causeId: { label: 'Asked for', say: causeName },
    against: { label: 'Beside', say: causeName },
    saidId: { label: 'Said', say: causeName },
    asked: put('Checks', 'as made'),
    answeredOn: day('Answered on'),
    score: put('What it came to', 'as worked out'),
  },
  eye: {
    scale: { label: 'Scale', say: (value) => eyeScales[value as EyeScale].label },
    ratedOn: day('Rated on'),
    said: put('Ratings', 'as given'),
    shown: put('Pictures', 'as shown'),
    screen: text('Screen'),
  },
  advice: { givenOn: day('Given on'), words: text('Note') },
  product: {
    sourceId: source,
    'label.analysis': put('Guaranteed analysis', 'as typed'),
    'label.*': text('Label'),
    packPrice: number('Price of a pack'),
    packKg: amount('Pack', 'mass'),
    densityKgPerL: number('Density', 'kg/L'),
    stockKg: amount('Stock', 'mass'),
    lot: text('Lot'),
    lotUseBy: day('Use by'),
    labelRate: put('Rate on the label', 'as typed'),
    labelMaximum: put('Label maximum', 'as typed'),
    stain: text('Stain'),
    organic: text('Organic'),
    applicator: text('Put out by'),
    hazards: text('Hazards'),
  },
  sprayer: {
    'setup.kind': text('Kind'),
    'setup.tankL': amount('Tank', 'volume'),
    'setup.nozzleKind': text('Nozzles'),
    'setup.nozzleSize': text('Nozzle size'),
    'setup.nozzleCount': number('Number of nozzles'),
    'setup.spacingM': amount('Spacing', 'length'),
    'setup.pressureBar': number('Pressure', 'bar'),
    'setup.speedKmPerH': number('Speed', 'km/h'),
    'setup.ratio': number('Ratio'),
    'calibration.measuredOn': day('Calibrated on'),
    'calibration.rateLPerM2': {
      label: 'Rate measured',
      say: (value, system) => waterRateWords(Number(value), system),
    },
    'calibration.how': text('How it was measured'),
  },
  job: {
    dueOn: day('Day'),
    startsAt: text('Hour'),
    isLocked: yes('Held on its day'),
    hands: people('Who does it'),
    underWay: people('At it'),
    status: text('Status'),
    afterJobId: put('Comes after', 'another job'),
    plannedKg: amount('Amount', 'mass'),
  },
  entry: {},
  remedy: {},
  acidPlan: {},
  order: {},
  import: {},
}

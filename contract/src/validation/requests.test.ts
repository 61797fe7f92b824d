import 'reflect-metadata'
import type { ClassConstructor } from 'class-transformer'
import { describe, expect, it } from 'vitest'
import { CreateAcidPlanDto } from '../acid-plan/index.ts'
import { CloseCaseDto } from '../case/index.ts'
import { CorrectEntryDto, CreateEntryDto, EntryQueryDto } from '../entry/index.ts'
import { AcceptMovesDto, ChangeJobDto, PlanCheckDto, PlanOrderDto } from '../job/index.ts'
import { CreateDrillDto } from '../drill/index.ts'
import { CreateEyeSittingDto } from '../eye/index.ts'
import { CreateJarTestDto } from '../jar-test/index.ts'
import { CreateImportDto, CreateLaboratoryOrderDto } from '../laboratory/index.ts'
import { CreateLookDto } from '../look/index.ts'
import { MeterQueryDto } from '../meter/index.ts'
import { PhotoMeasureDto, PhotoQueryDto } from '../photo/index.ts'
import { CreatePlaceDto, PlaceSettingsDto } from '../place/index.ts'
import { CreateReadingDto } from '../reading/index.ts'
import { CreateRemedyDto } from '../remedy/index.ts'
import { ChangeProductDto, CreateProductDto, ImportProductsDto } from '../shelf/index.ts'
import { ChangeSprayerDto, CreateSprayerDto } from '../sprayer/index.ts'
import {
  ChangeStandDto,
  CreateStandDto,
  EstateQueryDto,
  StandSizeDto,
  toStandSize,
} from '../stand/index.ts'
import { CreateStoryEventDto } from '../story/index.ts'
import { CreateTrialDto, RatePlotsDto } from '../trial/index.ts'
import { StationFileDto } from '../weather/index.ts'
import { ChangeZoneDto, CreateZoneDto } from '../zone/index.ts'
import { checkDto } from './index.ts'

const id = '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10'
const day = '2025-06-01'
const map = {
  laboratory: 'Downs',
  dayColumn: 'Date',
  dayOrder: 'ymd',
  sampleColumn: 'Sample',
  placeColumn: '',
  columns: [{ column: 'pH', kind: 'pH', unit: '' }],
  stands: { Lawn: id },
}
const product = {
  id,
  name: 'Bag',
  sourceId: 'fe-edta',
  label: {
    analysis: { Fe: '13' },
    chelated: '',
    waterSoluble: '',
    orthoOrtho: '',
    derivedFrom: '',
  },
  stain: 'rust',
  organic: 'unknown',
}
const boom = { kind: 'boom', tankL: 400, nozzleKind: 'flat-fan', nozzleSize: '03', nozzleCount: 12, spacingM: 0.5, pressureBar: 3, speedKmPerH: 6 } // prettier-ignore
const entry = { id, happenedOn: day, productKg: 1.5, waterL: 0 }

/** A request that is right, for every class. */
const right: readonly (readonly [string, ClassConstructor<object>, object])[] = [
  ['a place', CreatePlaceDto, { id, name: 'Vennlow', unitSystem: 'us', climate: 'temperate' }],
  [
    'a stand',
    CreateStandDto,
    { id, name: 'Oaks', context: 'tree', plantId: 'pin-oak', size: { kind: 'trunks', count: 3, diameterM: 0.2 } },
  ],
  ['a reading', CreateReadingDto, { id, kind: 'pH', value: 7, method: 'strip', takenOn: day }],
  ['an event', CreateStoryEventDto, { id, kind: 'limed', happenedOn: day }],
  ['a look', CreateLookDto, { id, lookedOn: day, findings: {}, paint: {} }],
  [
    'a remedy',
    CreateRemedyDto,
    { id, causeId: 'c', route: 'soil', sourceId: 'fe-eddha', rateId: 'r', rateValue: 1, contentShare: 0.06, applyOn: '2199-12-31' },
  ],
  [
    'an acid plan',
    CreateAcidPlanDto,
    { id, startsOn: day, fromPH: 7, pHDoubt: 0.1, targetPH: 5.5, situation: 'bed', ground: { depthM: 0.2 }, steps: [{ id, day, sourceId: 'sulfur-flour', kgPerM2: 0.02 }], retests: [] },
  ],
  ['the end of a case', CloseCaseDto, { outcome: 'given-up', closedOn: day }],
  ['another day for a job', ChangeJobDto, { dueOn: day }],
  ['an entry', CreateEntryDto, entry],
  ['a correction', CorrectEntryDto, { ...entry, reason: 'Weighed again.' }],
  ['a product', CreateProductDto, product],
  ['a change of a product', ChangeProductDto, { packPrice: null, isRetired: true }],
  ['products of a file', ImportProductsDto, { products: [product] }],
  ['a sprayer', CreateSprayerDto, { id, name: 'Boom', setup: boom }],
  ['a backpack', CreateSprayerDto, { id, name: 'Back', setup: { kind: 'backpack', tankL: 15 } }],
  ['a calibration', ChangeSprayerDto, { calibration: { measuredOn: day, rateLPerM2: 0.03, how: 'walk' } }],
  ['a drill', CreateDrillDto, { id, kind: 'case', context: 'tree', plantId: 'peach', causeId: 'nitrogen-short', seed: 0.2, saidId: 'nitrogen-short', asked: ['roots'], answeredOn: day }],
  ['a sitting', CreateEyeSittingDto, { id, scale: 'severity', ratedOn: day, seed: 0.2, said: [0, 2.5, 5] }],
  ['a jar test', CreateJarTestDto, { id, sourceId: 'fe-dtpa', kindId: 'urea', partnerName: 'Urea', testedOn: day, outcome: 'clear' }],
  ['a new outline', ChangeStandDto, { measures: { outline: [[0, 0], [4, 0], [4, 5]] } }],
  ['a check', PlanCheckDto, { id, checkId: 'leaf-paint', dueOn: day }],
  ['a purchase', PlanOrderDto, { id, standId: id, productId: id, plannedKg: 3, dueOn: day }],
  ['accepted moves', AcceptMovesDto, { moves: [{ jobId: id, from: day, to: '2025-06-09' }] }],
  ['a full entry', CreateEntryDto, { ...entry, startedAt: '06:30', endedAt: '08:05', worker: 'Ines', lot: 'A-17', equipment: 'Boom', waterSource: 'borehole', licence: 'A-17', partners: [{ kindId: 'urea', name: 'Urea', dose: '4 oz' }], weather: { source: 'station', temperatureC: 14 }, reEntryH: 12 }],
  ['a search', EntryQueryDto, { text: 'eddha', from: day, to: day, standId: id, offset: '0', limit: '20' }],
  ['a station file', StationFileDto, { fileName: 'may.csv' }],
  ['a crew', PlaceSettingsDto, { work: { crewHours: [8, 8, 8, 8, 8, 0, 0], tripCost: 20, leadDays: 5, intervalBy: 'growth', blackouts: [{ from: day, to: day, words: 'brook' }] } }],
  ['settings', PlaceSettingsDto, { ironSchool: 'field', kits: ['calcium-10'], laboratories: [map] }],
  ['a laboratory file', CreateImportDto, { id, fileName: 'may.csv', csv: 'Date,Sample,pH\n1,2,3', map }],
  ['samples', CreateLaboratoryOrderDto, { id, orderedOn: day, packets: ['soil'], places: ['sick'] }],
  ['a photo', PhotoQueryDto, { id, fileName: 'leaf.jpg' }],
  ['a meter', MeterQueryDto, { in: 'buffer-7' }],
  ['a measured photo', PhotoMeasureDto, { darkGreenIndex: 0.5, doubt: 0.02, greenness: 0.7, greennessDoubt: 0.03, cover: 0.6, veinContrast: 0.04, severityShares: [0.5, 0.3, 0.2, 0, 0, 0], remarks: [], isComparable: true, dabs: [{ is: 'plant', x: 0.5, y: 0.5, radius: 0.02, andAlike: true }], part: 'untreated', takenOn: day }],
  ['a trial', CreateTrialDto, { id, name: 'Iron on the green', design: { layout: 'blocks', factors: [{ name: 'iron', levels: ['none', 'EDDHA'] }], replicates: 4 }, seed: 0.3, plotLengthM: 2, plotWidthM: 1, scale: 'turfColour', startedOn: day, note: '' }],
  ['ratings', RatePlotsDto, { ratings: [{ id, plot: 3, ratedOn: day, value: 6.5 }] }],
  ['a zone', CreateZoneDto, { id, name: 'Brow', outline: [[0, 0], [40, 0], [40, 25]], origin: { longitude: -1.5, latitude: 51 }, score: 3, scoredOn: day }],
  ['a scored zone', ChangeZoneDto, { name: 'Brow', origin: { longitude: -1.5, latitude: 51 }, score: 4, scoredOn: day, isTakenAway: false }],
  ['a query', EstateQueryDto, { from: day, offset: '40', limit: '20' }],
] // prettier-ignore

const fieldsOf = (dto: ClassConstructor<object>, plain: unknown) => {
  const checked = checkDto(dto, plain)
  return checked.ok ? [] : checked.fields.map(({ field }) => field)
}

describe('a request that is right', () => {
  it.each(right)('%s is let through', (_, dto, plain) => expect(fieldsOf(dto, plain)).toEqual([]))
})

describe('a request that lacks something', () => {
  /** What may be left out. */
  const optional: Readonly<Record<string, readonly string[]>> = {
    'another day for a job': ['dueOn'],
    'a change of a product': ['packPrice', 'isRetired'],
    'a query': ['offset', 'limit'],
    'a calibration': ['calibration'],
    'a new outline': ['measures'],
    settings: ['ironSchool', 'kits', 'laboratories'],
    'a crew': ['work'],
    'a measured photo': ['takenOn'],
    'a trial': ['note'],
    'a zone': ['origin', 'score', 'scoredOn'],
    'a scored zone': ['name', 'origin', 'score', 'scoredOn', 'isTakenAway'],
    'a search': ['text', 'from', 'to', 'standId', 'offset', 'limit'],
    'a full entry': [
      'startedAt',
      'endedAt',
      'worker',
      'lot',
      'equipment',
      'waterSource',
      'licence',
      'partners',
      'weather',
      'reEntryH',
    ],
  }

  it.each(right)('%s names each field that is missing', (name, dto, plain) => {
    for (const field of Object.keys(plain)) {
      const rest = Object.fromEntries(Object.entries(plain).filter(([key]) => key !== field))
      const expected = optional[name]?.includes(field) ? [] : [field]
      expect([field, fieldsOf(dto, rest)]).toEqual([field, expected])
    }
  })
})

describe('a query', () => {
  it('is read from text, with what is usual where nothing is said', () => {
    const checked = checkDto(EstateQueryDto, { from: day, limit: '20' })
    expect(checked.ok && checked.value).toMatchObject({ from: day, offset: 0, limit: 20 })
  })

  it.each([{ limit: '101' }, { limit: 'all' }, { offset: '-1' }])(
    'is refused with %j',
    (change) => {
      expect(fieldsOf(EstateQueryDto, { from: day, ...change })).toEqual(Object.keys(change))
    },
  )
})

describe('the size of a stand', () => {
  it('needs the measures of its kind and takes no notice of others that are missing', () => {
    expect(fieldsOf(StandSizeDto, { kind: 'pots', count: 4 })).toEqual(['potL'])
    expect(fieldsOf(StandSizeDto, { kind: 'solution', volumeL: 900 })).toEqual([])
    expect(fieldsOf(StandSizeDto, { kind: 'acres', areaM2: 3 })).toEqual(['kind'])
  })

  it.each([
    { kind: 'area', areaM2: 12 },
    { kind: 'trunks', count: 2, diameterM: 0.4 },
    { kind: 'pots', count: 9, potL: 3 },
    { kind: 'solution', volumeL: 800 },
  ] as const)('goes to the core as it is: %j', (size) => expect(toStandSize(size)).toEqual(size))
})

describe('a day that has come', () => {
  const reading = (takenOn: string) =>
    fieldsOf(CreateReadingDto, { id, kind: 'pH', value: 7, method: 'strip', takenOn })
  const inDays = (days: number) => new Date(Date.now() + days * 864e5).toISOString().slice(0, 10)

  it('may be today anywhere on earth, not the day after tomorrow', () => {
    expect(reading(inDays(0))).toEqual([])
    expect(reading(inDays(2))).toEqual(['takenOn'])
  })
})

describe('what is nested in a request', () => {
  it('of an acid plan is a material that moves pH, ground of some depth, at least one step', () => {
    const step = { id, day, sourceId: 'sulfur-flour', kgPerM2: 0.02 }
    const plan = { id, startsOn: day, fromPH: 7, pHDoubt: 0.1, targetPH: 5.5, situation: 'bed', ground: { depthM: 0.2 }, steps: [step], retests: [] } // prettier-ignore
    const fields = (change: object) => fieldsOf(CreateAcidPlanDto, { ...plan, ...change })
    expect(fields({ steps: [] })).toEqual(['steps'])
    expect(fields({ steps: [{ ...step, sourceId: 'fe-eddha' }] })).toEqual(['steps.0.sourceId'])
    expect(fields({ steps: [{ ...step, kgPerM2: 0 }] })).toEqual(['steps.0.kgPerM2'])
    expect(fields({ ground: { depthM: 0 } })).toEqual(['ground.depthM'])
    expect(fields({ ground: { depthM: 0.2, texture: 'chalk' } })).toEqual(['ground.texture'])
    expect(fields({ targetPH: 2 })).toEqual(['targetPH'])
  })

  it('of dates is a clock time, days of the week, seven days of crew', () => {
    expect(fieldsOf(ChangeJobDto, { startsAt: '24:10' })).toEqual(['startsAt'])
    expect(fieldsOf(ChangeJobDto, { startsAt: null, isLocked: true, status: 'done' })).toEqual([])
    expect(fieldsOf(ChangeStandDto, { care: { mowingDays: [1, 8] } })).toEqual(['care.mowingDays'])
    expect(fieldsOf(PlaceSettingsDto, { work: { crewHours: [8, 8] } })).toEqual(['work.crewHours'])
    expect(fieldsOf(CreateEntryDto, { ...entry, endedAt: 'noon' })).toEqual(['endedAt'])
    expect(fieldsOf(AcceptMovesDto, { moves: [] })).toEqual(['moves'])
  })

  it('is checked as well, and named by its place', () => {
    const columns = [{ column: 'pH', kind: 'acidity', unit: '' }]
    const fields = fieldsOf(PlaceSettingsDto, { laboratories: [{ ...map, columns }] })
    expect(fields).toEqual(['laboratories.0.columns.0.kind'])
    expect(fieldsOf(PlaceSettingsDto, { kits: ['calcium-99'] })).toEqual(['kits'])
  })

  it('is told of a label by its fields, and of a unit that is none', () => {
    const messages = (change: object) => {
      const checked = checkDto(CreateProductDto, { ...product, ...change })
      return checked.ok ? [] : checked.fields.map(({ message }) => message)
    }
    const label = { ...product.label, analysis: { Fe: '-3' } }
    expect(messages({ label })).toEqual([expect.stringMatching(/^Label: .*from 0 to 100/)])
    expect(messages({ label: { ...label, colour: 'red' } })).toEqual([
      'Label: give its fields as texts.',
    ])
    expect(messages({ labelMaximum: { value: 4, unit: 'handfuls' } })).toEqual([
      expect.stringMatching(/give a unit such as/),
    ])
    expect(messages({ labelMaximum: { value: 4, unit: 'oz/1000 ft2' } })).toEqual([])
  })

  it.each([
    [[[0, 0], [4, 4], [4, 0], [0, 4]], /do not cross each other/],
    [[[0, 0], [4, 4]], /at least three corners/],
    [[[0, 0], [4, 0], [9, 0]], /not in a line/],
    [[[0, 0], [4, 'x'], [9, 0]], /pairs of metres/],
  ])('an outline of %j is told what is wrong with it', (outline, message) => {
    const checked = checkDto(ChangeStandDto, { measures: { outline } })
    expect(checked.ok ? '' : checked.fields[0]?.message).toMatch(message)
  }) // prettier-ignore

  it.each([
    ['no packet', { packets: [] }, 'packets'],
    ['a packet nobody does', { packets: ['hair'] }, 'packets'],
    ['samples of nowhere', { places: [] }, 'places'],
    ['a day to come', { orderedOn: '2199-01-01' }, 'orderedOn'],
  ])('samples with %s are refused', (_, change, field) => {
    const samples = { id, orderedOn: day, packets: ['soil'], places: ['sick'], ...change }
    expect(fieldsOf(CreateLaboratoryOrderDto, samples)).toEqual([field])
  })
})

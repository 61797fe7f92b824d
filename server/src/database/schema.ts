import type { Derivation } from '@spudder/core/reference'
import type { Findings, Paint } from '@spudder/core/finding'
import type { Context, Route, StandSize } from '@spudder/core/plant'
import type { IronSourceId, SourceId } from '@spudder/core/source'
import type { JobKind } from '@spudder/core/plan'
import type { PHPreparation, ReadingKind, ReadingMethod, ReadingPlace } from '@spudder/core/reading'
import type { StoryEventKind } from '@spudder/core/diagnosis'
import type { UnitSystem } from '@spudder/core/quantity'
import type { CaseOutcome } from '@spudder/contract/case'
import type { JobStatus } from '@spudder/contract/job'
import type { LaboratoryPacket } from '@spudder/contract/laboratory'
import type { AcidPlanDto } from '@spudder/contract/acid-plan'
import type { Situation } from '@spudder/core/acid-plan'
import type { Climate, PlaceSettingsDto } from '@spudder/contract/place'
import type { ConditioningDto, FrozenCause, TankPartnerDto } from '@spudder/contract/remedy'
import type { CalibrationDto } from '@spudder/contract/sprayer'
import type { StandMeasuresDto } from '@spudder/contract/stand'
import type { ProductDto } from '@spudder/contract/shelf'
import type { AimId } from '@spudder/core/choice'
import type { LabelDraft } from '@spudder/core/label'
import type { JarOutcome } from '@spudder/core/mix'
import type { LabelMaximum } from '@spudder/core/rate'
import type { Stain } from '@spudder/core/shelf'
import type { SprayerSetup } from '@spudder/core/sprayer'
import { sql } from 'drizzle-orm'
import {
  boolean,
  check,
  datetime,
  double,
  index,
  int,
  json,
  mysqlTable,
  text,
  varchar,
} from 'drizzle-orm/mysql-core'
import { bytes, day, id, recorded } from './columns.ts'

export const place = mysqlTable('place', {
  id: id().primaryKey(),
  name: varchar('name', { length: 80 }).notNull(),
  unitSystem: varchar('unit_system', { length: 10 }).$type<UnitSystem>().notNull(),
  climate: varchar('climate', { length: 20 }).$type<Climate>().notNull(),
  /** What was asked once and kept; null before anything was. */
  settings: json('settings').$type<PlaceSettingsDto>(),
  ...recorded(),
})

export const stand = mysqlTable(
  'stand',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    /** Order in the estate. */
    position: int('position').notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    context: varchar('context', { length: 20 }).$type<Context>().notNull(),
    plantId: varchar('plant_id', { length: 60 }).notNull(),
    size: json('size').$type<StandSize>().notNull(),
    /** What was measured beside the size; null before anybody did. */
    measures: json('measures').$type<StandMeasuresDto>(),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [index('stand_of_place').on(table.placeId, table.position)],
)

export const reading = mysqlTable(
  'reading',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    kind: varchar('kind', { length: 30 }).$type<ReadingKind>().notNull(),
    value: double('value').notNull(),
    method: varchar('method', { length: 20 }).$type<ReadingMethod>().notNull(),
    takenOn: day('taken_on').notNull(),
    preparation: varchar('preparation', { length: 20 }).$type<PHPreparation>(),
    place: varchar('place', { length: 20 }).$type<ReadingPlace>(),
    doubt: double('doubt'),
    instrument: varchar('instrument', { length: 120 }).notNull().default(''),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [index('reading_of_stand').on(table.standId, table.takenOn)],
)

export const storyEvent = mysqlTable(
  'story_event',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    kind: varchar('kind', { length: 30 }).$type<StoryEventKind>().notNull(),
    happenedOn: day('happened_on').notNull(),
    fromPH: double('from_ph'),
    toPH: double('to_ph'),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [index('event_of_stand').on(table.standId, table.happenedOn)],
)

export const chlorosisCase = mysqlTable(
  'chlorosis_case',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    openedOn: day('opened_on').notNull(),
    closedOn: day('closed_on'),
    outcome: varchar('outcome', { length: 20 }).$type<CaseOutcome>(),
    outcomeNote: text('outcome_note').notNull(),
    closedBy: varchar('closed_by', { length: 80 }),
    closedAt: datetime('closed_at', { mode: 'date', fsp: 3 }),
    ...recorded(),
  },
  (table) => [index('case_of_stand').on(table.standId, table.openedOn)],
)

export const look = mysqlTable(
  'look',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    caseId: id('case_id')
      .notNull()
      .references(() => chlorosisCase.id),
    lookedOn: day('looked_on').notNull(),
    findings: json('findings').$type<Findings>().notNull(),
    paint: json('paint').$type<Paint>().notNull(),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [index('look_of_stand').on(table.standId, table.lookedOn)],
)

/** A product that the place has or buys, by its own label and bill. */
export const product = mysqlTable(
  'product',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    name: varchar('name', { length: 80 }).notNull(),
    sourceId: varchar('source_id', { length: 40 }).$type<IronSourceId>().notNull(),
    /** As typed, field by field. */
    label: json('label').$type<LabelDraft>().notNull(),
    packPrice: double('pack_price'),
    packKg: double('pack_kg'),
    densityKgPerL: double('density_kg_per_l'),
    stockKg: double('stock_kg'),
    lot: varchar('lot', { length: 60 }).notNull(),
    labelMaximum: json('label_maximum').$type<LabelMaximum>(),
    stain: varchar('stain', { length: 20 }).$type<Stain>().notNull(),
    organic: varchar('organic', { length: 20 }).$type<ProductDto['organic']>().notNull(),
    hazards: varchar('hazards', { length: 500 }).notNull(),
    note: text('note').notNull(),
    isRetired: boolean('is_retired').notNull(),
    changedBy: varchar('changed_by', { length: 80 }),
    changedAt: datetime('changed_at', { mode: 'date', fsp: 3 }),
    ...recorded(),
  },
  (table) => [index('product_of_place').on(table.placeId, table.name)],
)

/** What the place sprays and drenches with. */
export const sprayer = mysqlTable(
  'sprayer',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    name: varchar('name', { length: 80 }).notNull(),
    setup: json('setup').$type<SprayerSetup>().notNull(),
    /** The newest; null before anybody measured. */
    calibration: json('calibration').$type<CalibrationDto>(),
    isRetired: boolean('is_retired').notNull(),
    changedBy: varchar('changed_by', { length: 80 }),
    ...recorded(),
  },
  (table) => [index('sprayer_of_place').on(table.placeId, table.name)],
)

/** What was seen when iron and a partner stood in a jar together. */
export const jarTest = mysqlTable(
  'jar_test',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    sourceId: varchar('source_id', { length: 40 }).$type<SourceId>().notNull(),
    kindId: varchar('kind_id', { length: 40 }).notNull(),
    partnerName: varchar('partner_name', { length: 80 }).notNull(),
    testedOn: day('tested_on').notNull(),
    outcome: varchar('outcome', { length: 20 }).$type<JarOutcome>().notNull(),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [index('jar_test_of_place').on(table.placeId, table.testedOn)],
)

export const remedy = mysqlTable(
  'remedy',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    caseId: id('case_id')
      .notNull()
      .references(() => chlorosisCase.id),
    causeId: varchar('cause_id', { length: 60 }).notNull(),
    /** The verdict as it stood when the remedy was chosen. */
    verdict: json('verdict').$type<FrozenCause[]>().notNull(),
    route: varchar('route', { length: 20 }).$type<Route>().notNull(),
    sourceId: varchar('source_id', { length: 40 }).$type<SourceId>().notNull(),
    rateId: varchar('rate_id', { length: 60 }).notNull(),
    rateValue: double('rate_value').notNull(),
    carrierValue: double('carrier_value'),
    tankL: double('tank_l'),
    contentShare: double('content_share').notNull(),
    applyOn: day('apply_on').notNull(),
    productKg: double('product_kg').notNull(),
    nutrientKg: double('nutrient_kg').notNull(),
    carrierL: double('carrier_l').notNull(),
    derivation: json('derivation').$type<Derivation>().notNull(),
    lasting: text('lasting').notNull(),
    densityKgPerL: double('density_kg_per_l'),
    sprayerId: id('sprayer_id').references(() => sprayer.id),
    /** What else goes into the tank; null where nothing does. */
    partners: json('partners').$type<TankPartnerDto[]>(),
    waterInAfterH: double('water_in_after_h'),
    conditioning: json('conditioning').$type<ConditioningDto>(),
    doseDays: int('dose_days'),
    aim: varchar('aim', { length: 20 }).$type<AimId>(),
    productId: id('product_id').references(() => product.id),
    ...recorded(),
  },
  (table) => [index('remedy_of_stand').on(table.standId)],
)

/** A plan that brings ground to a pH over years; the newest of a stand holds. */
export const acidPlan = mysqlTable(
  'acid_plan',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    startsOn: day('starts_on').notNull(),
    fromPH: double('from_ph').notNull(),
    pHDoubt: double('ph_doubt').notNull(),
    targetPH: double('target_ph').notNull(),
    situation: varchar('situation', { length: 20 }).$type<Situation>().notNull(),
    groundM2: double('ground_m2').notNull(),
    ground: json('ground').$type<AcidPlanDto['ground']>().notNull(),
    water: json('water').$type<AcidPlanDto['water']>(),
    steps: json('steps').$type<AcidPlanDto['steps']>().notNull(),
    retests: json('retests').$type<AcidPlanDto['retests']>().notNull(),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [index('acid_plan_of_stand').on(table.standId, table.createdAt)],
)

export const job = mysqlTable(
  'job',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    /** Null for a step or retest of an acid plan, which outlives cases. */
    caseId: id('case_id').references(() => chlorosisCase.id),
    /** The remedy that brought it; null for a check, which comes before any remedy. */
    remedyId: id('remedy_id').references(() => remedy.id),
    acidPlanId: id('acid_plan_id').references(() => acidPlan.id),
    /** Product of a step of an acid plan; null where a remedy says it. */
    plannedKg: double('planned_kg'),
    kind: varchar('kind', { length: 20 }).$type<JobKind>().notNull(),
    /** What is to be found out; null for every other kind. */
    checkId: varchar('check_id', { length: 40 }),
    title: varchar('title', { length: 160 }).notNull(),
    dueOn: day('due_on').notNull(),
    status: varchar('status', { length: 20 }).$type<JobStatus>().notNull(),
    share: double('share').notNull(),
    route: varchar('route', { length: 20 }).$type<Route>(),
    sourceId: varchar('source_id', { length: 40 }).$type<SourceId>(),
    changedBy: varchar('changed_by', { length: 80 }),
    changedAt: datetime('changed_at', { mode: 'date', fsp: 3 }),
    ...recorded(),
  },
  (table) => [index('job_of_stand').on(table.standId, table.dueOn)],
)

/** What was really done. Rows are never changed or removed: triggers refuse it. */
export const entry = mysqlTable(
  'entry',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    /** Null for a step of an acid plan. */
    caseId: id('case_id').references(() => chlorosisCase.id),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id),
    happenedOn: day('happened_on').notNull(),
    route: varchar('route', { length: 20 }).$type<Route>().notNull(),
    sourceId: varchar('source_id', { length: 40 }).$type<SourceId>().notNull(),
    plannedProductKg: double('planned_product_kg').notNull(),
    productKg: double('product_kg').notNull(),
    waterL: double('water_l').notNull(),
    note: text('note').notNull(),
    correctsId: id('corrects_id').unique('entry_corrected_once'),
    reason: text('reason').notNull(),
    ...recorded(),
  },
  (table) => [
    index('entry_of_stand').on(table.standId, table.happenedOn),
    check('entry_not_negative', sql`${table.productKg} >= 0 AND ${table.waterL} >= 0`),
  ],
)

/** A photo of a stand; its bytes lie apart, so that lists of photos do not carry them. */
export const photo = mysqlTable(
  'photo',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    caseId: id('case_id').references(() => chlorosisCase.id),
    fileName: varchar('file_name', { length: 160 }).notNull(),
    type: varchar('type', { length: 20 }).notNull(),
    byteCount: int('byte_count').notNull(),
    widthPx: int('width_px').notNull(),
    heightPx: int('height_px').notNull(),
    takenOn: day('taken_on'),
    ...recorded(),
  },
  (table) => [index('photo_of_stand').on(table.standId, table.createdAt)],
)

export const photoBytes = mysqlTable('photo_bytes', {
  id: id()
    .primaryKey()
    .references(() => photo.id),
  bytes: bytes('bytes').notNull(),
})

/** A file of results that was taken in; its readings name the laboratory as their instrument. */
export const laboratoryImport = mysqlTable('laboratory_import', {
  id: id().primaryKey(),
  placeId: id('place_id')
    .notNull()
    .references(() => place.id),
  laboratory: varchar('laboratory', { length: 80 }).notNull(),
  fileName: varchar('file_name', { length: 160 }).notNull(),
  readingCount: int('reading_count').notNull(),
  ...recorded(),
})

/** Samples sent to the laboratory. */
export const laboratoryOrder = mysqlTable(
  'laboratory_order',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    laboratory: varchar('laboratory', { length: 80 }).notNull(),
    orderedOn: day('ordered_on').notNull(),
    readyOn: day('ready_on').notNull(),
    packets: json('packets').$type<LaboratoryPacket[]>().notNull(),
    places: json('places').$type<ReadingPlace[]>().notNull(),
    ...recorded(),
  },
  (table) => [index('order_of_stand').on(table.standId, table.orderedOn)],
)

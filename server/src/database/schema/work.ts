import { jobKinds, jobPurposes, jobStatuses } from '@spudder/core/days/plan'
import { situationNames } from '@spudder/core/soil/acid-plan'
import { aimIds } from '@spudder/core/material/choice'
import { sourceIds } from '@spudder/core/material/source'
import { routes } from '@spudder/core/stand/plant'
import type { Derivation } from '@spudder/core/base/reference'
import type { AcidPlanDto } from '@spudder/contract/acid-plan'
import type { ConditioningDto, FrozenCause, TankPartnerDto } from '@spudder/contract/remedy'
import type { EntryWeatherDto } from '@spudder/contract/entry'
import type { HandDto, UnderWayDto } from '@spudder/contract/job'
import type { PhotoMeasureDto } from '@spudder/contract/photo'
import { sql } from 'drizzle-orm'
import {
  boolean,
  check,
  double,
  foreignKey,
  index,
  int,
  json,
  mysqlTable,
  text,
  unique,
  varchar,
} from 'drizzle-orm/mysql-core'
import {
  bytes,
  changeable,
  day,
  id,
  imported,
  mendable,
  ofOneStand,
  oneOf,
  recorded,
} from '../columns.ts'
import { product } from './places.ts'
import { stand, chlorosisCase } from './stands.ts'

export const remedy = mysqlTable(
  'remedy',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    caseId: id('case_id').notNull(),
    causeId: varchar('cause_id', { length: 60 }).notNull(),
    /** The verdict as it stood when the remedy was chosen. */
    verdict: json('verdict').$type<FrozenCause[]>().notNull(),
    route: oneOf('route', 20, routes).notNull(),
    sourceId: oneOf('source_id', 40, sourceIds).notNull(),
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
    /** Weighed for this; null where nobody did. */
    weighedKgPerL: double('weighed_kg_per_l'),
    /** What the amounts were calculated by: weighed, by the product, or usual for the form. */
    densityKgPerL: double('density_kg_per_l'),
    sprayerId: id('sprayer_id'),
    /** What else goes into the tank; null where nothing does. */
    partners: json('partners').$type<TankPartnerDto[]>(),
    waterInAfterH: double('water_in_after_h'),
    conditioning: json('conditioning').$type<ConditioningDto>(),
    doseDays: int('dose_days'),
    aim: oneOf('aim', 20, aimIds),
    /** Why it goes over what practice goes to; null where it does not. */
    why: varchar('why', { length: 500 }),
    productId: id('product_id'),
    ...recorded(),
  },
  (table) => [
    index('remedy_of_stand').on(table.standId),
    unique('remedy_of_its_stand').on(table.id, table.standId),
    ofOneStand('remedy_case', table, table.caseId, chlorosisCase),
    // Product and sprayer are of the same place: migration 0018, by a column that the database fills in.
  ],
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
    situation: oneOf('situation', 20, situationNames).notNull(),
    groundM2: double('ground_m2').notNull(),
    ground: json('ground').$type<AcidPlanDto['ground']>().notNull(),
    water: json('water').$type<AcidPlanDto['water']>(),
    steps: json('steps').$type<AcidPlanDto['steps']>().notNull(),
    retests: json('retests').$type<AcidPlanDto['retests']>().notNull(),
    note: text('note').notNull(),
    ...recorded(),
  },
  (table) => [
    index('acid_plan_of_stand').on(table.standId, table.createdAt),
    unique('acid_plan_of_its_stand').on(table.id, table.standId),
  ],
)

export const job = mysqlTable(
  'job',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    /** Null for a step or retest of an acid plan, which outlives cases. */
    caseId: id('case_id'),
    /** The remedy that brought it; null for a check, which comes before any remedy. */
    remedyId: id('remedy_id'),
    acidPlanId: id('acid_plan_id'),
    /** Product of a step of an acid plan; null where a remedy says it. */
    plannedKg: double('planned_kg'),
    /** What is to be bought; null for every other kind. */
    productId: id('product_id'),
    kind: oneOf('kind', 20, jobKinds).notNull(),
    /** What is to be found out; null for every other kind. */
    checkId: varchar('check_id', { length: 40 }),
    /** What a look or test is for; null for every other kind. */
    purpose: oneOf('purpose', 20, jobPurposes),
    /** Name of a partner that goes out by itself. */
    subject: varchar('subject', { length: 80 }),
    /** Which repeat, of how many; null for the first time. */
    round: int('round'),
    rounds: int('rounds'),
    /** Which dose or step, of how many; null where it goes out at once. */
    step: int('step'),
    steps: int('steps'),
    dueOn: day('due_on').notNull(),
    status: oneOf('status', 20, jobStatuses).notNull(),
    /** Hour of the day by the clock of the place, "06:30"; null where the day will do. */
    startsAt: varchar('starts_at', { length: 5 }),
    /** Whether it stays on its day whatever the planner finds. */
    isLocked: boolean('is_locked').notNull().default(false),
    /** Who is to do it; null where nobody was named. */
    hands: json('hands').$type<HandDto[]>(),
    /** Who is at it, or last was; null where nobody said. */
    underWay: json('under_way').$type<UnderWayDto[]>(),
    /** The job that must come before it, and how many days before at least and at most. */
    afterJobId: id('after_job_id'),
    afterDays: int('after_days'),
    withinDays: int('within_days'),
    share: double('share').notNull(),
    route: oneOf('route', 20, routes),
    sourceId: oneOf('source_id', 40, sourceIds),
    ...changeable(),
  },
  (table) => [
    index('job_of_stand').on(table.standId, table.dueOn),
    index('job_by_time').on(table.createdAt),
    unique('job_of_its_stand').on(table.id, table.standId),
    ofOneStand('job_case', table, table.caseId, chlorosisCase),
    ofOneStand('job_remedy', table, table.remedyId, remedy),
    ofOneStand('job_acid_plan', table, table.acidPlanId, acidPlan),
    // Its product is of the same place: migration 0018, by a column that the database fills in.
  ],
)

/** What was really done. Rows are never changed or removed: triggers refuse it. */
export const entry = mysqlTable(
  'entry',
  {
    id: id().primaryKey(),
    standId: id('stand_id').notNull(),
    /** Null for a step of an acid plan. */
    caseId: id('case_id'),
    jobId: id('job_id').notNull(),
    happenedOn: day('happened_on').notNull(),
    route: oneOf('route', 20, routes).notNull(),
    sourceId: oneOf('source_id', 40, sourceIds).notNull(),
    plannedProductKg: double('planned_product_kg').notNull(),
    productKg: double('product_kg').notNull(),
    waterL: double('water_l').notNull(),
    startedAt: varchar('started_at', { length: 5 }),
    endedAt: varchar('ended_at', { length: 5 }),
    /** Who did it, where that is not who recorded it. */
    worker: varchar('worker', { length: 80 }).notNull().default(''),
    lot: varchar('lot', { length: 60 }).notNull().default(''),
    equipment: varchar('equipment', { length: 80 }).notNull().default(''),
    /** The licence under which it was done, where that was asked or given. */
    licence: varchar('licence', { length: 40 }).notNull().default(''),
    waterSource: varchar('water_source', { length: 80 }).notNull().default(''),
    partners: json('partners').$type<TankPartnerDto[]>(),
    /** Weather while it was done, as the service had it or as it was put in. */
    weather: json('weather').$type<EntryWeatherDto>(),
    /** Hours before anybody goes in again, by the label. */
    reEntryH: double('re_entry_h'),
    /** The product of the shelf that it was taken from. */
    productId: id('product_id'),
    note: text('note').notNull(),
    /** The place of its stand, by which the record is read; stands do not move. */
    placeId: id('place_id').notNull().default(''),
    /** Words that it is found by. */
    search: text('search').notNull().default(''),
    /** It says that the entry it corrects did not happen. */
    isStruck: boolean('is_struck').notNull().default(false),
    imported: imported(),
    correctsId: id('corrects_id').unique('entry_corrected_once'),
    reason: text('reason').notNull(),
    ...recorded(),
  },
  (table) => [
    index('entry_of_stand').on(table.standId, table.happenedOn),
    index('entry_of_place').on(table.placeId, table.happenedOn, table.createdAt),
    index('entry_by_time').on(table.placeId, table.createdAt),
    unique('entry_of_its_stand').on(table.id, table.standId),
    foreignKey({
      name: 'entry_stand',
      columns: [table.standId, table.placeId],
      foreignColumns: [stand.id, stand.placeId],
    }),
    foreignKey({
      name: 'entry_product',
      columns: [table.productId, table.placeId],
      foreignColumns: [product.id, product.placeId],
    }),
    ofOneStand('entry_case', table, table.caseId, chlorosisCase),
    ofOneStand('entry_job', table, table.jobId, job),
    ofOneStand('entry_corrects', table, table.correctsId, table),
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
    caseId: id('case_id'),
    /** The entry that it belongs to; null for one of a look. */
    entryId: id('entry_id'),
    fileName: varchar('file_name', { length: 160 }).notNull(),
    type: varchar('type', { length: 20 }).notNull(),
    byteCount: int('byte_count').notNull(),
    widthPx: int('width_px').notNull(),
    heightPx: int('height_px').notNull(),
    takenOn: day('taken_on'),
    measure: json('measure').$type<PhotoMeasureDto>(),
    ...mendable(),
  },
  (table) => [
    index('photo_of_stand').on(table.standId, table.createdAt),
    ofOneStand('photo_case', table, table.caseId, chlorosisCase),
    ofOneStand('photo_entry', table, table.entryId, entry),
  ],
)

export const photoBytes = mysqlTable('photo_bytes', {
  id: id()
    .primaryKey()
    .references(() => photo.id),
  bytes: bytes('bytes').notNull(),
})

import { jarOutcomeNames } from '@spudder/core/apply/mix'
import { applicators, organics } from '@spudder/contract/shelf'
import { stainNames } from '@spudder/core/material/shelf'
import { ironSourceIds, sourceIds } from '@spudder/core/material/source'
import { eyeScaleNames } from '@spudder/core/seen/eye'
import { climateNames } from '@spudder/core/soil/climate'
import { contextNames } from '@spudder/core/stand/plant'
import { unitSystems } from '@spudder/core/base/quantity'
import type { DrillDto } from '@spudder/contract/drill'
import type { EyeSittingDto } from '@spudder/contract/eye'
import { drillKindNames } from '@spudder/core/verdict/drill'
import type { PlaceSettingsDto } from '@spudder/contract/place'
import type { CalibrationDto } from '@spudder/contract/sprayer'
import type { LabelDraft } from '@spudder/core/material/label'
import type { LabelFigure } from '@spudder/core/material/rate'
import type { SprayerSetup } from '@spudder/core/apply/sprayer'
import type { DayOfHours } from '@spudder/core/days/weather'
import {
  boolean,
  double,
  index,
  int,
  json,
  mysqlTable,
  primaryKey,
  text,
  unique,
  varchar,
} from 'drizzle-orm/mysql-core'
import { changeable, day, id, imported, mendable, oneOf, recorded } from '../columns.ts'

export const place = mysqlTable('place', {
  id: id().primaryKey(),
  name: varchar('name', { length: 80 }).notNull(),
  unitSystem: oneOf('unit_system', 10, unitSystems).notNull(),
  climate: oneOf('climate', 20, climateNames).notNull(),
  /** What was asked once and kept; null before anything was. */
  settings: json('settings').$type<PlaceSettingsDto>(),
  /** What its calendar is subscribed to by; null while it is not. */
  calendarToken: varchar('calendar_token', { length: 43 }).unique('place_calendar'),
  /** Put away, with all that was recorded there. */
  isArchived: boolean('is_archived').notNull().default(false),
  ...changeable(),
})

/** A product that the place has or buys, by its own label and bill. */
export const product = mysqlTable(
  'product',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    name: varchar('name', { length: 80 }).notNull(),
    sourceId: oneOf('source_id', 40, ironSourceIds).notNull(),
    /** As typed, field by field. */
    label: json('label').$type<LabelDraft>().notNull(),
    packPrice: double('pack_price'),
    packKg: double('pack_kg'),
    densityKgPerL: double('density_kg_per_l'),
    stockKg: double('stock_kg'),
    lot: varchar('lot', { length: 60 }).notNull(),
    lotUseBy: day('lot_use_by'),
    labelRate: json('label_rate').$type<LabelFigure>(),
    labelMaximum: json('label_maximum').$type<LabelFigure>(),
    stain: oneOf('stain', 20, stainNames).notNull(),
    organic: oneOf('organic', 20, organics).notNull(),
    /** Who may put it out; null where nobody said, as anybody. */
    applicator: oneOf('applicator', 20, applicators),
    hazards: varchar('hazards', { length: 500 }).notNull(),
    note: text('note').notNull(),
    isRetired: boolean('is_retired').notNull(),
    imported: imported(),
    ...changeable(),
  },
  (table) => [
    index('product_of_place').on(table.placeId, table.name),
    unique('product_of_its_place').on(table.id, table.placeId),
  ],
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
    ...changeable(),
  },
  (table) => [
    index('sprayer_of_place').on(table.placeId, table.name),
    unique('sprayer_of_its_place').on(table.id, table.placeId),
  ],
)

/** What was seen when iron and a partner stood in a jar together. */
export const jarTest = mysqlTable(
  'jar_test',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    sourceId: oneOf('source_id', 40, sourceIds).notNull(),
    kindId: varchar('kind_id', { length: 40 }).notNull(),
    partnerName: varchar('partner_name', { length: 80 }).notNull(),
    testedOn: day('tested_on').notNull(),
    outcome: oneOf('outcome', 20, jarOutcomeNames).notNull(),
    note: text('note').notNull(),
    ...mendable(),
  },
  (table) => [index('jar_test_of_place').on(table.placeId, table.testedOn)],
)

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

/** A day of a weather station's file, as it stands in place of the service's. */
export const stationDay = mysqlTable(
  'station_day',
  {
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    day: day('day').notNull(),
    hours: json('hours').$type<DayOfHours>().notNull(),
    fileName: varchar('file_name', { length: 160 }).notNull(),
    ...recorded(),
  },
  (table) => [primaryKey({ columns: [table.placeId, table.day] })],
)

/** What one person said of pictures whose colour is known, and what was true of each as it was shown. */
export const eyeSitting = mysqlTable(
  'eye_sitting',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    scale: oneOf('scale', 40, eyeScaleNames).notNull(),
    ratedOn: day('rated_on').notNull(),
    seed: double('seed').notNull(),
    said: json('said').$type<number[]>().notNull(),
    shown: json('shown').$type<EyeSittingDto['shown']>().notNull(),
    screen: text('screen').notNull(),
    ...mendable(),
  },
  (table) => [index('eye_sitting_of_place').on(table.placeId, table.ratedOn)],
)

/** What one person said of a drilled case, and what it came to when it was said. */
export const drill = mysqlTable(
  'drill',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    kind: oneOf('kind', 20, drillKindNames).notNull(),
    context: oneOf('context', 20, contextNames).notNull(),
    plantId: varchar('plant_id', { length: 60 }).notNull(),
    causeId: varchar('cause_id', { length: 80 }).notNull(),
    against: varchar('against', { length: 80 }),
    seed: double('seed').notNull(),
    saidId: varchar('said_id', { length: 80 }).notNull(),
    asked: json('asked').$type<readonly string[]>().notNull(),
    answeredOn: day('answered_on').notNull(),
    score: json('score').$type<DrillDto['score']>().notNull(),
    ...mendable(),
  },
  (table) => [index('drill_of_place').on(table.placeId, table.answeredOn)],
)

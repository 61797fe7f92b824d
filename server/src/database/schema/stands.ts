import type { Findings, Paint } from '@spudder/core/seen/finding'
import type { Context, StandSize } from '@spudder/core/stand/plant'
import type {
  PHPreparation,
  ReadingKind,
  ReadingMethod,
  ReadingPlace,
} from '@spudder/core/seen/reading'
import type { StoryEventKind } from '@spudder/core/verdict/diagnosis'
import type { CaseOutcome } from '@spudder/contract/case'
import type { LaboratoryPacket } from '@spudder/contract/laboratory'
import type { StandCareDto, StandMeasuresDto } from '@spudder/contract/stand'
import {
  datetime,
  double,
  index,
  int,
  json,
  mysqlTable,
  text,
  varchar,
} from 'drizzle-orm/mysql-core'
import { changeable, day, id, recorded } from '../columns.ts'
import { place } from './places.ts'

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
    /** When it is mown and watered, and what a pale day costs; null before anybody said. */
    care: json('care').$type<StandCareDto>(),
    note: text('note').notNull(),
    ...changeable(),
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

import { caseOutcomes } from '@spudder/contract/case'
import { storyEventKinds } from '@spudder/core/verdict/diagnosis'
import {
  pHPreparationNames,
  readingKindNames,
  readingMethodNames,
  readingPlaceNames,
} from '@spudder/core/seen/reading'
import { contextNames } from '@spudder/core/stand/plant'
import type { Findings, Paint } from '@spudder/core/seen/finding'
import type { StandSize } from '@spudder/core/stand/plant'
import type { Came, ReadingPlace } from '@spudder/core/seen/reading'
import type { LaboratoryPacket } from '@spudder/contract/laboratory'
import type { StandCareDto, StandMeasuresDto } from '@spudder/contract/stand'
import {
  boolean,
  datetime,
  double,
  index,
  int,
  json,
  mysqlTable,
  text,
  unique,
  varchar,
} from 'drizzle-orm/mysql-core'
import { changeable, day, id, imported, mendable, ofOneStand, oneOf, recorded } from '../columns.ts'
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
    context: oneOf('context', 20, contextNames).notNull(),
    plantId: varchar('plant_id', { length: 60 }).notNull(),
    size: json('size').$type<StandSize>().notNull(),
    /** What was measured beside the size; null before anybody did. */
    measures: json('measures').$type<StandMeasuresDto>(),
    /** When it is mown and watered, and what a pale day costs; null before anybody said. */
    care: json('care').$type<StandCareDto>(),
    note: text('note').notNull(),
    /** Put away: out of the estate and the dates, with all that was recorded. */
    isArchived: boolean('is_archived').notNull().default(false),
    /** The stand that it was found to be the same as: its story is told there. */
    mergedIntoId: id('merged_into_id'),
    imported: imported(),
    ...changeable(),
  },
  (table) => [
    index('stand_of_place').on(table.placeId, table.position),
    index('stand_told_with').on(table.mergedIntoId),
    unique('stand_of_its_place').on(table.id, table.placeId),
  ],
)

export const reading = mysqlTable(
  'reading',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    kind: oneOf('kind', 30, readingKindNames).notNull(),
    value: double('value').notNull(),
    method: oneOf('method', 20, readingMethodNames).notNull(),
    takenOn: day('taken_on').notNull(),
    preparation: oneOf('preparation', 20, pHPreparationNames),
    place: oneOf('place', 20, readingPlaceNames),
    doubt: double('doubt'),
    instrument: varchar('instrument', { length: 120 }).notNull().default(''),
    note: text('note').notNull(),
    /** How the value came. */
    came: json('came').$type<Came>().notNull(),
    ...mendable(),
  },
  (table) => [
    index('reading_of_stand').on(table.standId, table.takenOn),
    index('reading_by_time').on(table.createdAt),
  ],
)

export const storyEvent = mysqlTable(
  'story_event',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    kind: oneOf('kind', 30, storyEventKinds).notNull(),
    happenedOn: day('happened_on').notNull(),
    fromPH: double('from_ph'),
    toPH: double('to_ph'),
    note: text('note').notNull(),
    imported: imported(),
    ...mendable(),
  },
  (table) => [index('event_of_stand').on(table.standId, table.happenedOn)],
)

/** What an adviser wrote of a stand and its verdict. */
export const advice = mysqlTable(
  'advice',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    givenOn: day('given_on').notNull(),
    words: text('words').notNull(),
    ...mendable(),
  },
  (table) => [index('advice_of_stand').on(table.standId, table.givenOn)],
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
    outcome: oneOf('outcome', 20, caseOutcomes),
    outcomeNote: text('outcome_note').notNull(),
    closedBy: varchar('closed_by', { length: 80 }),
    closedAt: datetime('closed_at', { mode: 'date', fsp: 3 }),
    ...changeable(),
  },
  (table) => [
    index('case_of_stand').on(table.standId, table.openedOn),
    unique('case_of_its_stand').on(table.id, table.standId),
  ],
)

export const look = mysqlTable(
  'look',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    caseId: id('case_id').notNull(),
    lookedOn: day('looked_on').notNull(),
    findings: json('findings').$type<Findings>().notNull(),
    paint: json('paint').$type<Paint>().notNull(),
    note: text('note').notNull(),
    imported: imported(),
    ...mendable(),
  },
  (table) => [
    index('look_of_stand').on(table.standId, table.lookedOn),
    ofOneStand('look_case', table, table.caseId, chlorosisCase),
  ],
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

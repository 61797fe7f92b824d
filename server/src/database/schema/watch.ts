import { readingKindNames } from '@spudder/core/seen/reading'
import type { TrialDesignDto } from '@spudder/contract/trial'
import type { OriginDto } from '@spudder/contract/zone'
import {
  boolean,
  double,
  index,
  int,
  json,
  mysqlTable,
  text,
  varchar,
} from 'drizzle-orm/mysql-core'
import { changeable, day, id, imported, mendable, oneOf } from '../columns.ts'
import { stand } from './stands.ts'

export const trial = mysqlTable(
  'trial',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    name: varchar('name', { length: 120 }).notNull(),
    design: json('design').$type<TrialDesignDto>().notNull(),
    seed: double('seed').notNull(),
    plotLengthM: double('plot_length_m').notNull(),
    plotWidthM: double('plot_width_m').notNull(),
    scale: oneOf('scale', 30, readingKindNames).notNull(),
    startedOn: day('started_on').notNull(),
    note: text('note').notNull(),
    ...mendable(),
  },
  (table) => [index('trial_of_stand').on(table.standId, table.createdAt)],
)

/** Of two on one day the newer counts. */
export const trialRating = mysqlTable(
  'trial_rating',
  {
    id: id().primaryKey(),
    trialId: id('trial_id')
      .notNull()
      .references(() => trial.id),
    plot: int('plot').notNull(),
    ratedOn: day('rated_on').notNull(),
    value: double('value').notNull(),
    ...mendable(),
  },
  (table) => [index('rating_of_trial').on(table.trialId, table.ratedOn)],
)

/** Part of a stand with a score of its own. */
export const zone = mysqlTable(
  'zone',
  {
    id: id().primaryKey(),
    standId: id('stand_id')
      .notNull()
      .references(() => stand.id),
    name: varchar('name', { length: 60 }).notNull(),
    outline: json('outline').$type<number[][]>().notNull(),
    origin: json('origin').$type<OriginDto>(),
    score: double('score'),
    scoredOn: day('scored_on'),
    isTakenAway: boolean('is_taken_away').notNull().default(false),
    imported: imported(),
    ...changeable(),
  },
  (table) => [index('zone_of_stand').on(table.standId, table.createdAt)],
)

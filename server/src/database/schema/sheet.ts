import { tickParts } from '@spudder/contract/tick'
import { boolean, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core'
import { id, moment, oneOf } from '../columns.ts'
import { job } from './work.ts'

/** How far a sheet is done: of use while its job is under way, and no part of the record. */
export const sheetTick = mysqlTable(
  'sheet_tick',
  {
    jobId: id('job_id')
      .notNull()
      .references(() => job.id),
    part: oneOf('part', 10, tickParts).notNull(),
    number: int('number').notNull(),
    isTicked: boolean('is_ticked').notNull(),
    createdBy: varchar('created_by', { length: 80 }).notNull(),
    at: moment('at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.part, table.number] })],
)

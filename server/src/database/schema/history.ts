import { historyActs, historyKinds, type FieldChanges } from '@spudder/core/outcome/history'
import { index, json, mysqlTable, varchar } from 'drizzle-orm/mysql-core'
import { id, oneOf, recorded } from '../columns.ts'
import { place } from './places.ts'
import { stand } from './stands.ts'

/**
 * What somebody changed of something that was stored: which fields, from what, to what, and why. Rows are
 * never changed or removed: triggers refuse it.
 */
export const history = mysqlTable(
  'history',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    /** Null for what belongs to the place as a whole. */
    standId: id('stand_id').references(() => stand.id),
    kind: oneOf('kind', 20, historyKinds).notNull(),
    rowId: id('row_id').notNull(),
    act: oneOf('act', 20, historyActs).notNull(),
    changes: json('changes').$type<FieldChanges>().notNull(),
    reason: varchar('reason', { length: 500 }).notNull(),
    /** All that was done at once: it is taken back at once. */
    groupId: id('group_id').notNull(),
    ...recorded(),
  },
  (table) => [
    index('history_of_place').on(table.placeId, table.createdAt),
    index('history_of_stand').on(table.standId, table.createdAt),
    index('history_of_row').on(table.rowId),
    index('history_of_group').on(table.groupId),
  ],
)

import { and, desc, eq, getTableColumns } from 'drizzle-orm'
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { history, place } from '../database/schema.ts'

/** A table whose rows may change. */
export type ChangeableTable = MySqlTable & {
  readonly id: MySqlColumn
  readonly version: MySqlColumn
  readonly changedBy: MySqlColumn
  readonly changedAt: MySqlColumn
}
export type HistoryRow = typeof history.$inferSelect

/** Columns that hold moments; in the history they stand as text. */
export const momentColumns = (table: MySqlTable): ReadonlySet<string> =>
  new Set(
    Object.entries(getTableColumns(table))
      .filter(([, column]) => column.dataType === 'date')
      .map(([name]) => name),
  )

export async function updateRow(
  connection: Connection,
  table: ChangeableTable,
  id: string,
  change: Readonly<Record<string, unknown>>,
): Promise<void> {
  await connection.update(table).set(change).where(eq(table.id, id))
}

export const insertHistory = (connection: Connection, row: HistoryRow) =>
  connection.insert(history).values(row)

/** The newest changes of a row. */
export const selectChangesOf = (
  connection: Connection,
  rowId: string,
  count: number,
): Promise<HistoryRow[]> =>
  connection
    .select()
    .from(history)
    .where(eq(history.rowId, rowId))
    .orderBy(desc(inOrder(history)))
    .limit(count)

/** Whether a row was changed under the name of a request: it came before, and its answer was lost. */
export async function isChangedUnder(
  connection: Connection,
  rowId: string,
  groupId: string,
): Promise<boolean> {
  const [row] = await connection
    .select({ id: history.id })
    .from(history)
    .where(and(eq(history.rowId, rowId), eq(history.groupId, groupId)))
    .limit(1)
  return row !== undefined
}

/** What a place counts in. */
export async function selectUnitSystem(connection: Connection, placeId: string) {
  const [row] = await connection
    .select({ unitSystem: place.unitSystem })
    .from(place)
    .where(eq(place.id, placeId))
  return row?.unitSystem ?? 'metric'
}

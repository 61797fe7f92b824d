import { getTableName, sql, type SQL } from 'drizzle-orm'
import type { MySqlTable } from 'drizzle-orm/mysql-core'

/**
 * The order in which rows were stored, by the database's own count: a clock that was put back moves
 * nothing. The column is kept out of what is read and written.
 */
export const inOrder = (table: MySqlTable): SQL<number> =>
  sql<number>`${sql.identifier(getTableName(table))}.${sql.identifier('seq')}`.mapWith(Number)

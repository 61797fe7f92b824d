import { eq } from 'drizzle-orm'
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import { ServiceError } from '../http/service-error.ts'
import type { Connection } from './connect.ts'

type TableWithId = MySqlTable & { readonly id: MySqlColumn }

const duplicateEntry = 1062

/** MariaDB's number for what went wrong; undefined for anything that did not come from it. */
export function databaseErrno(error: unknown): number | undefined {
  const cause: unknown = error instanceof Error ? (error.cause ?? error) : undefined
  if (typeof cause !== 'object' || cause === null || !('errno' in cause)) return undefined
  return typeof cause.errno === 'number' ? cause.errno : undefined
}

/**
 * Whether a stored figure is the one sent. The driver reads a DOUBLE digit by digit, which can miss
 * its last bit.
 */
export const sameFigure = (stored: number, sent: number): boolean =>
  Math.abs(stored - sent) <= 1e-12 * Math.max(Math.abs(stored), Math.abs(sent))

/**
 * Stores a row under the id its sender made. Sent again after a lost answer, it is the row that is
 * there already; another row under the same id is refused.
 * @param same whether the row that is there is the one sent
 * @throws {ServiceError} conflict
 */
export async function insertOnce<Table extends TableWithId>(
  connection: Connection,
  table: Table,
  row: Table['$inferInsert'] & { readonly id: string },
  same: (stored: Table['$inferSelect']) => boolean,
): Promise<Table['$inferSelect']> {
  try {
    await connection.insert(table).values(row)
  } catch (error) {
    if (databaseErrno(error) !== duplicateEntry) throw error
  }
  const [stored] = (await connection
    .select()
    .from(table as MySqlTable)
    .where(eq(table.id, row.id))
    .limit(1)) as Table['$inferSelect'][]
  if (stored && same(stored)) return stored
  throw new ServiceError(
    'conflict',
    'This id already belongs to another record. Send it with a new id.',
  )
}

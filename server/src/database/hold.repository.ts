import { eq, sql } from 'drizzle-orm'
import type { AnyMySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { Connection } from './connect.ts'
import { hold } from './schema.ts'

/**
 * Keeps everybody else who would hold the same thing waiting until the transaction ends. By a row that is
 * written: a lock alone is known to one node of a cluster, and of two nodes that write the same row one gives up
 * and does its work again.
 */
export async function holdOn(connection: Connection, id: string): Promise<void> {
  const again = { times: sql`${hold.times} + 1` }
  await connection.insert(hold).values({ id, times: 1 }).onDuplicateKeyUpdate({ set: again })
}

type TableWithId = MySqlTable & { readonly id: AnyMySqlColumn }

/** A row by its id, held until the transaction ends, on every node; undefined where there is none. */
export async function heldRow<Table extends TableWithId>(
  connection: Connection,
  table: Table,
  id: string,
): Promise<Table['$inferSelect'] | undefined> {
  await holdOn(connection, id)
  const [row] = await connection
    .select()
    .from(table as MySqlTable)
    .where(eq(table.id, id))
    .for('update')
  return row
}

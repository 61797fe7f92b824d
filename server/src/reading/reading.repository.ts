import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { reading } from '../database/schema.ts'

export type ReadingRow = typeof reading.$inferSelect

export const insertReading = (connection: Connection, row: ReadingRow) =>
  insertOnce(connection, reading, row)

/** More rows than fit into one statement are stored in parts, all in the transaction of the caller. */
const rowsAtOnce = 1000

export async function insertReadings(
  connection: Connection,
  rows: readonly ReadingRow[],
): Promise<void> {
  for (let from = 0; from < rows.length; from += rowsAtOnce) {
    await connection.insert(reading).values(rows.slice(from, from + rowsAtOnce))
  }
}

import type { Connection } from '../database/connect.ts'
import { asc, eq } from 'drizzle-orm'
import { insertOnce } from '../database/insert-once.ts'
import { reading } from '../database/schema.ts'

export type ReadingRow = typeof reading.$inferSelect

export const insertReading = (connection: Connection, row: ReadingRow) =>
  insertOnce(connection, reading, row)

/** All readings of a stand, in the order of their days. */
export const selectReadings = (connection: Connection, standId: string) =>
  connection
    .select()
    .from(reading)
    .where(eq(reading.standId, standId))
    .orderBy(asc(reading.takenOn))

/** Stores a reading that something else stands behind, in place of the one it had before. */
export async function putReading(connection: Connection, row: ReadingRow): Promise<void> {
  await connection.insert(reading).values(row).onDuplicateKeyUpdate({ set: row })
}

export async function removeReading(connection: Connection, id: string): Promise<void> {
  await connection.delete(reading).where(eq(reading.id, id))
}

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

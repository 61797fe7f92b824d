import { eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce, storedBefore } from '../database/insert-once.ts'
import { entry, remedy } from '../database/schema.ts'

export type EntryRow = typeof entry.$inferSelect

export const insertEntry = (connection: Connection, row: EntryRow) =>
  insertOnce(connection, entry, row)

/** The entry that was stored before from what is sent again. */
export const findEntry = <Sent extends { readonly id: string }>(
  connection: Connection,
  sent: Sent,
) => storedBefore(connection, entry, sent)

export async function selectEntry(
  connection: Connection,
  id: string,
): Promise<EntryRow | undefined> {
  const [row] = await connection.select().from(entry).where(eq(entry.id, id)).limit(1)
  return row
}

export async function selectCorrectionOf(
  connection: Connection,
  id: string,
): Promise<EntryRow | undefined> {
  const [row] = await connection.select().from(entry).where(eq(entry.correctsId, id)).limit(1)
  return row
}

/** Product that a remedy planned in all [kg]. */
export async function plannedProductOf(connection: Connection, remedyId: string): Promise<number> {
  const [row] = await connection
    .select({ productKg: remedy.productKg })
    .from(remedy)
    .where(eq(remedy.id, remedyId))
    .limit(1)
  return row?.productKg ?? 0
}

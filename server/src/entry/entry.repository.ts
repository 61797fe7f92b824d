import { eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce, sameFigure } from '../database/insert-once.ts'
import { entry, remedy } from '../database/schema.ts'

export type EntryRow = typeof entry.$inferSelect

export const insertEntry = (connection: Connection, row: EntryRow) =>
  insertOnce(
    connection,
    entry,
    row,
    (stored) => stored.jobId === row.jobId && sameFigure(stored.productKg, row.productKg),
  )

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

import { and, asc, eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { insertOnce } from '../database/insert-once.ts'
import { zone } from '../database/schema.ts'

export type ZoneRow = typeof zone.$inferSelect

export const insertZone = (connection: Connection, row: ZoneRow) =>
  insertOnce(connection, zone, row)

/** Zones of a stand that were not taken away, in the order in which they were drawn. */
export const selectZones = (connection: Connection, standId: string): Promise<ZoneRow[]> =>
  connection
    .select()
    .from(zone)
    .where(and(eq(zone.standId, standId), eq(zone.isTakenAway, false)))
    .orderBy(asc(inOrder(zone)))

export async function selectZone(connection: Connection, id: string): Promise<ZoneRow | undefined> {
  const [row] = await connection.select().from(zone).where(eq(zone.id, id))
  return row
}

export async function updateZone(
  connection: Connection,
  id: string,
  change: Partial<ZoneRow>,
): Promise<void> {
  await connection.update(zone).set(change).where(eq(zone.id, id))
}

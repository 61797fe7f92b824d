import { and, asc, eq } from 'drizzle-orm'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
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

/** A zone, held until the transaction ends. */
export const lockZone = (connection: Connection, id: string): Promise<ZoneRow | undefined> =>
  heldRow(connection, zone, id)

export const keepZone = (connection: Connection, change: Change<ZoneRow>) =>
  changeRow(connection, zone, change)

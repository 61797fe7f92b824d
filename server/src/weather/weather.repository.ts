import { and, asc, between, eq, max, sql } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { stationDay } from '../database/schema.ts'

export type StationDayRow = typeof stationDay.$inferSelect

/** Days of a station's files of a place, in order. */
export const selectStationDays = (
  connection: Connection,
  placeId: string,
  from: string,
  to: string,
): Promise<StationDayRow[]> =>
  connection
    .select()
    .from(stationDay)
    .where(and(eq(stationDay.placeId, placeId), between(stationDay.day, from, to)))
    .orderBy(asc(stationDay.day))

/** When the newest of a station's days of a place came in; null where there are none. */
export async function newestStationDay(connection: Connection, placeId: string) {
  const at = max(stationDay.createdAt)
  const rows = await connection
    .select({ at })
    .from(stationDay)
    .where(eq(stationDay.placeId, placeId))
  return rows[0]?.at ?? null
}

/** Stores days; a day that was there already is that of the newer file. */
export async function storeStationDays(
  connection: Connection,
  rows: readonly StationDayRow[],
): Promise<void> {
  if (rows.length === 0) return
  await connection
    .insert(stationDay)
    .values([...rows])
    .onDuplicateKeyUpdate({
      set: {
        hours: sql`VALUES(${stationDay.hours})`,
        fileName: sql`VALUES(${stationDay.fileName})`,
        createdBy: sql`VALUES(${stationDay.createdBy})`,
        createdAt: sql`VALUES(${stationDay.createdAt})`,
      },
    })
}

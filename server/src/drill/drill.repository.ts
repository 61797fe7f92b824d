import { and, asc, eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { drill } from '../database/schema.ts'

export type DrillRow = typeof drill.$inferSelect

export const insertDrill = (connection: Connection, row: DrillRow) =>
  insertOnce(connection, drill, row)

/** Those that were not struck out, oldest first. */
export const listDrills = (connection: Connection, placeId: string): Promise<DrillRow[]> =>
  connection
    .select()
    .from(drill)
    .where(and(eq(drill.placeId, placeId), eq(drill.isStruck, false)))
    .orderBy(asc(drill.answeredOn), asc(drill.createdAt))

import { and, asc, eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { eyeSitting } from '../database/schema.ts'

export type EyeSittingRow = typeof eyeSitting.$inferSelect

export const insertEyeSitting = (connection: Connection, row: EyeSittingRow) =>
  insertOnce(connection, eyeSitting, row)

/** Those that were not struck out, oldest first. */
export const listEyeSittings = (
  connection: Connection,
  placeId: string,
): Promise<EyeSittingRow[]> =>
  connection
    .select()
    .from(eyeSitting)
    .where(and(eq(eyeSitting.placeId, placeId), eq(eyeSitting.isStruck, false)))
    .orderBy(asc(eyeSitting.ratedOn), asc(eyeSitting.createdAt))

import { and, asc, eq, isNotNull } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { inOrder } from '../database/in-order.ts'
import { eyeSitting, photo, stand } from '../database/schema.ts'

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

/** Photos of the stands of a place that somebody measured, oldest first; none that was struck out. */
export const selectMeasuredPhotos = (connection: Connection, placeId: string) =>
  connection
    .select({ photoId: photo.id, measure: photo.measure, context: stand.context })
    .from(photo)
    .innerJoin(stand, eq(stand.id, photo.standId))
    .where(and(eq(stand.placeId, placeId), eq(photo.isStruck, false), isNotNull(photo.measure)))
    .orderBy(asc(photo.takenOn), asc(inOrder(photo)))

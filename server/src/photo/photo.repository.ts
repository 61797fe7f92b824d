import { and, eq, isNull } from 'drizzle-orm'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { photo, photoBytes } from '../database/schema.ts'

export type PhotoRow = typeof photo.$inferSelect

/** Stores a photo and its bytes, once; sent again it is the photo that is there. */
export async function insertPhoto(
  connection: Connection,
  row: PhotoRow,
  bytes: Buffer,
): Promise<PhotoRow> {
  const stored = await insertOnce(connection, photo, row)
  const [kept] = await connection
    .select({ id: photoBytes.id })
    .from(photoBytes)
    .where(eq(photoBytes.id, row.id))
  if (!kept) await connection.insert(photoBytes).values({ id: row.id, bytes })
  return stored
}

export async function selectPhotoBytes(
  connection: Connection,
  id: string,
): Promise<{ readonly type: string; readonly bytes: Buffer } | undefined> {
  const [row] = await connection
    .select({ type: photo.type, bytes: photoBytes.bytes })
    .from(photo)
    .innerJoin(photoBytes, eq(photoBytes.id, photo.id))
    .where(eq(photo.id, id))
  return row
}

/** A photo, held until the transaction ends. */
export const lockPhoto = (connection: Connection, id: string): Promise<PhotoRow | undefined> =>
  heldRow(connection, photo, id)

export const keepPhotoRow = (connection: Connection, change: Change<PhotoRow>) =>
  changeRow(connection, photo, change)

/** Photos taken before a look belong to the case that the look is of. */
export async function keepPhotosWith(
  connection: Connection,
  standId: string,
  caseId: string,
): Promise<void> {
  await connection
    .update(photo)
    .set({ caseId })
    .where(and(eq(photo.standId, standId), isNull(photo.caseId)))
}

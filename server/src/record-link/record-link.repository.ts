import { and, desc, eq, gte } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { recordLink, stand } from '../database/schema.ts'

export type RecordLinkRow = typeof recordLink.$inferSelect

/** The links of a place that hold on a day, the newest first. */
export const selectRecordLinks = (connection: Connection, placeId: string, day: string) =>
  connection
    .select()
    .from(recordLink)
    .where(
      and(
        eq(recordLink.placeId, placeId),
        eq(recordLink.isWithdrawn, false),
        gte(recordLink.expiresOn, day),
      ),
    )
    .orderBy(desc(recordLink.createdAt), desc(recordLink.id))

export const insertRecordLink = (connection: Connection, row: RecordLinkRow) =>
  connection.insert(recordLink).values(row)

/** A link of a place, whatever became of it. */
export async function selectRecordLink(connection: Connection, placeId: string, id: string) {
  const [row] = await connection
    .select()
    .from(recordLink)
    .where(and(eq(recordLink.id, id), eq(recordLink.placeId, placeId)))
  return row
}

export const updateRecordLink = (
  connection: Connection,
  id: string,
  change: Partial<RecordLinkRow>,
) => connection.update(recordLink).set(change).where(eq(recordLink.id, id))

/** The link that a secret belongs to, by its fingerprint, while it holds. */
export async function selectRecordLinkByToken(connection: Connection, token: string, day: string) {
  const [row] = await connection
    .select()
    .from(recordLink)
    .where(
      and(
        eq(recordLink.token, token),
        eq(recordLink.isWithdrawn, false),
        gte(recordLink.expiresOn, day),
      ),
    )
  return row
}

/** The name of a stand of a place; undefined where it is none of its own. */
export async function selectStandName(connection: Connection, placeId: string, standId: string) {
  const [row] = await connection
    .select({ name: stand.name })
    .from(stand)
    .where(and(eq(stand.id, standId), eq(stand.placeId, placeId)))
  return row?.name
}

import { and, asc, count, eq, max, type Placeholder } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { given, statement } from '../database/statement.ts'
import { job, stand } from '../database/schema.ts'

export type StandRow = typeof stand.$inferSelect

export const insertStand = (connection: Connection, row: StandRow) =>
  insertOnce(connection, stand, row)

const standById = statement((connection) =>
  connection
    .select()
    .from(stand)
    .where(eq(stand.id, given('id')))
    .limit(1)
    .prepare(),
)

export async function selectStand(
  connection: Connection,
  id: string,
): Promise<StandRow | undefined> {
  const [row] = await standById(connection, { id })
  return row
}

/** Holds the stand until the transaction ends, so that two people do not open two cases. */
export async function lockStand(connection: Connection, id: string): Promise<StandRow | undefined> {
  const [row] = await connection.select().from(stand).where(eq(stand.id, id)).for('update')
  return row
}

export async function updateStand(connection: Connection, row: StandRow): Promise<void> {
  await connection.update(stand).set(row).where(eq(stand.id, row.id))
}

/** Applications of a stand that are still to be done. */
export async function countPlannedApplications(
  connection: Connection,
  standId: string,
): Promise<number> {
  const [row] = await connection
    .select({ total: count() })
    .from(job)
    .where(and(eq(job.standId, standId), eq(job.status, 'planned'), eq(job.kind, 'apply')))
  return row?.total ?? 0
}

export async function nextPosition(connection: Connection, placeId: string): Promise<number> {
  const [row] = await connection
    .select({ last: max(stand.position) })
    .from(stand)
    .where(eq(stand.placeId, placeId))
  return (row?.last ?? -1) + 1
}

/** Stands of a place that were not put away, or those that were. */
export const standsOf = (placeId: string | Placeholder, isArchived = false) =>
  and(eq(stand.placeId, placeId), eq(stand.isArchived, isArchived))

const standCount = statement((connection) =>
  connection
    .select({ total: count() })
    .from(stand)
    .where(standsOf(given('placeId')))
    .prepare(),
)

export async function countStands(connection: Connection, placeId: string): Promise<number> {
  const [row] = await standCount(connection, { placeId })
  return row?.total ?? 0
}

/** Ids and names, in the order of the estate. */
export const selectStandNames = (
  connection: Connection,
  placeId: string,
): Promise<Pick<StandRow, 'id' | 'name'>[]> =>
  connection
    .select({ id: stand.id, name: stand.name })
    .from(stand)
    .where(eq(stand.placeId, placeId))
    .orderBy(asc(stand.position), asc(stand.id))

/** All stands of a place, or all that were put away, in the order of the estate. */
export const selectStandsOf = (connection: Connection, placeId: string, isArchived: boolean) =>
  connection
    .select()
    .from(stand)
    .where(standsOf(placeId, isArchived))
    .orderBy(asc(stand.position), asc(stand.id))

const standPage = statement((connection) =>
  connection
    .select()
    .from(stand)
    .where(standsOf(given('placeId')))
    .orderBy(asc(stand.position), asc(stand.id))
    .limit(given('limit'))
    .offset(given('offset'))
    .prepare(),
)

export const selectStandPage = (
  connection: Connection,
  placeId: string,
  offset: number,
  limit: number,
): Promise<StandRow[]> => standPage(connection, { placeId, offset, limit })

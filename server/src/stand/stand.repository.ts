import { and, asc, count, eq, isNull, max, type Placeholder } from 'drizzle-orm'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { given, isOneOf, statement } from '../database/statement.ts'
import { chlorosisCase, job, stand, storyEvent } from '../database/schema.ts'

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
export const lockStand = (connection: Connection, id: string): Promise<StandRow | undefined> =>
  heldRow(connection, stand, id)

export const keepStand = (connection: Connection, change: Change<StandRow>) =>
  changeRow(connection, stand, change)

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

/** How many cases are open and how many jobs planned on a stand. */
export async function countUnderWay(connection: Connection, standId: string) {
  const [cases, jobs] = await Promise.all([
    connection
      .select({ total: count() })
      .from(chlorosisCase)
      .where(and(eq(chlorosisCase.standId, standId), isNull(chlorosisCase.closedOn))),
    connection
      .select({ total: count() })
      .from(job)
      .where(and(eq(job.standId, standId), eq(job.status, 'planned'))),
  ])
  return { openCases: cases[0]?.total ?? 0, plannedJobs: jobs[0]?.total ?? 0 }
}

/** Stands put together with another, held until the transaction ends. */
export const lockMergedInto = (connection: Connection, standId: string): Promise<StandRow[]> =>
  connection
    .select()
    .from(stand)
    .where(eq(stand.mergedIntoId, standId))
    .orderBy(asc(stand.id))
    .for('update')

export const insertPlanting = (connection: Connection, row: typeof storyEvent.$inferInsert) =>
  connection.insert(storyEvent).values(row)

/** Stands with those put together with them. */
export interface Families {
  /** All of them. */
  readonly ids: readonly string[]
  /** The stand that something of one of them is told with. */
  readonly leaderOf: (standId: string) => string
}

const mergedInto = statement((connection) =>
  connection
    .select({ id: stand.id, into: stand.mergedIntoId })
    .from(stand)
    .where(isOneOf(stand.mergedIntoId, 'standIds'))
    .prepare(),
)

/** Some stands with those that were found to be the same. */
export async function selectFamilies(
  connection: Connection,
  standIds: readonly string[],
): Promise<Families> {
  const merged = standIds.length === 0 ? [] : await mergedInto(connection, { standIds })
  const leaders = new Map(merged.map(({ id, into }) => [id, into ?? id]))
  return {
    ids: [...standIds, ...leaders.keys()],
    leaderOf: (standId) => leaders.get(standId) ?? standId,
  }
}

/** Rows as they are told: of the stand that theirs was found to be. */
export const toldWith = <Row extends { readonly standId: string }>(
  { leaderOf }: Families,
  rows: readonly Row[],
): Row[] => rows.map((row) => ({ ...row, standId: leaderOf(row.standId) }))

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

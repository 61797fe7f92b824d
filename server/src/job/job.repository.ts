import type { JobKind } from '@spudder/core/days/plan'
import { and, asc, eq, inArray, lte, or, sql, type SQL } from 'drizzle-orm'
import { insertOnce } from '../database/insert-once.ts'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { job, product, remedy, stand } from '../database/schema.ts'
import { given, isOneOf, statement } from '../database/statement.ts'
import { changedBy, type Recorder } from '../recorder/recorder.ts'

export type JobRow = typeof job.$inferSelect

/** A job with the name of the product that goes out by its remedy, or that is to be bought. */
export interface NamedJob {
  readonly job: JobRow
  readonly productName: string | null
}

/** Jobs, each with the name of its product, before anything is said of which. */
export const namedJobs = (connection: Connection) =>
  connection
    .select({ job, productName: product.name })
    .from(job)
    .leftJoin(remedy, eq(job.remedyId, remedy.id))
    .leftJoin(product, eq(product.id, sql`coalesce(${job.productId}, ${remedy.productId})`))

/** Jobs that a condition holds for; in an order that is given. */
export const selectNamedJobs = (
  connection: Connection,
  where: SQL | undefined,
  ...order: SQL[]
): Promise<NamedJob[]> =>
  namedJobs(connection)
    .where(where)
    .orderBy(...order)

export const insertJobs = (connection: Connection, rows: JobRow[]) =>
  connection.insert(job).values(rows)

/** Some jobs by their ids, named. */
export const selectJobsById = (connection: Connection, ids: readonly string[]) =>
  ids.length === 0 ? Promise.resolve([]) : selectNamedJobs(connection, inArray(job.id, [...ids]))

/** Stores one job under the id that its sender made. */
export const insertJob = (connection: Connection, row: JobRow) => insertOnce(connection, job, row)

/**
 * The stand of a job. Whoever changes a job holds its stand first, as a new plan or a whole season
 * does; asked outside of the transaction, whose first look must come after.
 */
export async function standOfJob(connection: Connection, id: string): Promise<string | undefined> {
  const [row] = await connection
    .select({ standId: job.standId })
    .from(job)
    .where(eq(job.id, id))
    .limit(1)
  return row?.standId
}

/** Jobs of a place by their ids, with their stands, as they are seen before anything is held. */
export const selectJobsOfPlace = (connection: Connection, placeId: string, ids: string[]) =>
  connection
    .select({ id: job.id, standId: job.standId })
    .from(job)
    .innerJoin(stand, eq(job.standId, stand.id))
    .where(and(eq(stand.placeId, placeId), inArray(job.id, ids)))

/** Holds the job until the transaction ends, so that two people do not do it twice. */
export const lockJob = (connection: Connection, id: string): Promise<JobRow | undefined> =>
  heldRow(connection, job, id)

/** The remedy that a job carries out. */
export async function selectUse(connection: Connection, jobId: string) {
  const [row] = await connection
    .select({ remedy })
    .from(job)
    .innerJoin(remedy, eq(job.remedyId, remedy.id))
    .where(eq(job.id, jobId))
    .limit(1)
  return row
}

/** Steps of an acid plan that are still to be done. */
export const selectPlannedSteps = (connection: Connection, acidPlanId: string) =>
  connection
    .select()
    .from(job)
    .where(and(eq(job.acidPlanId, acidPlanId), eq(job.status, 'planned'), eq(job.kind, 'apply')))

export const updateJob = (connection: Connection, row: JobRow) =>
  connection.update(job).set(row).where(eq(job.id, row.id))

export const keepJob = (connection: Connection, change: Change<JobRow>) =>
  changeRow(connection, job, change)

/** Jobs of a case that are still to be done, held until the transaction ends. */
export const lockPlannedOfCase = (connection: Connection, caseId: string): Promise<JobRow[]> =>
  connection
    .select()
    .from(job)
    .where(and(eq(job.caseId, caseId), eq(job.status, 'planned')))
    .orderBy(asc(job.id))
    .for('update')

/** Planned jobs that wait for some others, held until the transaction ends. */
export const lockFollowers = (connection: Connection, ids: readonly string[]): Promise<JobRow[]> =>
  connection
    .select()
    .from(job)
    .where(and(inArray(job.afterJobId, [...ids]), eq(job.status, 'planned')))
    .orderBy(asc(job.id))
    .for('update')

/** What came in of a stand, and whose it is. */
export interface DoneJobs {
  readonly standId: string
  /** A kind of job that is done where it was due by a day. */
  readonly due?: { readonly kind: JobKind; readonly on: string } | undefined
  /** Checks that have their answer, whenever they were planned. */
  readonly checkIds: readonly string[]
  readonly recorder: Recorder
}

const awaiting = statement((connection) =>
  connection
    .select({ id: job.id })
    .from(job)
    .where(
      and(
        eq(job.standId, given('standId')),
        eq(job.status, 'planned'),
        or(
          and(eq(job.kind, given('kind')), lte(job.dueOn, given('on'))),
          and(eq(job.kind, 'check'), isOneOf(job.checkId, 'checkIds')),
        ),
      ),
    )
    .limit(1)
    .prepare(),
)

/** Whether anything planned would be done by what comes in: mostly nothing is. */
export async function isAwaited(
  connection: Connection,
  { standId, due, checkIds }: Omit<DoneJobs, 'recorder'>,
): Promise<boolean> {
  const none = ''
  const { kind, on } = due ?? { kind: none, on: none }
  const ids = checkIds.length > 0 ? checkIds : [none]
  return (await awaiting(connection, { standId, kind, on, checkIds: ids })).length > 0
}

/** Marks as done what was planned and has come in. */
export async function completeJobs(
  connection: Connection,
  { standId, due, checkIds, recorder }: DoneJobs,
): Promise<void> {
  const ways = [
    ...(due ? [and(eq(job.kind, due.kind), lte(job.dueOn, due.on))] : []),
    ...(checkIds.length > 0
      ? [and(eq(job.kind, 'check'), inArray(job.checkId, [...checkIds]))]
      : []),
  ]
  if (ways.length === 0) return
  await connection
    .update(job)
    .set({ status: 'done', ...changedBy(recorder) })
    .where(and(eq(job.standId, standId), eq(job.status, 'planned'), or(...ways)))
}

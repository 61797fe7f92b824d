import type { JobKind } from '@spudder/core/days/plan'
import { and, eq, inArray, lte, sql, type SQL } from 'drizzle-orm'
import { insertOnce } from '../database/insert-once.ts'
import type { Connection } from '../database/connect.ts'
import { job, product, remedy, stand } from '../database/schema.ts'
import { changedBy, type Recorder } from '../http/recorder.ts'

export type JobRow = typeof job.$inferSelect

/** A job with the name of the product that goes out by its remedy, or that is to be bought. */
export interface NamedJob {
  readonly job: JobRow
  readonly productName: string | null
}

/** Jobs that a condition holds for, each with the name of its product; in an order that is given. */
export const selectNamedJobs = (
  connection: Connection,
  where: SQL | undefined,
  ...order: SQL[]
): Promise<NamedJob[]> =>
  connection
    .select({ job, productName: product.name })
    .from(job)
    .leftJoin(remedy, eq(job.remedyId, remedy.id))
    .leftJoin(product, eq(product.id, sql`coalesce(${job.productId}, ${remedy.productId})`))
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
export async function lockJob(connection: Connection, id: string): Promise<JobRow | undefined> {
  const [row] = await connection.select().from(job).where(eq(job.id, id)).for('update')
  return row
}

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

export const dropJobsOfCase = (connection: Connection, caseId: string, recorder: Recorder) =>
  connection
    .update(job)
    .set({ status: 'dropped', ...changedBy(recorder) })
    .where(and(eq(job.caseId, caseId), eq(job.status, 'planned')))

export interface DueJobs {
  readonly standId: string
  readonly kind: JobKind
  readonly on: string
  readonly recorder: Recorder
}

/** Marks the jobs of a kind that were due by a day as done. */
export const completeDueJobs = (connection: Connection, { standId, kind, on, recorder }: DueJobs) =>
  connection
    .update(job)
    .set({ status: 'done', ...changedBy(recorder) })
    .where(
      and(
        eq(job.standId, standId),
        eq(job.kind, kind),
        eq(job.status, 'planned'),
        lte(job.dueOn, on),
      ),
    )

export interface AnsweredChecks {
  readonly standId: string
  readonly checkIds: readonly string[]
  readonly recorder: Recorder
}

/** Marks planned checks as done whose answer has come in, on their day or before. */
export async function completeChecks(
  connection: Connection,
  { standId, checkIds, recorder }: AnsweredChecks,
): Promise<void> {
  if (checkIds.length === 0) return
  await connection
    .update(job)
    .set({ status: 'done', ...changedBy(recorder) })
    .where(
      and(
        eq(job.standId, standId),
        eq(job.kind, 'check'),
        eq(job.status, 'planned'),
        inArray(job.checkId, [...checkIds]),
      ),
    )
}

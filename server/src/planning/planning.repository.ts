import type { Counting } from '@spudder/core/seen/reading'
import { and, asc, eq, gte, inArray, or, sql } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { acidPlan, entry, job, product, remedy, stand } from '../database/schema.ts'
import { selectFamilies, standsOf, toldWith } from '../stand/stand.repository.ts'
import { selectNewestColours } from '../reading/reading.repository.ts'
import { selectJobsById, selectNamedJobs } from '../job/job.repository.ts'
import { selectProductNames } from '../shelf/product.repository.ts'

/** Entries since a day, and those of jobs that planned ones come after. */
const selectEntries = (
  connection: Connection,
  standIds: readonly string[],
  since: string,
  followed: readonly string[],
) =>
  connection
    .select()
    .from(entry)
    .where(
      and(
        inArray(entry.standId, [...standIds]),
        followed.length === 0
          ? gte(entry.happenedOn, since)
          : or(gte(entry.happenedOn, since), inArray(entry.jobId, [...followed])),
      ),
    )
    .orderBy(asc(entry.happenedOn), asc(inOrder(entry)))

/** The stands of a place, and the jobs that are planned on them. */
async function selectStandsAndPlanned(connection: Connection, placeId: string) {
  const stands = await connection
    .select()
    .from(stand)
    .where(standsOf(placeId))
    .orderBy(asc(stand.position), asc(stand.id))
  const ids = stands.map(({ id }) => id)
  const planned =
    ids.length === 0
      ? []
      : await selectNamedJobs(
          connection,
          and(inArray(job.standId, ids), eq(job.status, 'planned')),
          asc(job.dueOn),
          asc(job.id),
        )
  return { stands, ids, planned }
}

const selectRemediesOf = (
  connection: Connection,
  jobs: readonly { readonly job: { readonly remedyId: string | null } }[],
) => {
  const ids = [...new Set(jobs.flatMap((each) => each.job.remedyId ?? []))]
  return ids.length === 0 ? [] : connection.select().from(remedy).where(inArray(remedy.id, ids))
}

/** What is planned at a place: all that stock and notices rest on, and no more. */
export async function selectPlanned(connection: Connection, placeId: string) {
  const { stands, planned: jobs } = await selectStandsAndPlanned(connection, placeId)
  const remedies = await selectRemediesOf(connection, jobs)
  const productIds = remedies.map(({ productId }) => productId)
  return { stands, jobs, remedies, names: await selectProductNames(connection, productIds) }
}

/** Everything that the dates of a place rest on. */
export async function selectPlanning(
  connection: Connection,
  placeId: string,
  { since, counting }: { readonly since: string; readonly counting: Counting },
) {
  const { stands, ids, planned } = await selectStandsAndPlanned(connection, placeId)
  if (ids.length === 0) {
    return {
      stands,
      jobs: [],
      remedies: [],
      acidPlans: [],
      entries: [],
      colours: [],
      names: new Map<string, string>(),
    }
  }
  const followed = planned.flatMap((each) => each.job.afterJobId ?? [])
  const families = await selectFamilies(connection, ids)
  const entries = toldWith(families, await selectEntries(connection, families.ids, since, followed))
  const known = new Set(planned.map((each) => each.job.id))
  const others = [...new Set([...followed, ...entries.map(({ jobId }) => jobId)])].filter(
    (id) => !known.has(id),
  )
  const [besides, colours] = await Promise.all([
    selectJobsById(connection, others),
    selectNewestColours(connection, ids, counting),
  ])
  const jobs = [...planned, ...besides]
  const [remedies, acidPlans] = await Promise.all([
    selectRemediesOf(connection, jobs),
    connection
      .select()
      .from(acidPlan)
      .where(inArray(acidPlan.standId, ids))
      .orderBy(asc(inOrder(acidPlan))),
  ])
  const names = await selectProductNames(
    connection,
    [...remedies, ...entries].map(({ productId }) => productId),
  )
  return { stands, jobs, remedies, acidPlans, entries, colours, names }
}

/** Jobs of a place that are planned or were done since a day, with their stands. */
export const selectDatedJobs = (connection: Connection, placeId: string, since: string) =>
  connection
    .select({ job, standName: stand.name, productName: product.name })
    .from(job)
    .innerJoin(stand, eq(job.standId, stand.id))
    .leftJoin(remedy, eq(job.remedyId, remedy.id))
    .leftJoin(product, eq(product.id, sql`coalesce(${job.productId}, ${remedy.productId})`))
    .where(
      and(
        eq(stand.placeId, placeId),
        inArray(job.status, ['planned', 'done']),
        gte(job.dueOn, since),
      ),
    )
    .orderBy(asc(job.dueOn), asc(job.id))

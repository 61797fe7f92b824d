import { and, asc, eq, gte, inArray } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { entry, job } from '../database/schema.ts'
import { selectNamedJobs } from '../job/job.repository.ts'

/** Jobs of some stands that were done since a moment, or on a day by what was recorded of them. */
export async function selectDoneJobs(
  connection: Connection,
  standIds: readonly string[],
  { day, since }: { readonly day: string; readonly since: Date },
) {
  if (standIds.length === 0) return []
  const recorded = await connection
    .select({ jobId: entry.jobId })
    .from(entry)
    .where(and(inArray(entry.standId, [...standIds]), eq(entry.happenedOn, day)))
  const ofStands = and(inArray(job.standId, [...standIds]), eq(job.status, 'done'))
  const changed = await selectNamedJobs(
    connection,
    and(ofStands, gte(job.changedAt, since)),
    asc(job.changedAt),
    asc(job.id),
  )
  const known = new Set(changed.map((each) => each.job.id))
  const ids = [...new Set(recorded.map(({ jobId }) => jobId))].filter((id) => !known.has(id))
  const others =
    ids.length === 0
      ? []
      : await selectNamedJobs(connection, and(ofStands, inArray(job.id, ids)), asc(job.id))
  // What was recorded for another day is that day’s, whenever it was typed in.
  const ofDay = new Set(recorded.map(({ jobId }) => jobId))
  return [...changed, ...others].filter((each) => each.job.kind !== 'apply' || ofDay.has(each.job.id)) // prettier-ignore
}

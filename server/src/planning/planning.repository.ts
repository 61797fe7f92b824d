import { readingKindNames, stripPlaces } from '@spudder/core/seen/reading'
import { isColourKind } from '@spudder/core/seen/colour'
import { and, asc, eq, gte, inArray, isNull, notInArray, or } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { acidPlan, entry, job, reading, remedy, stand } from '../database/schema.ts'

/** Colours of the stand itself; strips beside it are for comparing. */
const colourKinds = readingKindNames.filter(isColourKind)

/** Everything that the dates of a place rest on. */
export async function selectPlanning(connection: Connection, placeId: string, since: string) {
  const stands = await connection
    .select()
    .from(stand)
    .where(eq(stand.placeId, placeId))
    .orderBy(asc(stand.position), asc(stand.id))
  const ids = stands.map(({ id }) => id)
  if (ids.length === 0) {
    return { stands, jobs: [], remedies: [], acidPlans: [], entries: [], colours: [] }
  }
  const planned = await connection
    .select()
    .from(job)
    .where(and(inArray(job.standId, ids), eq(job.status, 'planned')))
    .orderBy(asc(job.dueOn), asc(job.id))
  const followed = planned.flatMap(({ afterJobId }) => afterJobId ?? [])
  const entries = await connection
    .select()
    .from(entry)
    .where(
      and(
        inArray(entry.standId, ids),
        followed.length === 0
          ? gte(entry.happenedOn, since)
          : or(gte(entry.happenedOn, since), inArray(entry.jobId, followed)),
      ),
    )
    .orderBy(asc(entry.happenedOn), asc(entry.createdAt))
  const known = new Set(planned.map(({ id }) => id))
  const others = [...new Set([...followed, ...entries.map(({ jobId }) => jobId)])].filter(
    (id) => !known.has(id),
  )
  const [besides, colours] = await Promise.all([
    others.length === 0 ? [] : connection.select().from(job).where(inArray(job.id, others)),
    connection
      .select()
      .from(reading)
      .where(
        and(
          inArray(reading.standId, ids),
          inArray(reading.kind, [...colourKinds]),
          or(isNull(reading.place), notInArray(reading.place, [...stripPlaces])),
        ),
      )
      .orderBy(asc(reading.takenOn), asc(reading.createdAt)),
  ])
  const jobs = [...planned, ...besides]
  const remedyIds = [...new Set(jobs.flatMap(({ remedyId }) => remedyId ?? []))]
  const [remedies, acidPlans] = await Promise.all([
    remedyIds.length === 0
      ? []
      : connection.select().from(remedy).where(inArray(remedy.id, remedyIds)),
    connection
      .select()
      .from(acidPlan)
      .where(inArray(acidPlan.standId, ids))
      .orderBy(asc(acidPlan.createdAt)),
  ])
  const newest = new Map(colours.map((each) => [each.standId, each]))
  return { stands, jobs, remedies, acidPlans, entries, colours: [...newest.values()] }
}

/** Jobs of a place that are planned or were done since a day, with their stands. */
export const selectDatedJobs = (connection: Connection, placeId: string, since: string) =>
  connection
    .select({ job, standName: stand.name })
    .from(job)
    .innerJoin(stand, eq(job.standId, stand.id))
    .where(
      and(
        eq(stand.placeId, placeId),
        inArray(job.status, ['planned', 'done']),
        gte(job.dueOn, since),
      ),
    )
    .orderBy(asc(job.dueOn), asc(job.id))

import type { Owner } from '../change/change-row.ts'
import type { Connection } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { keepJob, lockFollowers, lockPlannedOfCase, type JobRow } from './job.repository.ts'

/** Who drops jobs, and whose they are. */
export interface Dropping {
  readonly owner: Owner
  readonly recorder: Recorder
  readonly reason?: string | undefined
}

const toldOf = ({ owner, recorder, reason }: Dropping) =>
  ({ placeId: owner.placeId, standId: owner.standId, kind: 'job', recorder, reason }) as const

/** Drops what is still planned for a case. */
export async function dropJobsOfCase(
  connection: Connection,
  { caseId, ...dropping }: Dropping & { readonly caseId: string },
): Promise<void> {
  const told = { ...toldOf(dropping), reason: 'The case was closed.' }
  for (const before of await lockPlannedOfCase(connection, caseId)) {
    await keepJob(connection, { before, change: { status: 'dropped' }, told })
  }
}

/** Jobs that wait for one, those that wait for these, and so on. */
async function followersOf(connection: Connection, jobId: string): Promise<JobRow[]> {
  const found = new Map<string, JobRow>()
  let ids = [jobId]
  while (ids.length > 0) {
    const next = (await lockFollowers(connection, ids)).filter(({ id }) => !found.has(id))
    for (const row of next) found.set(row.id, row)
    ids = next.map(({ id }) => id)
  }
  return [...found.values()]
}

/**
 * Sees to the jobs that wait for one that is dropped: they go too, or those that wait for it wait no
 * longer and stay on their days.
 */
export async function seeToFollowers(
  connection: Connection,
  jobId: string,
  { become, ...dropping }: Dropping & { readonly become: 'drop' | 'let-go' },
): Promise<void> {
  const told = toldOf(dropping)
  const drops = become === 'drop'
  const rows = drops
    ? await followersOf(connection, jobId)
    : await lockFollowers(connection, [jobId])
  for (const before of rows) {
    const change: Partial<JobRow> = drops ? { status: 'dropped' } : { afterJobId: null }
    await keepJob(connection, { before, change, told })
  }
}

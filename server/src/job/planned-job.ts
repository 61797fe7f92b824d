import type { JobDto } from '@spudder/contract/job'
import type { Connection } from '../database/connect.ts'
import { changedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { jobDto } from './job-dto.ts'
import { lockJob, selectJobsById, updateJob, type JobRow } from './job.repository.ts'

/**
 * A job that is still to be done, held until the transaction ends.
 * @throws {ServiceError} not-found, conflict when it was done or dropped
 */
export async function requirePlannedJob(connection: Connection, id: string): Promise<JobRow> {
  const row = await lockJob(connection, id)
  if (!row) throw new ServiceError('not-found', 'There is no such job.')
  if (row.status !== 'planned') {
    const by = row.changedBy ?? row.createdBy
    throw new ServiceError(
      'conflict',
      `This job is already ${row.status}, by ${by}. Load the page again to see it.`,
    )
  }
  return row
}

/** Marks a job as done by whoever recorded it. */
export async function completeJob(
  connection: Connection,
  row: JobRow,
  recorder: Recorder,
): Promise<void> {
  await updateJob(connection, {
    ...row,
    status: 'done',
    ...changedBy(recorder),
  })
}

/**
 * A job as it stands now, named.
 * @throws {ServiceError} not-found
 */
export async function readJob(connection: Connection, id: string): Promise<JobDto> {
  const [named] = await selectJobsById(connection, [id])
  if (!named) throw new ServiceError('not-found', 'There is no such job.')
  return jobDto(named)
}

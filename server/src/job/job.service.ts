import type { ChangeJobDto, JobDto } from '@spudder/contract/job'
import type { Connection, Database } from '../database/connect.ts'
import type { Recorder } from '../http/recorder.ts'
import { ServiceError } from '../http/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { lockJob, updateJob, type JobRow } from './job.repository.ts'

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
    changedBy: recorder.actor,
    changedAt: recorder.at,
  })
}

/** Moves a job to another day, or drops it. */
export function changeJob(
  db: Database,
  recorder: Recorder,
  jobId: string,
  change: ChangeJobDto,
): Promise<JobDto> {
  return db.transaction(async (transaction) => {
    const planned = await requirePlannedJob(transaction, jobId)
    const row: JobRow = {
      ...planned,
      dueOn: change.dueOn ?? planned.dueOn,
      status: change.status ?? planned.status,
      changedBy: recorder.actor,
      changedAt: recorder.at,
    }
    await updateJob(transaction, row)
    return toDto(row)
  })
}

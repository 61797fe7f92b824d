import type { JobDto, PlanCheckDto } from '@spudder/contract/job'
import { checks } from '@spudder/core/verdict/diagnosis'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { jobDto } from '../job/job-dto.ts'
import { insertJob } from '../job/job.repository.ts'
import { newJob } from '../job/new-job.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireStand } from '../stand/stand.service.ts'
import { requireOpenCase } from './case.service.ts'

/**
 * Plans a check of an open case for a day.
 * @throws {ServiceError} not-found, conflict; invalid-body for a check that makes no sense there
 */
export function planCheck(
  db: Database,
  recorder: Recorder,
  caseId: string,
  { id, checkId, dueOn }: PlanCheckDto,
): Promise<JobDto> {
  return db.transaction(async (transaction) => {
    const open = await requireOpenCase(transaction, caseId)
    const { context } = await requireStand(transaction, open.standId)
    const check = checks.find((each) => each.id === checkId)
    if (!check || !(check.contexts?.includes(context) ?? true)) {
      const message = 'Check: choose one that makes sense for this stand.'
      throw new ServiceError('invalid-body', message, [{ field: 'checkId', message }])
    }
    const own = { id, standId: open.standId, caseId, checkId, dueOn }
    const row = newJob(recorder, { ...own, kind: 'check' })
    return jobDto({ job: await insertJob(transaction, row), productName: null })
  })
}

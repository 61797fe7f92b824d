import type { JobDto, PlanPracticeDto } from '@spudder/contract/job'
import { findPractice, isDoneOn, roundsOf } from '@spudder/core/days/practice'
import { standKindOf } from '@spudder/core/stand/plant'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { jobDto } from '../job/job-dto.ts'
import { insertJob } from '../job/job.repository.ts'
import { newJob } from '../job/new-job.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireStand } from '../stand/stand.service.ts'
import { requireOpenCase } from './case.service.ts'

/**
 * Plans a practice of an open case, each round on its day.
 * @throws {ServiceError} not-found, conflict; invalid-body for one that is not done on such a stand, or
 * for more or fewer ids than rounds
 */
export function planPractice(
  db: Database,
  recorder: Recorder,
  caseId: string,
  { ids, practiceId, dueOn }: PlanPracticeDto,
): Promise<JobDto[]> {
  return db.transaction(async (transaction) => {
    const { standId } = await requireOpenCase(transaction, caseId)
    const kind = standKindOf(await requireStand(transaction, standId))
    const practice = findPractice(practiceId)
    if (!isDoneOn(practice, kind)) {
      const message = 'Practice: choose one that is done on such a stand.'
      throw new ServiceError('invalid-body', message, [{ field: 'practiceId', message }])
    }
    const days = roundsOf(practice, dueOn)
    if (ids.length !== days.length) {
      const message = `Rounds: give ${days.length} ids, one for each round.`
      throw new ServiceError('invalid-body', message, [{ field: 'ids', message }])
    }
    const jobs: JobDto[] = []
    for (const [index, day] of days.entries()) {
      const row = newJob(recorder, {
        id: ids[index] ?? '',
        standId,
        caseId,
        kind: 'practice',
        subject: practiceId,
        dueOn: day,
        ...(days.length > 1 ? { round: index + 1, rounds: days.length } : {}),
      })
      jobs.push(jobDto({ job: await insertJob(transaction, row), productName: null }))
    }
    return jobs
  })
}

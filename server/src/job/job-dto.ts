import type { JobDto } from '@spudder/contract/job'
import { jobTitle } from '@spudder/core/days/plan'
import { appliedName } from '@spudder/core/material/shelf'
import { toDto } from '../http/to-dto.ts'
import type { NamedJob } from './job.repository.ts'

/** A job as it travels: with its title and the name of what goes out, both as they are today. */
export function jobDto({ job, productName }: NamedJob): JobDto {
  const { purpose: _purpose, subject, ...row } = job
  const { round: _round, rounds: _rounds, step: _step, steps: _steps, ...rest } = row
  const { sourceId } = job
  return {
    ...toDto(rest),
    practiceId: job.kind === 'practice' ? subject : null,
    title: jobTitle({ ...job, productName }),
    appliedName: sourceId === null ? null : appliedName({ sourceId, productName }),
  }
}

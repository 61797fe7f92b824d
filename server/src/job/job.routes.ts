import { ChangeJobDto, JobDto } from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeJob } from './job.service.ts'

export const jobRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'patch',
    path: '/jobs/:jobId',
    summary: 'Moves a job to another day, or drops it',
    body: ChangeJobDto,
    answer: JobDto,
    handle: ({ params, body, recorder }) => changeJob(db, recorder, params['jobId'] ?? '', body),
  }),
]

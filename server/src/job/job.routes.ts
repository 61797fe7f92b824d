import { ChangeJobDto, JobDto, PlanCheckDto } from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeJob, planCheck } from './job.service.ts'

export const jobRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'patch',
    path: '/jobs/:jobId',
    summary: 'Moves a job to another day, or drops it',
    body: ChangeJobDto,
    answer: JobDto,
    handle: ({ params, body, recorder }) => changeJob(db, recorder, params['jobId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/cases/:caseId/checks',
    summary: 'Plans a check of the verdict for a day',
    body: PlanCheckDto,
    answer: JobDto,
    handle: ({ params, body, recorder }) => planCheck(db, recorder, params['caseId'] ?? '', body),
  }),
]

import {
  AcceptMovesDto,
  ChangeJobDto,
  JobDto,
  PlanCheckDto,
  PlanOrderDto,
} from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { acceptMoves, changeJob, planCheck, planOrder } from './job.service.ts'

export const jobRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'patch',
    path: '/jobs/:jobId',
    summary: 'Moves or holds a job, drops it, or says that it is done',
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
  route({
    method: 'post',
    path: '/places/:placeId/moves',
    summary: 'Moves several jobs at once: all or none',
    body: AcceptMovesDto,
    answer: JobDto,
    isList: true,
    handle: ({ params, body, recorder }) =>
      acceptMoves(db, recorder, params['placeId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/places/:placeId/orders',
    summary: 'Plans to buy a product before it runs short',
    body: PlanOrderDto,
    answer: JobDto,
    handle: ({ params, body, recorder }) => planOrder(db, recorder, params['placeId'] ?? '', body),
  }),
]

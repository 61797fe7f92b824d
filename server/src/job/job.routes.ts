import { jobRoutes } from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { acceptMoves, changeJob, planCheck, planOrder } from './job.service.ts'

export const serveJobs = (db: Database) =>
  serve(jobRoutes, {
    change: ({ params, body, recorder }) => changeJob(db, recorder, params.jobId, body),
    planCheck: ({ params, body, recorder }) => planCheck(db, recorder, params.caseId, body),
    move: ({ params, body, recorder }) => acceptMoves(db, recorder, params.placeId, body),
    order: ({ params, body, recorder }) => planOrder(db, recorder, params.placeId, body),
  })

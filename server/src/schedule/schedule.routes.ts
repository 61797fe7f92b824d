import { jobRoutes } from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { acceptMoves, changeJob, planLooks, planOrder } from './schedule.service.ts'

export const serveSchedule = (db: Database) =>
  serve(jobRoutes, {
    change: ({ params, body, recorder }) => changeJob(db, recorder, params.jobId, body),
    move: ({ params, body, recorder }) => acceptMoves(db, recorder, params.placeId, body),
    planLooks: ({ params, body, recorder }) => planLooks(db, recorder, params.placeId, body),
    order: ({ params, body, recorder }) => planOrder(db, recorder, params.placeId, body),
  })

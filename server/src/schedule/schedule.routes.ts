import { jobRoutes } from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { requireRight } from '../access/gate.ts'
import { serve } from '../http/route.ts'
import { acceptMoves, changeJob, planLooks, planOrder } from './schedule.service.ts'

export const serveSchedule = (db: Database) =>
  serve(jobRoutes, {
    change: ({ params, body, recorder, reach }) => {
      // Whoever does the work says that it is done; when and whether it is done is planned.
      const { status, version: _seen, reason: _why, ...rest } = body
      const isSayingDone =
        status === 'done' && Object.values(rest).every((each) => each === undefined)
      if (!isSayingDone) requireRight(reach, 'plan')
      return changeJob(db, recorder, params.jobId, body)
    },
    move: ({ params, body, recorder }) => acceptMoves(db, recorder, params.placeId, body),
    planLooks: ({ params, body, recorder }) => planLooks(db, recorder, params.placeId, body),
    order: ({ params, body, recorder }) => planOrder(db, recorder, params.placeId, body),
  })

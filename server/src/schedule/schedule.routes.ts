import { jobRoutes } from '@spudder/contract/job'
import type { Database } from '../database/connect.ts'
import { requireRight } from '../access/gate.ts'
import { serve } from '../http/route.ts'
import { requireVisitor } from '../person/signed-in.ts'
import { beAtJob, takeJob } from './hands.service.ts'
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
    take: ({ params, body, recorder, visit }) => {
      const { person: me } = requireVisitor(visit)
      return takeJob(db, { me, recorder }, { jobId: params.jobId, isMine: body.isMine })
    },
    beAt: ({ params, body, recorder, visit }) => {
      const { person: me } = requireVisitor(visit)
      return beAtJob(db, { me, recorder }, { jobId: params.jobId, since: body.since })
    },
    move: ({ params, body, recorder }) => acceptMoves(db, recorder, params.placeId, body),
    planLooks: ({ params, body, recorder }) => planLooks(db, recorder, params.placeId, body),
    order: ({ params, body, recorder }) => planOrder(db, recorder, params.placeId, body),
  })

import { tickRoutes } from '@spudder/contract/tick'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findTicks, tick } from './tick.service.ts'

export const serveTicks = (db: Database) =>
  serve(tickRoutes, {
    all: ({ params }) => findTicks(db, params.jobId),
    tick: ({ params, body, recorder }) => tick(db, recorder, params.jobId, body),
  })

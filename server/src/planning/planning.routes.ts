import { planningRoutes } from '@spudder/contract/planning'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { readCalendar, readSubscribed } from './calendar-feed.ts'
import { readPlanning } from './planning.service.ts'

export const servePlanning = (db: Database) =>
  serve(planningRoutes, {
    all: ({ params, recorder }) => readPlanning(db, params.placeId, recorder.at),
    calendar: ({ params, recorder }) => readCalendar(db, params.placeId, recorder.at),
    subscribed: ({ params, recorder }) => readSubscribed(db, params.token, recorder.at),
  })

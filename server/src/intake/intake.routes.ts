import { intakeRoutes } from '@spudder/contract/intake'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { intakeProgress, takeIn } from './intake.service.ts'

export const serveIntakes = (db: Database) =>
  serve(intakeRoutes, {
    take: ({ params, body, recorder }) => takeIn(db, recorder, params.placeId, body),
    progress: ({ params }) => intakeProgress(db, params),
  })

import { readingRoutes } from '@spudder/contract/reading'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { createReading } from './reading.service.ts'

export const serveReadings = (db: Database) =>
  serve(readingRoutes, {
    create: ({ params, body, recorder }) => createReading(db, recorder, params.standId, body),
  })

import { adviceRoutes } from '@spudder/contract/advice'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findAdvice, writeAdvice } from './advice.service.ts'

export const serveAdvice = (db: Database) =>
  serve(adviceRoutes, {
    all: ({ params }) => findAdvice(db, params.standId),
    write: ({ params, body, recorder }) => writeAdvice(db, recorder, params.standId, body),
  })

import { trialRoutes } from '@spudder/contract/trial'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { createTrial, findTrials, ratePlots } from './trial.service.ts'

export const serveTrials = (db: Database) =>
  serve(trialRoutes, {
    all: ({ params }) => findTrials(db, params.standId),
    layOut: ({ params, body, recorder }) => createTrial(db, recorder, params.standId, body),
    rate: ({ params, body, recorder }) => ratePlots(db, recorder, params.trialId, body),
  })

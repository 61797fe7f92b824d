import { acidPlanRoutes } from '@spudder/contract/acid-plan'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { createAcidPlan } from './acid-plan.service.ts'

export const serveAcidPlans = (db: Database) =>
  serve(acidPlanRoutes, {
    create: ({ params, body, recorder }) => createAcidPlan(db, recorder, params.standId, body),
  })

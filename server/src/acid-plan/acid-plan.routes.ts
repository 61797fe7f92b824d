import { AcidPlanDto, CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { createAcidPlan } from './acid-plan.service.ts'

export const acidPlanRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/stands/:standId/acid-plans',
    summary: 'Plans how ground is brought to a pH, with the jobs that it takes',
    body: CreateAcidPlanDto,
    answer: AcidPlanDto,
    handle: ({ params, body, recorder }) =>
      createAcidPlan(db, recorder, params['standId'] ?? '', body),
  }),
]

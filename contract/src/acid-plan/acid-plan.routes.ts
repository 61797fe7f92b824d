import { creates, json, ofStand, one } from '../route/index.ts'
import { AcidPlanDto, CreateAcidPlanDto } from './acid-plan.dto.ts'

export const acidPlanRoutes = {
  create: creates({
    path: '/stands/:standId/acid-plans',
    summary: 'Plans how ground is brought to a pH, with the jobs that it takes',
    access: 'plan',
    sends: json(CreateAcidPlanDto),
    answers: one(AcidPlanDto),
    touches: ofStand,
  }),
}

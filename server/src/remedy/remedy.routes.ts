import { remedyRoutes } from '@spudder/contract/remedy'
import { serve } from '../http/route.ts'
import { chooseRemedy, type RemedyStage } from './remedy.service.ts'

export const serveRemedies = (stage: RemedyStage) =>
  serve(remedyRoutes, {
    choose: ({ params, body, recorder }) => chooseRemedy(stage, recorder, params.caseId, body),
  })

import { CreateRemedyDto, RemedyDto } from '@spudder/contract/remedy'
import { route, type AnyRoute } from '../http/route.ts'
import { chooseRemedy, type RemedyStage } from './remedy.service.ts'

export const remedyRoutes = (stage: RemedyStage): AnyRoute[] => [
  route({
    method: 'post',
    path: '/cases/:caseId/remedies',
    summary: 'Chooses a remedy for a case and plans its jobs',
    body: CreateRemedyDto,
    answer: RemedyDto,
    handle: ({ params, body, recorder }) =>
      chooseRemedy(stage, recorder, params['caseId'] ?? '', body),
  }),
]

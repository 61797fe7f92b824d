import { CreateRemedyDto, RemedyDto } from '@spudder/contract/remedy'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { chooseRemedy } from './remedy.service.ts'

export const remedyRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/cases/:caseId/remedies',
    summary: 'Chooses a remedy for a case and plans its jobs',
    body: CreateRemedyDto,
    answer: RemedyDto,
    handle: ({ params, body, recorder }) =>
      chooseRemedy(db, recorder, params['caseId'] ?? '', body),
  }),
]

import { CaseDto, CloseCaseDto } from '@spudder/contract/case'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { closeCase } from './case.service.ts'

export const caseRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'patch',
    path: '/cases/:caseId',
    summary: 'Closes a case as green or given up',
    body: CloseCaseDto,
    answer: CaseDto,
    handle: ({ params, body, recorder }) => closeCase(db, recorder, params['caseId'] ?? '', body),
  }),
]

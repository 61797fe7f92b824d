import { changes, json, ofStand, one } from '../route/index.ts'
import { CaseDto, CloseCaseDto } from './case.dto.ts'

export const caseRoutes = {
  close: changes({
    path: '/cases/:caseId',
    summary: 'Closes a case as green or given up',
    access: 'everybody',
    sends: json(CloseCaseDto),
    answers: one(CaseDto),
    touches: ofStand,
  }),
}

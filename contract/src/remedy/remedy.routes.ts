import { creates, json, ofStand, one } from '../route/index.ts'
import { CreateRemedyDto, RemedyDto } from './remedy.dto.ts'

export const remedyRoutes = {
  choose: creates({
    path: '/cases/:caseId/remedies',
    summary: 'Chooses a remedy for a case and plans its jobs',
    access: 'plan',
    sends: json(CreateRemedyDto),
    answers: one(RemedyDto),
    touches: ofStand,
  }),
}

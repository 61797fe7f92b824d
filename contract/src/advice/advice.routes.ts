import { creates, json, list, ofStand, one, reads } from '../route/index.ts'
import { AdviceDto, CreateAdviceDto } from './advice.dto.ts'

export const adviceRoutes = {
  all: reads({
    path: '/stands/:standId/advice',
    summary: 'What advisers wrote of a stand, the newest first',
    access: 'see',
    answers: list(AdviceDto),
    topic: 'story',
  }),
  write: creates({
    path: '/stands/:standId/advice',
    summary: 'Writes a note beside the verdict of a stand',
    access: 'advise',
    sends: json(CreateAdviceDto),
    answers: one(AdviceDto),
    touches: ofStand,
  }),
}

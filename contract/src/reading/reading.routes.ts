import { creates, json, ofStand, one } from '../route/index.ts'
import { CreateReadingDto, ReadingDto } from './reading.dto.ts'

export const readingRoutes = {
  create: creates({
    path: '/stands/:standId/readings',
    summary: 'Stores a reading of a stand',
    access: 'look',
    sends: json(CreateReadingDto),
    answers: one(ReadingDto),
    touches: ofStand,
  }),
}

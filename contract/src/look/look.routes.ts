import { creates, json, ofStand, one } from '../route/index.ts'
import { CreateLookDto, LookDto } from './look.dto.ts'

export const lookRoutes = {
  create: creates({
    path: '/stands/:standId/looks',
    summary: 'Stores a look; opens a case where none is open',
    access: 'look',
    sends: json(CreateLookDto),
    answers: one(LookDto),
    touches: ofStand,
  }),
}

import { creates, json, list, one, reads } from '../route/index.ts'
import { CreateDrillDto, DrillDto } from './drill.dto.ts'

export const drillRoutes = {
  all: reads({
    path: '/places/:placeId/drills',
    summary: 'What the people of a place answered in drills, and what it came to; oldest first',
    access: 'see',
    answers: list(DrillDto),
    topic: 'drills',
  }),
  record: creates({
    path: '/places/:placeId/drills',
    summary: 'Keeps an answer in a drill, and says what was true and what it came to',
    access: 'work',
    sends: json(CreateDrillDto),
    answers: one(DrillDto),
    touches: ['drills'],
  }),
}

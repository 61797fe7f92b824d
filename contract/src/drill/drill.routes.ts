import { creates, json, list, one, reads } from '../route/index.ts'
import { CreateDrillDto, CreateOwnDrillDto, DrillDto, OwnCaseDto } from './drill.dto.ts'

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
  own: reads({
    path: '/places/:placeId/own-cases',
    summary:
      'Closed cases of a place that greened, as they stood when somebody acted: to be drilled',
    access: 'see',
    answers: list(OwnCaseDto),
    topic: 'estate',
  }),
  recordOwn: creates({
    path: '/places/:placeId/own-drills',
    summary:
      'Keeps what somebody said of an own case, and says what greened it and what it came to',
    access: 'work',
    sends: json(CreateOwnDrillDto),
    answers: one(DrillDto),
    touches: ['drills'],
  }),
}

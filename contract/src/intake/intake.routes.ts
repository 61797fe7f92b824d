import { creates, json, one, reads, tableMostMB } from '../route/index.ts'
import { CreateIntakeDto, IntakeDto, IntakeProgressDto } from './intake.dto.ts'

export const intakeRoutes = {
  take: creates({
    path: '/places/:placeId/intakes',
    summary: 'Takes in a spreadsheet of stands, past treatments, readings or looks: all or nothing',
    access: 'plan',
    sends: json(CreateIntakeDto, tableMostMB),
    answers: one(IntakeDto),
    touches: ['estate', 'story', 'planning', 'record'],
  }),
  progress: reads({
    path: '/places/:placeId/intakes/:intakeId',
    summary: 'How far a spreadsheet is on its way in',
    access: 'plan',
    answers: one(IntakeProgressDto),
    topic: undefined,
  }),
}

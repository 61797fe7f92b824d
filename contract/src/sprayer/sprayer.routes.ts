import { changes, creates, json, list, one, reads } from '../route/index.ts'
import { ChangeSprayerDto, CreateSprayerDto, SprayerDto } from './sprayer.dto.ts'

export const sprayerRoutes = {
  all: reads({
    path: '/places/:placeId/sprayers',
    summary: 'What a place sprays and drenches with',
    access: 'see',
    answers: list(SprayerDto),
    topic: 'sprayers',
  }),
  create: creates({
    path: '/places/:placeId/sprayers',
    summary: 'Adds a sprayer',
    access: 'plan',
    sends: json(CreateSprayerDto),
    answers: one(SprayerDto),
    touches: ['sprayers'],
  }),
  change: changes({
    path: '/sprayers/:sprayerId',
    summary: 'Changes a sprayer, keeps its calibration, or retires it',
    access: 'plan',
    sends: json(ChangeSprayerDto),
    answers: one(SprayerDto),
    touches: ['sprayers'],
  }),
}

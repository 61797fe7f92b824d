import { one, reads } from '../route/index.ts'
import { BufferingDto, LearningDto } from './learning.dto.ts'

export const learningRoutes = {
  of: reads({
    path: '/places/:placeId/learning',
    summary: 'Everything of a place that teaches how leaves answer there',
    access: 'see',
    answers: one(LearningDto),
    topic: 'estate',
  }),
  buffering: reads({
    path: '/places/:placeId/buffering',
    summary: 'What retests of the acid plans of a place say of how its ground holds its pH',
    access: 'see',
    answers: one(BufferingDto),
    topic: 'estate',
  }),
}

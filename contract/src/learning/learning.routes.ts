import { one, reads } from '../route/index.ts'
import { LearningDto } from './learning.dto.ts'

export const learningRoutes = {
  of: reads({
    path: '/places/:placeId/learning',
    summary: 'Everything of a place that teaches how leaves answer there',
    access: 'see',
    answers: one(LearningDto),
    topic: 'estate',
  }),
}

import { one, reads } from '../route/index.ts'
import { SeasonDto, SeasonQueryDto } from './season-review.dto.ts'

export const seasonReviewRoutes = {
  of: reads({
    path: '/places/:placeId/season',
    summary:
      'What was done, found and spent at a place in a season, and the looks that are planned',
    access: 'see',
    query: SeasonQueryDto,
    answers: one(SeasonDto),
    topic: 'estate',
  }),
}

import { list, reads } from '../route/index.ts'
import { PastCaseDto } from './precedent.dto.ts'

export const precedentRoutes = {
  all: reads({
    path: '/places/:placeId/past-cases',
    summary:
      'Closed cases of a place: what was thought, what was done, how it went; the newest first',
    access: 'see',
    answers: list(PastCaseDto),
    topic: 'estate',
  }),
}

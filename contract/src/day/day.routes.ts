import { one, reads } from '../route/index.ts'
import { DayDto, DayQueryDto } from './day.dto.ts'

export const dayRoutes = {
  day: reads({
    path: '/places/:placeId/day',
    summary: 'What whoever asks does on a day, in the order that fits weather and ways; what others do, and who is at it', // prettier-ignore
    access: 'see',
    query: DayQueryDto,
    answers: one(DayDto),
    topic: 'planning',
  }),
}

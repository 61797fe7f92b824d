import { list, reads } from '../route/index.ts'
import { NoticeDto } from './notice.dto.ts'

export const noticeRoutes = {
  all: reads({
    path: '/places/:placeId/notices',
    summary: 'What whoever asks ought to know today: overdue, due, fit weather, short stock, tests, licence', // prettier-ignore
    access: 'see',
    answers: list(NoticeDto),
    topic: 'planning',
  }),
}

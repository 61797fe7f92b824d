import { one, reads } from '../route/index.ts'
import { OverviewPageDto, OverviewQueryDto } from './overview.dto.ts'

export const overviewRoutes = {
  page: reads({
    path: '/overview',
    summary:
      'How it stands at each of one’s places: the palest first, what is due, what runs short',
    access: 'person',
    query: OverviewQueryDto,
    answers: one(OverviewPageDto),
    topic: 'overview',
  }),
}

import { list, reads } from '../route/index.ts'
import { FoundDto, SearchQueryDto } from './search.dto.ts'

export const searchRoutes = {
  find: reads({
    path: '/places/:placeId/found',
    summary: 'Stands, products, sprayers and trials of a place whose name holds a text',
    access: 'see',
    query: SearchQueryDto,
    answers: list(FoundDto),
    topic: undefined,
  }),
}

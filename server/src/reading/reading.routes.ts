import { CreateReadingDto, ReadingDto } from '@spudder/contract/reading'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { createReading } from './reading.service.ts'

export const readingRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/stands/:standId/readings',
    summary: 'Stores a reading of a stand',
    body: CreateReadingDto,
    answer: ReadingDto,
    handle: ({ params, body, recorder }) =>
      createReading(db, recorder, params['standId'] ?? '', body),
  }),
]

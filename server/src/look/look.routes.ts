import { CreateLookDto, LookDto } from '@spudder/contract/look'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { createLook } from './look.service.ts'

export const lookRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/stands/:standId/looks',
    summary: 'Stores a look; opens a case where none is open',
    body: CreateLookDto,
    answer: LookDto,
    handle: ({ params, body, recorder }) => createLook(db, recorder, params['standId'] ?? '', body),
  }),
]

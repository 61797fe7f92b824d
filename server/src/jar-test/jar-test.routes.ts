import { CreateJarTestDto, JarTestDto } from '@spudder/contract/jar-test'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { findJarTests, recordJarTest } from './jar-test.service.ts'

export const jarTestRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/places/:placeId/jar-tests',
    summary: 'The jar tests of a place, oldest first',
    answer: JarTestDto,
    isList: true,
    handle: ({ params }) => findJarTests(db, params['placeId'] ?? ''),
  }),
  route({
    method: 'post',
    path: '/places/:placeId/jar-tests',
    summary: 'Records what was seen in a jar',
    body: CreateJarTestDto,
    answer: JarTestDto,
    handle: ({ params, body, recorder }) =>
      recordJarTest(db, recorder, params['placeId'] ?? '', body),
  }),
]

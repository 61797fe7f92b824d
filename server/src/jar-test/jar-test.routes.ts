import { jarTestRoutes } from '@spudder/contract/jar-test'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findJarTests, recordJarTest } from './jar-test.service.ts'

export const serveJarTests = (db: Database) =>
  serve(jarTestRoutes, {
    all: ({ params }) => findJarTests(db, params.placeId),
    record: ({ params, body, recorder }) => recordJarTest(db, recorder, params.placeId, body),
  })

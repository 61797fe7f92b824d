import { learningRoutes } from '@spudder/contract/learning'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { readBuffering } from './buffering.ts'
import { readLearning } from './learning.service.ts'

export const serveLearning = (db: Database) =>
  serve(learningRoutes, {
    of: ({ params }) => readLearning(db, params.placeId),
    buffering: ({ params }) => readBuffering(db, params.placeId),
  })

import { historyRoutes } from '@spudder/contract/history'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { readHistory } from './history.service.ts'
import { mendThing, readThing } from './mend.service.ts'
import { takeBackFile } from './take-back-file.ts'
import { takeBack } from './take-back.service.ts'

export const serveHistory = (db: Database) =>
  serve(historyRoutes, {
    page: ({ params, query }) => readHistory(db, params.placeId, query),
    thing: ({ params }) => readThing(db, params),
    mend: ({ params, body, recorder }) => mendThing(db, recorder, params, body),
    takeBackFile: ({ params, body, recorder }) => takeBackFile(db, recorder, params.placeId, body),
    takeBack: ({ params, body, recorder }) => takeBack(db, recorder, params.placeId, body),
  })

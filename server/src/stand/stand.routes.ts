import { standRoutes } from '@spudder/contract/stand'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { changeStand, createStand, mergeStand } from './stand.service.ts'

export const serveStands = (db: Database) =>
  serve(standRoutes, {
    create: ({ params, body, recorder }) => createStand(db, recorder, params.placeId, body),
    merge: ({ params, body, recorder }) => mergeStand(db, recorder, params.standId, body),
    change: ({ params, body, recorder }) => changeStand(db, recorder, params.standId, body),
  })

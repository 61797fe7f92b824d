import { standRoutes } from '@spudder/contract/stand'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { changeStand, createStand } from './stand.service.ts'

export const serveStands = (db: Database) =>
  serve(standRoutes, {
    create: ({ params, body, recorder }) => createStand(db, recorder, params.placeId, body),
    change: ({ params, body, recorder }) => changeStand(db, recorder, params.standId, body),
  })

import { sprayerRoutes } from '@spudder/contract/sprayer'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { changeSprayer, createSprayer, findSprayers } from './sprayer.service.ts'

export const serveSprayers = (db: Database) =>
  serve(sprayerRoutes, {
    all: ({ params }) => findSprayers(db, params.placeId),
    create: ({ params, body, recorder }) => createSprayer(db, recorder, params.placeId, body),
    change: ({ params, body, recorder }) => changeSprayer(db, recorder, params.sprayerId, body),
  })

import { standRoutes } from '@spudder/contract/stand'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { changeStand, createStand, readEstate, readStandNames, readStory } from './stand.service.ts'

export const serveStands = (db: Database) =>
  serve(standRoutes, {
    estate: ({ params, query }) => readEstate(db, params.placeId, query),
    names: ({ params }) => readStandNames(db, params.placeId),
    create: ({ params, body, recorder }) => createStand(db, recorder, params.placeId, body),
    story: ({ params }) => readStory(db, params.standId),
    change: ({ params, body, recorder }) => changeStand(db, recorder, params.standId, body),
  })

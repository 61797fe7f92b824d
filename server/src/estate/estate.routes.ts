import { estateRoutes } from '@spudder/contract/stand'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { listStands, readEstate, readStandNames, readStory } from './estate.service.ts'

export const serveEstate = (db: Database) =>
  serve(estateRoutes, {
    page: ({ params, query }) => readEstate(db, params.placeId, query),
    stands: ({ params, query }) => listStands(db, params.placeId, query),
    names: ({ params }) => readStandNames(db, params.placeId),
    story: ({ params }) => readStory(db, params.standId),
  })

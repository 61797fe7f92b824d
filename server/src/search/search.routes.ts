import { searchRoutes } from '@spudder/contract/search'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findByName } from './search.service.ts'

export const serveSearch = (db: Database) =>
  serve(searchRoutes, {
    find: ({ params, query }) => findByName(db, params.placeId, query.text),
  })

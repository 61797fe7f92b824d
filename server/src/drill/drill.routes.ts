import { drillRoutes } from '@spudder/contract/drill'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findDrills, recordDrill, recordOwnDrill } from './drill.service.ts'
import { findOwnCases } from './own-cases.ts'

export const serveDrills = (db: Database) =>
  serve(drillRoutes, {
    all: ({ params }) => findDrills(db, params.placeId),
    record: ({ params, body, recorder }) => recordDrill(db, recorder, params.placeId, body),
    own: ({ params }) => findOwnCases(db, params.placeId),
    recordOwn: ({ params, body, recorder }) => recordOwnDrill(db, recorder, params.placeId, body),
  })

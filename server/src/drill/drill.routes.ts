import { drillRoutes } from '@spudder/contract/drill'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findDrills, recordDrill } from './drill.service.ts'

export const serveDrills = (db: Database) =>
  serve(drillRoutes, {
    all: ({ params }) => findDrills(db, params.placeId),
    record: ({ params, body, recorder }) => recordDrill(db, recorder, params.placeId, body),
  })

import { zoneRoutes } from '@spudder/contract/zone'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { changeZone, createZone, findZones } from './zone.service.ts'

export const serveZones = (db: Database) =>
  serve(zoneRoutes, {
    all: ({ params }) => findZones(db, params.standId),
    create: ({ params, body, recorder }) => createZone(db, recorder, params.standId, body),
    change: ({ params, body, recorder }) => changeZone(db, recorder, params.zoneId, body),
  })

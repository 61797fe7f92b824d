import { ChangeZoneDto, CreateZoneDto, ZoneDto } from '@spudder/contract/zone'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeZone, createZone, findZones } from './zone.service.ts'

export const zoneRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/stands/:standId/zones',
    summary: 'The zones of a stand',
    answer: ZoneDto,
    isList: true,
    handle: ({ params }) => findZones(db, params['standId'] ?? ''),
  }),
  route({
    method: 'post',
    path: '/stands/:standId/zones',
    summary: 'Keeps a zone of a stand',
    body: CreateZoneDto,
    answer: ZoneDto,
    handle: ({ params, body, recorder }) => createZone(db, recorder, params['standId'] ?? '', body),
  }),
  route({
    method: 'patch',
    path: '/zones/:zoneId',
    summary: 'Scores, renames or takes away a zone',
    body: ChangeZoneDto,
    answer: ZoneDto,
    handle: ({ params, body }) => changeZone(db, params['zoneId'] ?? '', body),
  }),
]

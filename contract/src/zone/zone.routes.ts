import { changes, creates, json, list, one, reads } from '../route/index.ts'
import { ChangeZoneDto, CreateZoneDto, ZoneDto } from './zone.dto.ts'

export const zoneRoutes = {
  all: reads({
    path: '/stands/:standId/zones',
    summary: 'The zones of a stand',
    access: 'see',
    answers: list(ZoneDto),
    topic: 'zones',
  }),
  create: creates({
    path: '/stands/:standId/zones',
    summary: 'Keeps a zone of a stand',
    access: 'plan',
    sends: json(CreateZoneDto),
    answers: one(ZoneDto),
    touches: ['zones'],
  }),
  change: changes({
    path: '/zones/:zoneId',
    summary: 'Scores, renames or takes away a zone',
    access: 'plan',
    sends: json(ChangeZoneDto),
    answers: one(ZoneDto),
    touches: ['zones'],
  }),
}

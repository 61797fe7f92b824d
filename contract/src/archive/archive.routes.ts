import { PlaceDto } from '../place/index.ts'
import {
  archiveMostMB,
  bytes,
  creates,
  file,
  json,
  ofWholePlace,
  one,
  reads,
} from '../route/index.ts'
import { PutTogetherDto } from './archive.dto.ts'

/** Media types that an archive comes as. */
const archiveTypes = ['application/zip', 'application/octet-stream'] as const

const wholePlace = ['me', ...ofWholePlace] as const

export const archiveRoutes = {
  write: reads({
    path: '/places/:placeId/archive',
    summary: 'Everything of a place as one archive: JSON with its photos and checksums (zip)',
    access: 'plan',
    answers: file(['application/zip']),
    topic: undefined,
  }),
  bringIn: creates({
    path: '/archives',
    summary: 'Brings a place in from its archive: all of it or nothing',
    access: 'person',
    sends: bytes(archiveTypes, archiveMostMB),
    answers: one(PlaceDto),
    touches: wholePlace,
  }),
  putTogether: creates({
    path: '/places/:placeId/put-together',
    summary: 'Puts another place together with this one: what it holds stands here from now on',
    access: 'own',
    sends: json(PutTogetherDto),
    answers: one(PlaceDto),
    touches: [...wholePlace, 'jar-tests', 'trials', 'zones'],
  }),
}

import { PlaceDto } from '../place/index.ts'
import { archiveMostMB, bytes, creates, file, one, reads } from '../route/index.ts'

/** Media types that an archive comes as. */
const archiveTypes = ['application/zip', 'application/octet-stream'] as const

export const archiveRoutes = {
  write: reads({
    path: '/places/:placeId/archive',
    summary: 'Everything of a place as one archive: JSON with its photos and checksums (zip)',
    access: 'everybody',
    answers: file(['application/zip']),
    topic: undefined,
  }),
  bringIn: creates({
    path: '/archives',
    summary: 'Brings a place in from its archive: all of it or nothing',
    access: 'everybody',
    sends: bytes(archiveTypes, archiveMostMB),
    answers: one(PlaceDto),
    touches: ['places', 'estate', 'story', 'planning', 'record', 'shelf', 'sprayers'],
  }),
}

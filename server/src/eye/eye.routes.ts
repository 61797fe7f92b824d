import { eyeRoutes } from '@spudder/contract/eye'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findEyeSittings, findRatedPhotos, recordEyeSitting } from './eye.service.ts'

export const serveEyes = (db: Database) =>
  serve(eyeRoutes, {
    all: ({ params }) => findEyeSittings(db, params.placeId),
    photos: ({ params }) => findRatedPhotos(db, params.placeId),
    record: ({ params, body, recorder }) => recordEyeSitting(db, recorder, params.placeId, body),
  })

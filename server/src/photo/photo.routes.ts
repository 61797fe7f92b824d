import { photoRoutes } from '@spudder/contract/photo'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { measurePhoto } from './measure.service.ts'
import { keepPhoto, showPhoto } from './photo.service.ts'

export const servePhotos = (db: Database) =>
  serve(photoRoutes, {
    keep: ({ params, query, body, recorder }) =>
      keepPhoto(db, recorder, params.standId, { query, bytes: body }),
    measure: ({ params, body, recorder }) => measurePhoto(db, recorder, params.photoId, body),
    show: ({ params }) => showPhoto(db, params.photoId),
  })

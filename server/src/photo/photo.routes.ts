import { PhotoDto, PhotoMeasureDto, PhotoQueryDto, photoTypes } from '@spudder/contract/photo'
import type { RequestHandler } from 'express'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { ServiceError } from '../http/service-error.ts'
import { measurePhoto } from './measure.service.ts'
import { selectPhotoBytes } from './photo.repository.ts'
import { keepPhoto } from './photo.service.ts'

export const photoRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/stands/:standId/photos',
    summary: 'Keeps a photo of a stand with its case',
    takes: photoTypes,
    limit: '12mb',
    query: PhotoQueryDto,
    answer: PhotoDto,
    handle: ({ params, query, bytes, recorder }) =>
      keepPhoto(db, recorder, params['standId'] ?? '', { query, bytes }),
  }),
  route({
    method: 'post',
    path: '/photos/:photoId/measure',
    summary: 'Keeps what a photo was measured to show',
    body: PhotoMeasureDto,
    answer: PhotoDto,
    handle: ({ params, body, recorder }) =>
      measurePhoto(db, recorder, params['photoId'] ?? '', body),
  }),
]

/** Sends the bytes of a photo; they never change, so a browser may keep them. */
export const sendPhoto =
  (db: Database): RequestHandler =>
  async (request, response) => {
    const found = await selectPhotoBytes(db, String(request.params['photoId']))
    if (!found) throw new ServiceError('not-found', 'There is no such photo.')
    response
      .type(found.type)
      .set('cache-control', 'private, max-age=31536000, immutable')
      .set('content-disposition', 'inline')
      .send(found.bytes)
  }

import { bytes, creates, file, json, ofStand, one, reads, photoMostMB } from '../route/index.ts'
import { PhotoMeasureDto } from './measure.dto.ts'
import { PhotoDto, PhotoQueryDto, photoTypes } from './photo.dto.ts'

export const photoRoutes = {
  keep: creates({
    path: '/stands/:standId/photos',
    summary: 'Keeps a photo of a stand with its case',
    access: 'photograph',
    query: PhotoQueryDto,
    sends: bytes(photoTypes, photoMostMB),
    answers: one(PhotoDto),
    touches: ofStand,
  }),
  measure: creates({
    path: '/photos/:photoId/measure',
    summary: 'Keeps what a photo was measured to show',
    access: 'photograph',
    sends: json(PhotoMeasureDto),
    answers: one(PhotoDto),
    touches: ofStand,
  }),
  show: reads({
    path: '/photos/:photoId',
    summary: 'The bytes of a photo; they never change',
    access: 'read-record',
    answers: file(photoTypes),
    topic: undefined,
  }),
}

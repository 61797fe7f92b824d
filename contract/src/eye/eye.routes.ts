import { creates, json, list, one, reads } from '../route/index.ts'
import { CreateEyeSittingDto, EyeSittingDto, RatedPhotoDto } from './eye.dto.ts'

export const eyeRoutes = {
  all: reads({
    path: '/places/:placeId/eye-sittings',
    summary: 'What the people of a place said of pictures whose colour is known, oldest first',
    access: 'see',
    answers: list(EyeSittingDto),
    topic: 'eyes',
  }),
  photos: reads({
    path: '/places/:placeId/eye-photos',
    summary: 'Photos of a place that can be rated: those whose leaves were measured by the card',
    access: 'look',
    answers: list(RatedPhotoDto),
    topic: 'estate',
  }),
  record: creates({
    path: '/places/:placeId/eye-sittings',
    summary: 'Keeps a sitting of ratings',
    access: 'look',
    sends: json(CreateEyeSittingDto),
    answers: one(EyeSittingDto),
    touches: ['eyes'],
  }),
}

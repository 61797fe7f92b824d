import { changes, creates, json, list, ofStand, one, reads } from '../route/index.ts'
import {
  ChangeStandDto,
  CreateStandDto,
  EstateListQueryDto,
  EstatePageDto,
  EstateQueryDto,
  EstateStandDto,
  MergeStandDto,
  StandDto,
  StandNameDto,
  StandStoryDto,
} from './stand.dto.ts'

/** What is read of an estate, whole or stand by stand. */
export const estateRoutes = {
  page: reads({
    path: '/places/:placeId/estate',
    summary: 'A page of the stands of a place with their ribbons',
    access: 'see',
    query: EstateQueryDto,
    answers: one(EstatePageDto),
    topic: 'estate',
  }),
  stands: reads({
    path: '/places/:placeId/estate/stands',
    summary: 'Every stand of a place with its colour, its next job and what it cost',
    access: 'see',
    query: EstateListQueryDto,
    answers: list(EstateStandDto),
    topic: 'estate',
  }),
  names: reads({
    path: '/places/:placeId/stands',
    summary: 'Every stand of a place by its name',
    access: 'read-record',
    answers: list(StandNameDto),
    topic: 'estate',
  }),
  story: reads({
    path: '/stands/:standId',
    summary: 'A stand with its whole story',
    access: 'see',
    answers: one(StandStoryDto),
    topic: 'story',
  }),
}

export const standRoutes = {
  create: creates({
    path: '/places/:placeId/stands',
    summary: 'Adds a stand to a place',
    access: 'plan',
    sends: json(CreateStandDto),
    answers: one(StandDto),
    touches: ofStand,
  }),
  change: changes({
    path: '/stands/:standId',
    summary: 'Changes a stand, plants it anew, puts it away or brings it back',
    access: 'plan',
    sends: json(ChangeStandDto),
    answers: one(StandDto),
    touches: ofStand,
  }),
  merge: creates({
    path: '/stands/:standId/merged',
    summary: 'Tells the story of another stand with this one: they are the same',
    access: 'plan',
    sends: json(MergeStandDto),
    answers: one(StandDto),
    touches: ofStand,
  }),
}

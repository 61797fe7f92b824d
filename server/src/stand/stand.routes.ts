import {
  ChangeStandDto,
  CreateStandDto,
  EstatePageDto,
  EstateQueryDto,
  StandDto,
  StandStoryDto,
} from '@spudder/contract/stand'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeStand, createStand, readEstate, readStory } from './stand.service.ts'

export const standRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/places/:placeId/estate',
    summary: 'A page of the stands of a place with their ribbons',
    query: EstateQueryDto,
    answer: EstatePageDto,
    handle: ({ params, query }) => readEstate(db, params['placeId'] ?? '', query),
  }),
  route({
    method: 'post',
    path: '/places/:placeId/stands',
    summary: 'Adds a stand to a place',
    body: CreateStandDto,
    answer: StandDto,
    handle: ({ params, body, recorder }) =>
      createStand(db, recorder, params['placeId'] ?? '', body),
  }),
  route({
    method: 'get',
    path: '/stands/:standId',
    summary: 'A stand with its whole story',
    answer: StandStoryDto,
    handle: ({ params }) => readStory(db, params['standId'] ?? ''),
  }),
  route({
    method: 'patch',
    path: '/stands/:standId',
    summary: 'Changes name, size, measures or note of a stand',
    body: ChangeStandDto,
    answer: StandDto,
    handle: ({ params, body }) => changeStand(db, params['standId'] ?? '', body),
  }),
]

import { CreatePlaceDto, PlaceDto } from '@spudder/contract/place'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { createPlace, findPlaces } from './place.service.ts'

export const placeRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/places',
    summary: 'Every place',
    answer: PlaceDto,
    isList: true,
    handle: () => findPlaces(db),
  }),
  route({
    method: 'post',
    path: '/places',
    summary: 'Adds a place',
    body: CreatePlaceDto,
    answer: PlaceDto,
    handle: ({ body, recorder }) => createPlace(db, recorder, body),
  }),
]

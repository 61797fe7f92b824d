import { CreatePlaceDto, PlaceDto, PlaceSettingsDto } from '@spudder/contract/place'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeSettings, createPlace, findPlaces } from './place.service.ts'

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
  route({
    method: 'patch',
    path: '/places/:placeId/settings',
    summary: 'Changes the settings of a place that are given',
    body: PlaceSettingsDto,
    answer: PlaceDto,
    handle: ({ params, body }) => changeSettings(db, params['placeId'] ?? '', body),
  }),
]

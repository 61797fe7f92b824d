import { placeRoutes } from '@spudder/contract/place'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import {
  changePlace,
  changeSettings,
  createPlace,
  findPlaces,
  shareCalendar,
} from './place.service.ts'

export const servePlaces = (db: Database) =>
  serve(placeRoutes, {
    all: () => findPlaces(db),
    create: ({ body, recorder }) => createPlace(db, recorder, body),
    shareCalendar: ({ params, body, recorder }) =>
      shareCalendar(db, recorder, params.placeId, body),
    change: ({ params, body, recorder }) => changePlace(db, recorder, params.placeId, body),
    changeSettings: ({ params, body, recorder }) =>
      changeSettings(db, recorder, params.placeId, body),
  })

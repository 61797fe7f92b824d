import { placeRoutes } from '@spudder/contract/place'
import type { Database } from '../database/connect.ts'
import { requireRight } from '../access/gate.ts'
import { serve } from '../http/route.ts'
import {
  changePlace,
  changeSettings,
  createPlace,
  findPlacesOf,
  shareCalendar,
} from './place.service.ts'

export const servePlaces = (db: Database) =>
  serve(placeRoutes, {
    all: ({ recorder }) => findPlacesOf(db, recorder),
    create: ({ body, recorder }) =>
      db.transaction((transaction) => createPlace(transaction, recorder, body)),
    shareCalendar: ({ params, body, recorder }) =>
      shareCalendar(db, recorder, params.placeId, body),
    change: ({ params, body, recorder, reach }) => {
      if (body.isArchived !== undefined) requireRight(reach, 'own')
      return changePlace(db, recorder, params.placeId, body)
    },
    changeSettings: ({ params, body, recorder }) =>
      changeSettings(db, recorder, params.placeId, body),
  })

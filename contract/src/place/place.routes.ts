import { changes, creates, json, list, one, reads } from '../route/index.ts'
import {
  ChangePlaceDto,
  ChangeSettingsDto,
  CreatePlaceDto,
  PlaceDto,
  ShareCalendarDto,
} from './place.dto.ts'

export const placeRoutes = {
  all: reads({
    path: '/places',
    summary: 'Every place',
    access: 'person',
    answers: list(PlaceDto),
    topic: 'places',
  }),
  create: creates({
    path: '/places',
    summary: 'Adds a place',
    access: 'person',
    sends: json(CreatePlaceDto),
    answers: one(PlaceDto),
    touches: ['me', 'places'],
  }),
  change: changes({
    path: '/places/:placeId',
    summary: 'Changes name, units or climate of a place',
    access: 'plan',
    sends: json(ChangePlaceDto),
    answers: one(PlaceDto),
    touches: ['places', 'weather'],
  }),
  shareCalendar: changes({
    path: '/places/:placeId/calendar',
    summary: 'Gives the calendar of a place another address, or none',
    access: 'plan',
    sends: json(ShareCalendarDto),
    answers: one(PlaceDto),
    touches: ['places'],
  }),
  changeSettings: changes({
    path: '/places/:placeId/settings',
    summary: 'Changes the settings of a place that are given',
    access: 'plan',
    sends: json(ChangeSettingsDto),
    answers: one(PlaceDto),
    touches: ['places', 'weather'],
  }),
}

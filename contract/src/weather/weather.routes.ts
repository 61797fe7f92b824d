import { bytes, creates, one, reads, stationMostMB } from '../route/index.ts'
import {
  OutlookDto,
  StationFileDto,
  StationImportDto,
  stationFileTypes,
  WeatherDto,
  WeatherHoursDto,
  WeatherQueryDto,
} from './weather.dto.ts'

export const weatherRoutes = {
  days: reads({
    path: '/places/:placeId/weather',
    summary: 'Weather of a place day by day, foretold as far as a fortnight',
    access: 'see',
    query: WeatherQueryDto,
    answers: one(WeatherDto),
    topic: 'weather',
  }),
  hours: reads({
    path: '/places/:placeId/weather/hours',
    summary: 'Weather of a place hour by hour, with its doubt where it is foretold',
    access: 'see',
    query: WeatherQueryDto,
    answers: one(WeatherHoursDto),
    topic: 'weather',
  }),
  outlook: reads({
    path: '/places/:placeId/weather/outlook',
    summary: 'What each day promises for each kind of work, a season ahead',
    access: 'see',
    query: WeatherQueryDto,
    answers: one(OutlookDto),
    topic: 'weather',
  }),
  importStation: creates({
    path: '/places/:placeId/weather/station',
    summary: 'Takes in a file of a weather station',
    access: 'plan',
    query: StationFileDto,
    sends: bytes(stationFileTypes, stationMostMB),
    answers: one(StationImportDto),
    touches: ['weather'],
  }),
}

import {
  OutlookDto,
  StationFileDto,
  StationImportDto,
  WeatherDto,
  WeatherHoursDto,
  WeatherQueryDto,
  type WeatherService,
} from '@spudder/contract/weather'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../http/recorder.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { findPlace } from '../place/place.service.ts'
import {
  importStationFile,
  readDays,
  readHours,
  readOutlook,
  requireSpan,
  type WeatherStage,
} from './weather.service.ts'

const longest = { days: 4000, hours: 400, outlook: 800 } as const

export const weatherRoutes = (db: Database, service: WeatherService): AnyRoute[] => {
  const stageOf = async (
    params: Readonly<Record<string, string>>,
    recorder: Recorder,
  ): Promise<WeatherStage> => {
    const place = await findPlace(db, params['placeId'] ?? '')
    return { db, service, place, at: recorder.at }
  }
  return [
    route({
      method: 'get',
      path: '/places/:placeId/weather',
      summary: 'Weather of a place day by day, foretold as far as a fortnight',
      query: WeatherQueryDto,
      answer: WeatherDto,
      handle: async ({ params, query, recorder }) =>
        readDays(await stageOf(params, recorder), requireSpan(query, longest.days)),
    }),
    route({
      method: 'get',
      path: '/places/:placeId/weather/hours',
      summary: 'Weather of a place hour by hour, with its doubt where it is foretold',
      query: WeatherQueryDto,
      answer: WeatherHoursDto,
      handle: async ({ params, query, recorder }) =>
        readHours(await stageOf(params, recorder), requireSpan(query, longest.hours)),
    }),
    route({
      method: 'get',
      path: '/places/:placeId/weather/outlook',
      summary: 'What each day promises for each kind of work, a season ahead',
      query: WeatherQueryDto,
      answer: OutlookDto,
      handle: async ({ params, query, recorder }) =>
        readOutlook(await stageOf(params, recorder), requireSpan(query, longest.outlook)),
    }),
    route({
      method: 'post',
      path: '/places/:placeId/weather/station',
      summary: 'Takes in a file of a weather station',
      body: StationFileDto,
      answer: StationImportDto,
      limit: '8mb',
      handle: ({ params, body, recorder }) =>
        importStationFile(db, recorder, params['placeId'] ?? '', body),
    }),
  ]
}

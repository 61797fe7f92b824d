import { weatherRoutes, type WeatherService } from '@spudder/contract/weather'
import { importStationFile } from './import-station.ts'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { serve } from '../http/route.ts'
import { findPlace } from '../place/place.service.ts'
import {
  readDays,
  readHours,
  readOutlook,
  requireSpan,
  type WeatherStage,
} from './weather.service.ts'

const longest = { days: 4000, hours: 400, outlook: 800 } as const

export function serveWeather(db: Database, service: WeatherService) {
  const stageOf = async (placeId: string, recorder: Recorder): Promise<WeatherStage> => ({
    db,
    service,
    place: await findPlace(db, placeId),
    at: recorder.at,
  })
  return serve(weatherRoutes, {
    days: async ({ params, query, recorder }) =>
      readDays(await stageOf(params.placeId, recorder), requireSpan(query, longest.days)),
    hours: async ({ params, query, recorder }) =>
      readHours(await stageOf(params.placeId, recorder), requireSpan(query, longest.hours)),
    outlook: async ({ params, query, recorder }) =>
      readOutlook(await stageOf(params.placeId, recorder), requireSpan(query, longest.outlook)),
    importStation: ({ params, query, body, recorder }) =>
      importStationFile(db, recorder, params.placeId, { ...query, bytes: body }),
  })
}

import { WeatherDto, WeatherQueryDto, type WeatherService } from '@spudder/contract/weather'
import { addDays, dateToDay, daysBetween } from '@spudder/core/calendar'
import { requireInRange } from '@spudder/core/error'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { findPlace } from '../place/place.service.ts'

/** A forecast further out is a climate, not a forecast. */
const forecastDays = 14

export const weatherRoutes = (db: Database, service: WeatherService): AnyRoute[] => [
  route({
    method: 'get',
    path: '/places/:placeId/weather',
    summary: 'Weather of a place day by day, foretold as far as a fortnight',
    query: WeatherQueryDto,
    answer: WeatherDto,
    handle: async ({ params, query: { from, to }, recorder }) => {
      requireInRange('to', daysBetween(from, to), { min: 0, max: 4000, unit: 'days after from' })
      const { id: placeId, climate } = await findPlace(db, params['placeId'] ?? '')
      const today = dateToDay(recorder.at)
      const last = addDays(today, forecastDays)
      return service.weather({ placeId, climate, from, to: to < last ? to : last, today })
    },
  }),
]

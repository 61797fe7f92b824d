import { dayRoutes } from '@spudder/contract/day'
import type { WeatherService } from '@spudder/contract/weather'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { requireVisitor } from '../person/signed-in.ts'
import { readDay } from './day.service.ts'

export const serveDay = (stage: { readonly db: Database; readonly weather: WeatherService }) =>
  serve(dayRoutes, {
    day: ({ params, query, visit, recorder }) => {
      const { person: me } = requireVisitor(visit)
      return readDay(stage, { placeId: params.placeId, day: query.day, me, at: recorder.at })
    },
  })

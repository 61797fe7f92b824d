import { noticeRoutes } from '@spudder/contract/notice'
import type { WeatherService } from '@spudder/contract/weather'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findNotices } from './notice.service.ts'

export const serveNotices = (stage: { readonly db: Database; readonly weather: WeatherService }) =>
  serve(noticeRoutes, {
    all: ({ params, recorder, visit }) => {
      const licenceUntil = visit.visitor?.person.licenceExpiresOn ?? undefined
      const { actor: name, at } = recorder
      return findNotices(stage, { placeId: params.placeId, licenceUntil, name, at })
    },
  })

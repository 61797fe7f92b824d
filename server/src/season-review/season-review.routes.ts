import { seasonReviewRoutes } from '@spudder/contract/season-review'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { readSeason } from './season-review.service.ts'

export const serveSeasonReviews = (db: Database) =>
  serve(seasonReviewRoutes, {
    of: ({ params, query }) => readSeason(db, params.placeId, query.season),
  })

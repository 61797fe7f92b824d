import { seasonReviewRoutes } from '@spudder/contract/season-review'
import { ofPlace } from './of-place.ts'
import { useReadOn } from './use-read.ts'

/** What was done, found and spent at a place in a season. */
export const useSeason = (placeId: () => string | undefined, season: () => number) =>
  useReadOn(
    seasonReviewRoutes.of,
    ofPlace(placeId, () => ({ query: { season: season() } })),
  )

import { learningRoutes } from '@spudder/contract/learning'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Everything of a place that teaches how leaves answer there. */
export const useLearning = (placeId: () => string | undefined) =>
  useRead(learningRoutes.of, ofPlace(placeId))

/** What retests of its acid plans say of how the ground of a place holds its pH. */
export const useBuffering = (placeId: () => string | undefined) =>
  useRead(learningRoutes.buffering, ofPlace(placeId))

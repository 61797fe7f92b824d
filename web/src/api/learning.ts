import { learningRoutes } from '@spudder/contract/learning'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Everything of a place that teaches how leaves answer there. */
export const useLearning = (placeId: () => string | undefined) =>
  useRead(learningRoutes.of, ofPlace(placeId))

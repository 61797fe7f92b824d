import { precedentRoutes } from '@spudder/contract/precedent'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Closed cases of a place, the newest first. */
export const usePastCases = (placeId: () => string | undefined) =>
  useRead(precedentRoutes.all, ofPlace(placeId))

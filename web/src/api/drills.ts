import { drillRoutes } from '@spudder/contract/drill'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** What the people of a place answered in drills, oldest first. */
export const useDrills = (placeId: () => string | undefined) =>
  useRead(drillRoutes.all, ofPlace(placeId))

/** Closed cases of a place that greened, as they can be drilled. */
export const useOwnCases = (placeId: () => string | undefined) =>
  useRead(drillRoutes.own, ofPlace(placeId))

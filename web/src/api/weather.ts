import { weatherRoutes } from '@spudder/contract/weather'
import { ofPlace } from './of-place.ts'
import { useReadOn } from './use-read.ts'

/** Weather of a place day by day. */
export const useWeather = (
  placeId: () => string | undefined,
  from: () => string,
  to: () => string,
) =>
  useReadOn(
    weatherRoutes.days,
    ofPlace(placeId, () => ({ query: { from: from(), to: to() } })),
  )

/** What each day promises for each kind of work. */
export const useWorkOutlook = (
  placeId: () => string | undefined,
  from: () => string,
  to: () => string,
) =>
  useReadOn(
    weatherRoutes.outlook,
    ofPlace(placeId, () => ({ query: { from: from(), to: to() } })),
  )

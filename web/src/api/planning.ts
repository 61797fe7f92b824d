import { planningRoutes } from '@spudder/contract/planning'
import { addressOf } from './call.ts'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Everything of a place that its dates rest on. */
export const usePlanning = (placeId: () => string | undefined) =>
  useRead(planningRoutes.all, ofPlace(placeId))

/** Where the jobs of a place are served as a calendar. */
export const calendarAddress = (placeId: string): string =>
  addressOf(planningRoutes.calendar, { placeId })

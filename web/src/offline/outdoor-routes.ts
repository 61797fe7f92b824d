import { caseRoutes } from '@spudder/contract/case'
import { entryRoutes } from '@spudder/contract/entry'
import { jobRoutes } from '@spudder/contract/job'
import { lookRoutes } from '@spudder/contract/look'
import { photoRoutes } from '@spudder/contract/photo'
import { readingRoutes } from '@spudder/contract/reading'
import type { Route } from '@spudder/contract/route'
import { storyRoutes } from '@spudder/contract/story'
import { tickRoutes } from '@spudder/contract/tick'
import { trialRoutes } from '@spudder/contract/trial'
import { zoneRoutes } from '@spudder/contract/zone'

/** Changes that are made outside, and wait on this device where there is no signal. */
export const outdoorRoutes = {
  look: lookRoutes.create,
  reading: readingRoutes.create,
  event: storyRoutes.tell,
  photo: photoRoutes.keep,
  'photo-measure': photoRoutes.measure,
  entry: entryRoutes.record,
  rating: trialRoutes.rate,
  zone: zoneRoutes.create,
  'zone-change': zoneRoutes.change,
  'job-taken': jobRoutes.take,
  'job-under-way': jobRoutes.beAt,
  'job-done': jobRoutes.change,
  check: caseRoutes.planCheck,
  tick: tickRoutes.tick,
} as const

type OutdoorRoutes = typeof outdoorRoutes
export type OutdoorName = keyof OutdoorRoutes
/** The route of a change, by its name. */
export type OutdoorRoute<Name extends OutdoorName> = OutdoorRoutes[Name]

const nameByRoute = new Map<Route, OutdoorName>(
  Object.entries(outdoorRoutes).map(([name, route]) => [route as Route, name as OutdoorName]),
)

/** The name of a route of this list; undefined for every other. */
export const outdoorName = (route: Route): OutdoorName | undefined => nameByRoute.get(route)

/** Everything that a change of this list can be seen in. */
export const outdoorTouches = [
  ...new Set(Object.values(outdoorRoutes).flatMap(({ touches }) => [...touches])),
]

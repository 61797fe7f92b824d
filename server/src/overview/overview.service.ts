import { roleMay } from '@spudder/contract/access'
import type { OverviewPageDto, OverviewQueryDto, PlaceStateDto } from '@spudder/contract/overview'
import { stockOfPlan, type PlanningDto } from '@spudder/contract/planning'
import { dateToDay } from '@spudder/core/base/calendar'
import { greennessOf, isColourKind } from '@spudder/core/seen/colour'
import { least, rollup } from 'd3-array'
import type { Connection, Database } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import { readPlanning } from '../planning/planning.service.ts'
import { findProducts } from '../shelf/product.service.ts'
import {
  countOpenCases,
  countPlaces,
  keepState,
  selectPlacePage,
  selectStale,
  type KeptState,
} from './overview.repository.ts'

function palestOf({ stands, colours }: PlanningDto): PlaceStateDto['palest'] {
  const names = new Map(stands.map(({ id, name }) => [id, name]))
  const seen = colours.flatMap(({ standId, kind, value, takenOn: seenOn }) => {
    const standName = names.get(standId)
    if (standName === undefined || !isColourKind(kind)) return []
    return [{ standId, standName, greenness: greennessOf(kind, value), seenOn }]
  })
  return least(seen, ({ greenness }) => greenness) ?? null
}

/**
 * Counts how it stands at a place.
 * @throws {ServiceError} not-found
 */
async function countState(connection: Connection, placeId: string, at: Date): Promise<KeptState> {
  const { settings } = await findPlace(connection, placeId)
  const plan = await readPlanning(connection, placeId, at)
  const shelf = await findProducts(connection, placeId)
  const today = dateToDay(at)
  const stock = stockOfPlan(plan, shelf, { today, leadDays: settings.work?.leadDays })
  const planned = plan.jobs.filter(({ status }) => status === 'planned')
  return {
    stands: plan.stands.length,
    openCases: await countOpenCases(connection, placeId),
    palest: palestOf(plan),
    short: stock.flatMap(({ productId, name, missingKg, shortOn }) =>
      shortOn === undefined ? [] : [{ productId, name, missingKg, shortOn }],
    ),
    due: Object.fromEntries(rollup(planned, (jobs) => jobs.length, ({ dueOn }) => dueOn)), // prettier-ignore
  }
}

/** What a day makes of a state. */
function onDay({ due, ...state }: KeptState, today: string): PlaceStateDto {
  const days = Object.entries(due)
  const before = days.filter(([day]) => day < today)
  const later = days.flatMap(([day]) => (day > today ? [day] : []))
  return {
    ...state,
    dueToday: due[today] ?? 0,
    overdue: before.reduce((sum, [, jobs]) => sum + jobs, 0),
    nextOn: later.toSorted()[0] ?? null,
  }
}

/**
 * How it stands at each of a person's places, the palest first. It is kept for every place and counted anew only
 * where something changed.
 */
export async function readOverview(
  db: Database,
  { personId, at }: { readonly personId: string; readonly at: Date },
  page: OverviewQueryDto,
): Promise<OverviewPageDto> {
  const today = dateToDay(at)
  const asking = { personId, day: today }
  for (const stale of await selectStale(db, asking))
    await keepState(db, stale, await countState(db, stale.placeId, at))
  const rows = await selectPlacePage(db, asking, page)
  return {
    total: await countPlaces(db, asking),
    rows: rows.map(({ id: placeId, name, role, state }) => ({
      placeId,
      name,
      role,
      state: state && roleMay(role, 'see') ? onDay(state, today) : null,
    })),
  }
}

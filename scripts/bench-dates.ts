import 'reflect-metadata'
import { type PlanningDto } from '@spudder/contract/planning'
import { toPlan } from '@spudder/core/days/task'
import type { PlaceDto } from '@spudder/contract/place'
import type { ProductDto } from '@spudder/contract/shelf'
import type { OutlookDto } from '@spudder/contract/weather'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { earliestFit, factsOf, planCost, planSeason, solverWith } from '@spudder/core/days/planner'
import loadHighs from 'highs'
import { randomUUID } from 'node:crypto'
import { openDatabase, type Database } from '../server/src/database/connect.ts'
import { chlorosisCase, entry, job } from '../server/src/database/schema.ts'
import { median } from './bench-core.ts'
import { placeOfStands, recorded } from './bench-place.ts'
import { seasonEstate } from './calibration/season-estate.ts'
import type { PrivateMariaDb } from './mariadb.ts'

const horizonDays = 400

/** Plans the season of a running demo estate as the page does [ms], beside the simple plan alone. */
export async function planDemoMs(url: string) {
  const read = async <Answer>(path: string) =>
    (await (await fetch(`${url}/api${path}`)).json()) as Answer
  const [demo] = await read<PlaceDto[]>('/places')
  if (!demo) throw new Error('the demo estate is not there')
  const today = dateToDay(new Date())
  const [planning, products, outlook] = await Promise.all([
    read<PlanningDto>(`/places/${demo.id}/planning`),
    read<ProductDto[]>(`/places/${demo.id}/products`),
    read<OutlookDto>(
      `/places/${demo.id}/weather/outlook?from=${today}&to=${addDays(today, horizonDays)}`,
    ),
  ])
  const { frame, tasks } = toPlan(planning, {
    products,
    settings: demo.settings,
    system: demo.unitSystem,
    outlook,
    today,
  })
  const solve = solverWith(await loadHighs())
  const start = performance.now()
  const season = planSeason(frame, tasks, solve)
  const planMs = performance.now() - start
  const facts = factsOf(frame)
  const simpleStart = performance.now()
  const simple = earliestFit(facts, tasks)
  const simpleMs = performance.now() - simpleStart
  return {
    planMs,
    simpleMs,
    jobs: tasks.length,
    loss: season.cost.total,
    simpleLoss: planCost(facts, tasks, simple).total,
    breaches: season.breaches.length,
  }
}

const notes = ['calm evening', 'dew was gone', 'a day late for rain', 'moist soil', ''] as const
const lots = 40
const atOnce = 1000

/** A place with a year of entries over forty stands. */
async function fillRecord(db: Database, entries: number): Promise<string> {
  const today = dateToDay(new Date())
  // After the places of the other benches: the page works at the first there is.
  const { placeId, stands } = await placeOfStands(db, `${entries} entries`, 40)
  const cases = stands.map(({ id }) => ({ id: randomUUID(), standId: id, openedOn: today, outcomeNote: '', ...recorded })) // prettier-ignore
  await db.insert(chlorosisCase).values(cases)
  for (let first = 0; first < entries; first += atOnce) {
    const rows = Array.from({ length: Math.min(atOnce, entries - first) }, (_, index) => {
      const number = first + index
      const own = stands[number % stands.length]
      return {
        id: randomUUID(),
        standId: own?.id ?? '',
        standName: own?.name ?? '',
        caseId: cases[number % cases.length]?.id ?? '',
        day: addDays(today, -(number % 365)),
        lot: `LOT-${number % lots}`,
        note: notes[number % notes.length] ?? '',
      }
    })
    await db.insert(job).values(
      rows.map(({ id, standId, caseId, day }) => ({ id, standId, caseId, kind: 'apply' as const, title: 'Spray', dueOn: day, status: 'done' as const, share: 1, route: 'leaf' as const, sourceId: 'ferrous-sulfate' as const, ...recorded })), // prettier-ignore
    )
    await db.insert(entry).values(
      rows.map(({ id, standId, standName, caseId, day, lot, note }) => ({
        id,
        standId,
        placeId,
        caseId,
        jobId: id,
        happenedOn: day,
        route: 'leaf' as const,
        sourceId: 'ferrous-sulfate' as const,
        plannedProductKg: 2,
        productKg: 2,
        waterL: 100,
        lot,
        note,
        reason: '',
        search: `${standName} Ferrous sulfate ${lot} ${note} bench`.toLowerCase(),
        ...recorded,
      })),
    )
  }
  return placeId
}

/** Places with so many entries each; their ids by size. */
export async function fillRecords(
  { port, password }: PrivateMariaDb,
  sizes: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  const { db, close } = await openDatabase({ port, user: 'spudder', password, database: 'spudder' })
  const ids = new Map<number, string>()
  for (const size of sizes) ids.set(size, await fillRecord(db, size))
  await close()
  return ids
}

/** Time of a search by words, by days, and of the newest page [ms]. */
export async function searchMs(url: string, placeId: string) {
  const today = dateToDay(new Date())
  const timed = async (query: string) => {
    const times: number[] = []
    for (let turn = 0; turn < 7; turn++) {
      const start = performance.now()
      await (await fetch(`${url}/api/places/${placeId}/entries?${query}`)).json()
      times.push(performance.now() - start)
    }
    return median(times.slice(1))
  }
  return {
    words: await timed('text=lot-7%20dew'),
    days: await timed(`from=${addDays(today, -31)}&to=${today}`),
    newest: await timed(''),
  }
}

/** The longest that the best known of a season is looked for [s]. */
const longestSearch = 40
/** A plan is good that loses at most so much more than the best known [1]. */
const nearEnough = 1.03

/**
 * How soon a season of so many jobs has a first plan, and one within three in a hundred of the best that
 * a long search finds [ms].
 */
export async function seasonPace(stands: number) {
  const { frame, tasks } = await seasonEstate('temperate', 3, stands)
  const solve = solverWith(await loadHighs())
  const start = performance.now()
  const seen: { readonly at: number; readonly loss: number }[] = []
  const season = planSeason(frame, tasks, solve, {
    limits: { seconds: longestSearch, gap: 0.003 },
    onProgress: ({ season: { cost } }) =>
      void seen.push({ at: performance.now() - start, loss: cost.total }),
  })
  const best = season.cost.total
  const [first] = seen
  return {
    jobs: tasks.length,
    firstMs: first?.at ?? Number.NaN,
    firstOver: (first?.loss ?? Number.NaN) / best,
    nearMs: seen.find(({ loss }) => loss <= best * nearEnough)?.at ?? Number.NaN,
    bound: season.bound / best,
  }
}

import { stripPlaces, type Counting } from '@spudder/core/seen/reading'
import {
  and,
  asc,
  eq,
  gte,
  inArray,
  isNotNull,
  isNull,
  max,
  notInArray,
  or,
  type SQL,
} from 'drizzle-orm'
import type { AnyMySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { given, isOneOf, statement, type Built } from '../database/statement.ts'
import { selectFamilies, toldWith } from '../stand/stand.repository.ts'
import { selectNewestColours, selectReadings } from '../reading/reading.repository.ts'
import {
  acidPlan,
  chlorosisCase,
  entry,
  job,
  look,
  photo,
  product,
  reading,
  remedy,
  storyEvent,
} from '../database/schema.ts'
import { namedJobs } from '../job/job.repository.ts'
import { selectProductNames } from '../shelf/product.repository.ts'

/** By day; on one day what waits for another job stands after what waits for none. */
const inOrderOfWork = [asc(job.dueOn), asc(isNotNull(job.afterJobId)), asc(job.id)] as const

const ribbonReadings = statement((connection) =>
  connection
    .select({
      standId: reading.standId,
      kind: reading.kind,
      value: reading.value,
      method: reading.method,
      takenOn: reading.takenOn,
      came: reading.came,
      createdBy: reading.createdBy,
    })
    .from(reading)
    .where(
      and(
        isOneOf(reading.standId, 'standIds'),
        eq(reading.isStruck, false),
        gte(reading.takenOn, given('from')),
        or(isNull(reading.place), notInArray(reading.place, [...stripPlaces])),
      ),
    )
    .orderBy(asc(reading.takenOn), asc(inOrder(reading)))
    .prepare(),
)
type OfStand = MySqlTable & { readonly standId: AnyMySqlColumn }

/** What happened on some stands since a day, in the order of its days. */
const since = <Table extends OfStand & { readonly happenedOn: AnyMySqlColumn }>(
  table: Table,
  /** The column that says which rows do not count; absent where all are told. */
  counts?: AnyMySqlColumn,
) =>
  statement(
    // The library loses which table it was.
    (connection): Built<Table['$inferSelect'][]> =>
      connection
        .select()
        .from(table as MySqlTable)
        .where(
          and(
            isOneOf(table.standId, 'standIds'),
            gte(table.happenedOn, given('from')),
            counts ? eq(counts, false) : undefined,
          ),
        )
        .orderBy(asc(table.happenedOn), asc(inOrder(table)))
        .prepare() as never,
  )
const ribbonEvents = since(storyEvent, storyEvent.isStruck)
const ribbonEntries = since(entry)
const plannedJobs = statement((connection) =>
  namedJobs(connection)
    .where(and(isOneOf(job.standId, 'standIds'), eq(job.status, 'planned')))
    .orderBy(...inOrderOfWork)
    .prepare(),
)

/** Everything that the ribbons of some stands are painted from, since a day. */
export async function selectRibbons(connection: Connection, standIds: string[], from: string) {
  if (standIds.length === 0)
    return { readings: [], events: [], entries: [], jobs: [], names: new Map() }
  const families = await selectFamilies(connection, standIds)
  const all = { standIds: families.ids, from }
  const [readings, events, entries, jobs] = await Promise.all([
    ribbonReadings(connection, all),
    ribbonEvents(connection, all),
    ribbonEntries(connection, all),
    plannedJobs(connection, { standIds }),
  ])
  const names = await selectProductNames(
    connection,
    entries.map(({ productId }) => productId),
  )
  return {
    readings: toldWith(families, readings),
    events: toldWith(families, events),
    entries: toldWith(families, entries),
    jobs,
    names,
  }
}

const casesOf = statement((connection) =>
  connection
    .select()
    .from(chlorosisCase)
    .where(isOneOf(chlorosisCase.standId, 'standIds'))
    .orderBy(asc(chlorosisCase.openedOn), asc(inOrder(chlorosisCase)))
    .prepare(),
)
const lastLooks = statement((connection) =>
  connection
    .select({ standId: look.standId, lastLookOn: max(look.lookedOn) })
    .from(look)
    .where(and(isOneOf(look.standId, 'standIds'), eq(look.isStruck, false)))
    .groupBy(look.standId)
    .prepare(),
)

/** Cases, looks, remedies and applications of some stands, as far as they tell how far a case is. */
export async function selectCaseStates(connection: Connection, standIds: readonly string[]) {
  if (standIds.length === 0) return { cases: [], looks: [], remedies: [], entries: [] }
  const cases = await casesOf(connection, { standIds })
  const open = cases.filter(({ closedOn }) => closedOn === null).map(({ id }) => id)
  const [looks, remedies, entries] = await Promise.all([
    lastLooks(connection, { standIds }),
    open.length === 0
      ? []
      : connection
          .selectDistinct({ caseId: remedy.caseId })
          .from(remedy)
          .where(inArray(remedy.caseId, open)),
    open.length === 0
      ? []
      : connection
          .select({
            id: entry.id,
            caseId: entry.caseId,
            correctsId: entry.correctsId,
            isStruck: entry.isStruck,
            happenedOn: entry.happenedOn,
          })
          .from(entry)
          .where(inArray(entry.caseId, open)),
  ])
  return { cases, looks, remedies, entries }
}

/** What the lists of an estate show of some stands of a place beside their cases. */
export async function selectListed(
  connection: Connection,
  placeId: string,
  ids: readonly string[],
  { from, counting }: { readonly from: string; readonly counting: Counting },
) {
  if (ids.length === 0) return { colours: [], jobs: [], entries: [], prices: [] }
  const [colours, jobs, entries, prices] = await Promise.all([
    selectNewestColours(connection, ids, counting),
    plannedJobs(connection, { standIds: ids }),
    connection
      .select({
        id: entry.id,
        standId: entry.standId,
        correctsId: entry.correctsId,
        isStruck: entry.isStruck,
        productId: entry.productId,
        productKg: entry.productKg,
      })
      .from(entry)
      .where(and(inArray(entry.standId, [...ids]), gte(entry.happenedOn, from))),
    connection
      .select({ id: product.id, packPrice: product.packPrice, packKg: product.packKg })
      .from(product)
      .where(eq(product.placeId, placeId)),
  ])
  return { colours, jobs, entries, prices }
}

/** Every row of a table that belongs to a stand and counts, in an order. */
const ofStand = <Table extends OfStand & { readonly isStruck?: AnyMySqlColumn }>(
  table: Table,
  ...order: readonly SQL[]
) =>
  statement(
    (connection): Built<Table['$inferSelect'][]> =>
      connection
        .select()
        .from(table as MySqlTable)
        .where(
          // What was struck out does not count; an entry's strike is an entry of its own.
          and(
            isOneOf(table.standId, 'standIds'),
            table.isStruck && table !== (entry as unknown) ? eq(table.isStruck, false) : undefined,
          ),
        )
        .orderBy(...order)
        .prepare() as never,
  )

const story = {
  events: ofStand(storyEvent, asc(storyEvent.happenedOn), asc(inOrder(storyEvent))),
  cases: ofStand(chlorosisCase, asc(chlorosisCase.openedOn), asc(inOrder(chlorosisCase))),
  looks: ofStand(look, asc(look.lookedOn), asc(inOrder(look))),
  photos: ofStand(photo, asc(photo.takenOn), asc(inOrder(photo))),
  remedies: ofStand(remedy, asc(inOrder(remedy))),
  acidPlans: ofStand(acidPlan, asc(inOrder(acidPlan))),
  entries: ofStand(entry, asc(entry.happenedOn), asc(inOrder(entry))),
  jobs: statement((connection) =>
    namedJobs(connection)
      .where(isOneOf(job.standId, 'standIds'))
      .orderBy(...inOrderOfWork)
      .prepare(),
  ),
} as const

/** Every row that belongs to a stand, each kind in the order of its days. */
export async function selectStory(connection: Connection, standId: string) {
  const families = await selectFamilies(connection, [standId])
  const of = { standIds: families.ids }
  const [readings, events, cases, looks, photos, remedies, acidPlans, jobs, entries] =
    await Promise.all([
      selectReadings(connection, families.ids),
      story.events(connection, of),
      story.cases(connection, of),
      story.looks(connection, of),
      story.photos(connection, of),
      story.remedies(connection, of),
      story.acidPlans(connection, of),
      story.jobs(connection, of),
      story.entries(connection, of),
    ])
  const names = await selectProductNames(
    connection,
    [...remedies, ...entries].map(({ productId }) => productId),
  )
  return { readings, events, cases, looks, photos, remedies, acidPlans, jobs, entries, names }
}

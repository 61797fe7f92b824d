import { isColourKind } from '@spudder/core/seen/colour'
import { readingKindNames, stripPlaces } from '@spudder/core/seen/reading'
import {
  and,
  asc,
  desc,
  eq,
  gte,
  inArray,
  isNotNull,
  isNull,
  max,
  notInArray,
  or,
} from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
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
import { selectNamedJobs } from '../job/job.repository.ts'
import { selectProductNames } from '../shelf/product.repository.ts'

/** Colours of the stand itself; strips beside it are for comparing. */
const colourKinds = readingKindNames.filter(isColourKind)

/** The open cases of some stands. */
export const selectOpenCases = (connection: Connection, standIds: readonly string[]) =>
  standIds.length === 0
    ? Promise.resolve([])
    : connection
        .select()
        .from(chlorosisCase)
        .where(and(inArray(chlorosisCase.standId, [...standIds]), isNull(chlorosisCase.closedOn)))

/** Everything that the ribbons of some stands are painted from, since a day. */
export async function selectRibbons(connection: Connection, standIds: string[], from: string) {
  if (standIds.length === 0)
    return { readings: [], events: [], entries: [], jobs: [], openCases: [], names: new Map() }
  const [readings, events, entries, jobs, openCases] = await Promise.all([
    connection
      .select({
        standId: reading.standId,
        kind: reading.kind,
        value: reading.value,
        method: reading.method,
        takenOn: reading.takenOn,
      })
      .from(reading)
      .where(
        and(
          inArray(reading.standId, standIds),
          gte(reading.takenOn, from),
          or(isNull(reading.place), notInArray(reading.place, [...stripPlaces])),
        ),
      )
      .orderBy(asc(reading.takenOn), asc(inOrder(reading))),
    connection
      .select()
      .from(storyEvent)
      .where(and(inArray(storyEvent.standId, standIds), gte(storyEvent.happenedOn, from)))
      .orderBy(asc(storyEvent.happenedOn), asc(inOrder(storyEvent))),
    connection
      .select()
      .from(entry)
      .where(and(inArray(entry.standId, standIds), gte(entry.happenedOn, from)))
      .orderBy(asc(entry.happenedOn), asc(inOrder(entry))),
    selectNamedJobs(
      connection,
      and(inArray(job.standId, standIds), eq(job.status, 'planned')),
      ...inOrderOfWork,
    ),
    selectOpenCases(connection, standIds),
  ])
  const names = await selectProductNames(
    connection,
    entries.map(({ productId }) => productId),
  )
  return { readings, events, entries, jobs, openCases, names }
}

/** Cases, looks, remedies and applications of some stands, as far as they tell how far a case is. */
export async function selectCaseStates(connection: Connection, standIds: readonly string[]) {
  if (standIds.length === 0) return { cases: [], looks: [], remedies: [], entries: [] }
  const ids = [...standIds]
  const cases = await connection
    .select()
    .from(chlorosisCase)
    .where(inArray(chlorosisCase.standId, ids))
    .orderBy(asc(chlorosisCase.openedOn), asc(inOrder(chlorosisCase)))
  const open = cases.filter(({ closedOn }) => closedOn === null).map(({ id }) => id)
  const [looks, remedies, entries] = await Promise.all([
    connection
      .select({ standId: look.standId, lastLookOn: max(look.lookedOn) })
      .from(look)
      .where(inArray(look.standId, ids))
      .groupBy(look.standId),
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
  from: string,
) {
  if (ids.length === 0) return { colours: [], jobs: [], entries: [], prices: [] }
  const isColour = and(
    inArray(reading.standId, [...ids]),
    inArray(reading.kind, [...colourKinds]),
    or(isNull(reading.place), notInArray(reading.place, [...stripPlaces])),
  )
  const newest = connection
    .select({ standId: reading.standId, takenOn: max(reading.takenOn).as('newest_on') })
    .from(reading)
    .where(isColour)
    .groupBy(reading.standId)
    .as('newest')
  const [colours, jobs, entries, prices] = await Promise.all([
    connection
      .select({
        standId: reading.standId,
        kind: reading.kind,
        value: reading.value,
        method: reading.method,
        takenOn: reading.takenOn,
      })
      .from(reading)
      .innerJoin(
        newest,
        and(eq(reading.standId, newest.standId), eq(reading.takenOn, newest.takenOn)),
      )
      .where(isColour)
      .orderBy(desc(inOrder(reading))),
    selectNamedJobs(
      connection,
      and(inArray(job.standId, [...ids]), eq(job.status, 'planned')),
      ...inOrderOfWork,
    ),
    connection
      .select({
        id: entry.id,
        standId: entry.standId,
        correctsId: entry.correctsId,
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

/** By day; on one day what waits for another job stands after what waits for none. */
const inOrderOfWork = [asc(job.dueOn), asc(isNotNull(job.afterJobId)), asc(job.id)] as const

/** Every row that belongs to a stand, each kind in the order of its days. */
export async function selectStory(connection: Connection, standId: string) {
  const [readings, events, cases, looks, photos, remedies, acidPlans, jobs, entries] =
    await Promise.all([
      connection
        .select()
        .from(reading)
        .where(eq(reading.standId, standId))
        .orderBy(asc(reading.takenOn), asc(inOrder(reading))),
      connection
        .select()
        .from(storyEvent)
        .where(eq(storyEvent.standId, standId))
        .orderBy(asc(storyEvent.happenedOn), asc(inOrder(storyEvent))),
      connection
        .select()
        .from(chlorosisCase)
        .where(eq(chlorosisCase.standId, standId))
        .orderBy(asc(chlorosisCase.openedOn), asc(inOrder(chlorosisCase))),
      connection
        .select()
        .from(look)
        .where(eq(look.standId, standId))
        .orderBy(asc(look.lookedOn), asc(inOrder(look))),
      connection
        .select()
        .from(photo)
        .where(eq(photo.standId, standId))
        .orderBy(asc(photo.takenOn), asc(inOrder(photo))),
      connection
        .select()
        .from(remedy)
        .where(eq(remedy.standId, standId))
        .orderBy(asc(inOrder(remedy))),
      connection
        .select()
        .from(acidPlan)
        .where(eq(acidPlan.standId, standId))
        .orderBy(asc(inOrder(acidPlan))),
      selectNamedJobs(connection, eq(job.standId, standId), ...inOrderOfWork),
      connection
        .select()
        .from(entry)
        .where(eq(entry.standId, standId))
        .orderBy(asc(entry.happenedOn), asc(inOrder(entry))),
    ])
  const names = await selectProductNames(
    connection,
    [...remedies, ...entries].map(({ productId }) => productId),
  )
  return { readings, events, cases, looks, photos, remedies, acidPlans, jobs, entries, names }
}

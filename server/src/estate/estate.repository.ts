import { stripPlaces } from '@spudder/core/seen/reading'
import { and, asc, eq, gte, inArray, isNotNull, isNull, notInArray, or } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import {
  acidPlan,
  chlorosisCase,
  entry,
  job,
  look,
  photo,
  reading,
  remedy,
  storyEvent,
} from '../database/schema.ts'
import { selectNamedJobs } from '../job/job.repository.ts'
import { selectProductNames } from '../shelf/product.repository.ts'

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
      .orderBy(asc(reading.takenOn)),
    connection
      .select()
      .from(storyEvent)
      .where(and(inArray(storyEvent.standId, standIds), gte(storyEvent.happenedOn, from)))
      .orderBy(asc(storyEvent.happenedOn)),
    connection
      .select()
      .from(entry)
      .where(and(inArray(entry.standId, standIds), gte(entry.happenedOn, from)))
      .orderBy(asc(entry.happenedOn), asc(entry.createdAt)),
    selectNamedJobs(
      connection,
      and(inArray(job.standId, standIds), eq(job.status, 'planned')),
      ...inOrderOfWork,
    ),
    connection
      .select()
      .from(chlorosisCase)
      .where(and(inArray(chlorosisCase.standId, standIds), isNull(chlorosisCase.closedOn))),
  ])
  const names = await selectProductNames(
    connection,
    entries.map(({ productId }) => productId),
  )
  return { readings, events, entries, jobs, openCases, names }
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
        .orderBy(asc(reading.takenOn), asc(reading.createdAt)),
      connection
        .select()
        .from(storyEvent)
        .where(eq(storyEvent.standId, standId))
        .orderBy(asc(storyEvent.happenedOn)),
      connection
        .select()
        .from(chlorosisCase)
        .where(eq(chlorosisCase.standId, standId))
        .orderBy(asc(chlorosisCase.openedOn), asc(chlorosisCase.createdAt)),
      connection
        .select()
        .from(look)
        .where(eq(look.standId, standId))
        .orderBy(asc(look.lookedOn), asc(look.createdAt)),
      connection
        .select()
        .from(photo)
        .where(eq(photo.standId, standId))
        .orderBy(asc(photo.takenOn), asc(photo.createdAt)),
      connection
        .select()
        .from(remedy)
        .where(eq(remedy.standId, standId))
        .orderBy(asc(remedy.createdAt)),
      connection
        .select()
        .from(acidPlan)
        .where(eq(acidPlan.standId, standId))
        .orderBy(asc(acidPlan.createdAt)),
      selectNamedJobs(connection, eq(job.standId, standId), ...inOrderOfWork),
      connection
        .select()
        .from(entry)
        .where(eq(entry.standId, standId))
        .orderBy(asc(entry.happenedOn), asc(entry.createdAt)),
    ])
  const names = await selectProductNames(
    connection,
    [...remedies, ...entries].map(({ productId }) => productId),
  )
  return { readings, events, cases, looks, photos, remedies, acidPlans, jobs, entries, names }
}

import { and, asc, inArray, isNotNull } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { entry } from '../database/schema.ts'
import { selectReadings } from '../reading/reading.repository.ts'
import { selectFamilies, toldWith } from '../stand/stand.repository.ts'

/** Readings of some stands and their strips that were not struck out. */
export async function selectOwnReadings(connection: Connection, standIds: readonly string[]) {
  if (standIds.length === 0) return []
  const families = await selectFamilies(connection, standIds)
  return toldWith(families, await selectReadings(connection, families.ids))
}

/** Those readings, and all entries of cases of the stands. */
export async function selectLearning(connection: Connection, standIds: readonly string[]) {
  if (standIds.length === 0) return { readings: [], entries: [] }
  const families = await selectFamilies(connection, standIds)
  const [readings, entries] = await Promise.all([
    selectOwnReadings(connection, standIds),
    // Steps of an acid plan belong to no case: they move the soil, and the leaf in its own time.
    connection
      .select()
      .from(entry)
      .where(and(inArray(entry.standId, families.ids), isNotNull(entry.caseId)))
      .orderBy(asc(entry.happenedOn), asc(inOrder(entry))),
  ])
  return { readings, entries: toldWith(families, entries) }
}

import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { isColourKind } from '@spudder/core/seen/colour'
import { readingKindNames, stripPlaces, type Counting } from '@spudder/core/seen/reading'
import {
  and,
  asc,
  desc,
  eq,
  inArray,
  isNull,
  max,
  notInArray,
  or,
  sql,
  type SQL,
} from 'drizzle-orm'
import { insertOnce } from '../database/insert-once.ts'
import { reading } from '../database/schema.ts'
import { isOneOf, statement } from '../database/statement.ts'

export type ReadingRow = typeof reading.$inferSelect

export const insertReading = (connection: Connection, row: ReadingRow) =>
  insertOnce(connection, reading, row)

const ofStands = statement((connection) =>
  connection
    .select()
    .from(reading)
    .where(and(isOneOf(reading.standId, 'standIds'), eq(reading.isStruck, false)))
    .orderBy(asc(reading.takenOn), asc(inOrder(reading)))
    .prepare(),
)

/** All readings of some stands, in the order of their days. */
export const selectReadings = (connection: Connection, standIds: readonly string[]) =>
  ofStands(connection, { standIds })

/** What counts where nothing made up may, before anything is picked by its day. */
const countsBy = ({ countsMadeUp = false }: Counting): SQL | undefined =>
  countsMadeUp ? undefined : sql`json_value(${reading.came}, '$.how') <> 'simulated'`

/** Colours of the stand itself; strips beside it are for comparing. */
const colourKinds = readingKindNames.filter(isColourKind)

/** The newest colour of each of some stands: of two on one day the one stored last. */
export async function selectNewestColours(
  connection: Connection,
  standIds: readonly string[],
  counting: Counting,
): Promise<ReadingRow[]> {
  const isColour = and(
    inArray(reading.standId, [...standIds]),
    inArray(reading.kind, [...colourKinds]),
    eq(reading.isStruck, false),
    countsBy(counting),
    or(isNull(reading.place), notInArray(reading.place, [...stripPlaces])),
  )
  const newest = connection
    .select({ standId: reading.standId, takenOn: max(reading.takenOn).as('newest_on') })
    .from(reading)
    .where(isColour)
    .groupBy(reading.standId)
    .as('newest')
  const rows = await connection
    .select({ reading })
    .from(reading)
    .innerJoin(
      newest,
      and(eq(reading.standId, newest.standId), eq(reading.takenOn, newest.takenOn)),
    )
    .where(isColour)
    .orderBy(desc(inOrder(reading)))
  const byStand = new Map<string, ReadingRow>()
  for (const row of rows) if (!byStand.has(row.reading.standId)) byStand.set(row.reading.standId, row.reading) // prettier-ignore
  return [...byStand.values()]
}

type OfStand = Pick<ReadingRow, 'id' | 'standId'>
/** A reading that a photo of a stand stands behind, and no other that was given its id. */
const fromPhotoOf = ({ id, standId }: OfStand) =>
  and(eq(reading.id, id), eq(reading.standId, standId), eq(reading.method, 'photo'))

/**
 * Stores a reading that a photo stands behind, in place of the one it had before.
 * @throws {ServiceError} conflict when something else has its id
 */
export async function putPhotoReading(connection: Connection, row: ReadingRow): Promise<void> {
  await removePhotoReading(connection, row)
  await insertOnce(connection, reading, row)
}

export async function removePhotoReading(connection: Connection, of: OfStand): Promise<void> {
  await connection.delete(reading).where(fromPhotoOf(of))
}

/** More rows than fit into one statement are stored in parts, all in the transaction of the caller. */
const rowsAtOnce = 1000

export async function insertReadings(
  connection: Connection,
  rows: readonly ReadingRow[],
): Promise<void> {
  for (let from = 0; from < rows.length; from += rowsAtOnce) {
    await connection.insert(reading).values(rows.slice(from, from + rowsAtOnce))
  }
}

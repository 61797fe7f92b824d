import { and, asc, eq, getTableColumns, inArray, sql, type SQL } from 'drizzle-orm'
import type { AnyMySqlColumn, MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import {
  acidPlan,
  chlorosisCase,
  entry,
  history,
  advice,
  drill,
  eyeSitting,
  jarTest,
  job,
  laboratoryImport,
  laboratoryOrder,
  look,
  photo,
  photoBytes,
  place,
  product,
  reading,
  remedy,
  sprayer,
  stand,
  stationDay,
  storyEvent,
  trial,
  trialRating,
  zone,
} from '../database/schema.ts'
import type { FieldKind, FieldSpec, TableSpec } from './archive-format.ts'

interface Archived {
  readonly table: MySqlTable
  /** Which rows are of a place. */
  readonly ofPlace: (connection: Connection, placeId: string) => SQL | undefined
  readonly order: readonly SQL[]
  /** Columns that hold nobody else's business. */
  readonly leftOut?: readonly string[]
}

const standsOf = (connection: Connection, placeId: string) =>
  connection.select({ id: stand.id }).from(stand).where(eq(stand.placeId, placeId))
/** Tables in which no count of the database keeps the order: by time, and one way where that is the same. */
type Timed = MySqlTable & { readonly createdAt: AnyMySqlColumn; readonly id: AnyMySqlColumn }
const counted = (table: MySqlTable): readonly SQL[] => [asc(inOrder(table))]
const timed = ({ createdAt, id }: Timed): readonly SQL[] => [asc(createdAt), asc(id)]

const byPlace = (
  table: MySqlTable & { readonly placeId: AnyMySqlColumn },
  order: readonly SQL[],
): Archived => ({
  table,
  ofPlace: (_connection, placeId) => eq(table.placeId, placeId),
  order,
})
const byStand = (
  table: MySqlTable & { readonly standId: AnyMySqlColumn },
  order: readonly SQL[] = counted(table),
): Archived => ({
  table,
  ofPlace: (connection, placeId) => inArray(table.standId, standsOf(connection, placeId)),
  order,
})

/** What an archive holds, each table after those that its rows name. */
const archived: Readonly<Record<string, Archived>> = {
  place: {
    table: place,
    ofPlace: (_connection, placeId) => eq(place.id, placeId),
    order: counted(place),
    // Whoever has it reads the calendar: it does not travel.
    leftOut: ['calendarToken'],
  },
  product: byPlace(product, timed(product)),
  sprayer: byPlace(sprayer, timed(sprayer)),
  jarTest: byPlace(jarTest, timed(jarTest)),
  drill: byPlace(drill, timed(drill)),
  eyeSitting: byPlace(eyeSitting, timed(eyeSitting)),
  laboratoryImport: byPlace(laboratoryImport, timed(laboratoryImport)),
  stationDay: {
    table: stationDay,
    ofPlace: (_connection, placeId) => eq(stationDay.placeId, placeId),
    order: [asc(stationDay.day)],
  },
  stand: byPlace(stand, timed(stand)),
  case: byStand(chlorosisCase),
  reading: byStand(reading),
  event: byStand(storyEvent),
  look: byStand(look),
  advice: byStand(advice),
  laboratoryOrder: byStand(laboratoryOrder, timed(laboratoryOrder)),
  trial: byStand(trial),
  trialRating: {
    table: trialRating,
    ofPlace: (connection, placeId) =>
      inArray(
        trialRating.trialId,
        connection
          .select({ id: trial.id })
          .from(trial)
          .where(inArray(trial.standId, standsOf(connection, placeId))),
      ),
    order: counted(trialRating),
  },
  zone: byStand(zone),
  remedy: byStand(remedy),
  acidPlan: byStand(acidPlan),
  job: byStand(job, timed(job)),
  entry: byPlace(entry, counted(entry)),
  photo: byStand(photo),
  history: byPlace(history, counted(history)),
}

const kinds: Readonly<Record<string, FieldKind>> = {
  MySqlInt: 'integer',
  MySqlDouble: 'number',
  MySqlBoolean: 'boolean',
  MySqlJson: 'json',
  MySqlDateString: 'day',
  MySqlDateTime: 'moment',
  MySqlVarChar: 'text',
  MySqlText: 'text',
}

function fieldOf(name: string, column: MySqlColumn): FieldSpec {
  const kind = kinds[column.columnType]
  if (kind === undefined) throw new Error(`an archive knows no column of ${column.columnType}`)
  const { length } = column as { readonly length?: number }
  return {
    name,
    kind,
    isNullable: !column.notNull,
    longest: length,
    names: column.enumValues,
    isId: kind === 'text' && length === 36,
  }
}

const columnsOf = ({ table, leftOut = [] }: Archived): [string, MySqlColumn][] =>
  Object.entries(getTableColumns(table)).filter(([name]) => !leftOut.includes(name))

/** The tables of an archive with their fields, as they are stored. */
export const archiveTables: readonly TableSpec[] = Object.entries(archived).map(([name, each]) => ({
  name,
  fields: columnsOf(each).map(([field, column]) => fieldOf(field, column)),
}))

const found = (name: string): Archived => {
  const each = archived[name]
  if (!each) throw new Error(`an archive has no table ${name}`)
  return each
}

/**
 * Numbers as their text: the driver reads a DOUBLE digit by digit and can miss its last bit, and what is
 * written twice has to be the same twice.
 */
const exactly = (column: MySqlColumn) =>
  column.columnType === 'MySqlDouble'
    ? sql<number>`cast(${column} as char)`.mapWith(Number)
    : column

/** All rows of a table that are of a place, in the order in which they were stored. */
export async function selectArchived(
  connection: Connection,
  name: string,
  placeId: string,
): Promise<Record<string, unknown>[]> {
  const each = found(name)
  const columns = Object.fromEntries(
    columnsOf(each).map(([field, column]) => [field, exactly(column)]),
  )
  return connection
    .select(columns)
    .from(each.table)
    .where(and(each.ofPlace(connection, placeId)))
    .orderBy(...each.order)
}

/** More rows than fit into one statement are stored in parts. */
const rowsAtOnce = 500

export async function insertArchived(
  connection: Connection,
  name: string,
  rows: readonly Record<string, unknown>[],
): Promise<void> {
  const { table } = found(name)
  for (let from = 0; from < rows.length; from += rowsAtOnce) {
    await connection.insert(table).values(rows.slice(from, from + rowsAtOnce))
  }
}

export async function selectBytes(
  connection: Connection,
  photoId: string,
): Promise<Buffer | undefined> {
  const [row] = await connection
    .select({ bytes: photoBytes.bytes })
    .from(photoBytes)
    .where(eq(photoBytes.id, photoId))
  return row?.bytes
}

export const insertBytes = (connection: Connection, id: string, bytes: Buffer) =>
  connection.insert(photoBytes).values({ id, bytes })

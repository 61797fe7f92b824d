import { eq, getTableColumns } from 'drizzle-orm'
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import { isDeepStrictEqual } from 'node:util'
import { ServiceError } from '../problem/service-error.ts'
import type { Connection } from './connect.ts'
import { databaseErrno, duplicateEntry } from './database-fault.ts'

type TableWithId = MySqlTable & { readonly id: MySqlColumn }

/** A JSON column as it is stored: without the prototype and the empty fields of a request. */
function asStored(value: unknown): unknown {
  const isJson = typeof value === 'object' && value !== null
  if (!isJson || value instanceof Date || Buffer.isBuffer(value)) return value ?? null
  return JSON.parse(JSON.stringify(value))
}

/** The driver reads a DOUBLE digit by digit, which can miss its last bit. */
function sameValue(stored: unknown, sent: unknown): boolean {
  if (typeof stored === 'number' && typeof sent === 'number') {
    return Math.abs(stored - sent) <= 1e-12 * Math.max(Math.abs(stored), Math.abs(sent))
  }
  return isDeepStrictEqual(asStored(stored), asStored(sent))
}

/** Columns that the server fills in and that differ when the same thing is sent again. */
const ofTheServer = new Set([
  'createdBy',
  'createdAt',
  'changedBy',
  'changedAt',
  'position',
  'verdict',
])

/** Columns that say whose a row is. */
const owners: ReadonlySet<string> = new Set(['placeId', 'standId', 'caseId', 'trialId', 'personId'])

/**
 * What was stored before under the id that a sender made: the same thing sent again after a lost
 * answer. Undefined where there is none.
 * @param sent what was sent; only what is a column too is compared
 * @throws {ServiceError} conflict when something else was stored under the id
 */
export async function storedBefore<Table extends TableWithId>(
  connection: Connection,
  table: Table,
  sent: { readonly id: string },
): Promise<Table['$inferSelect'] | undefined> {
  const [stored] = (await connection
    .select()
    .from(table as MySqlTable)
    .where(eq(table.id, sent.id))
    .limit(1)) as Record<string, unknown>[]
  if (!stored) return undefined
  // What was changed since is what it became: it was stored, and that is all the sender asks. Whose it is
  // never changes: nobody is given another's row for knowing its id.
  const wasChanged = typeof stored['version'] === 'number' && stored['version'] > 1
  const isSame = Object.entries(sent).every(
    ([name, value]) =>
      ofTheServer.has(name) ||
      !(name in stored) ||
      (wasChanged && !owners.has(name)) ||
      sameValue(stored[name], value),
  )
  if (isSame) return stored as Table['$inferSelect']
  throw new ServiceError(
    'conflict',
    'Something else was already stored from this form. Store it again to add this as another.',
  )
}

/** Whether a row says every column, so that it is known without reading it back. */
const isWhole = (table: MySqlTable, row: object): row is Record<string, unknown> =>
  Object.keys(getTableColumns(table)).every(
    (name) => (row as Record<string, unknown>)[name] !== undefined,
  )

/** A whole row as it will be read: JSON without the prototypes and empty fields of a request. */
const asRead = <Row>(row: Readonly<Record<string, unknown>>): Row =>
  Object.fromEntries(Object.entries(row).map(([name, value]) => [name, asStored(value)])) as Row

/**
 * Stores a row under the id its sender made, once: sent again, it is the row that is there already.
 * @throws {ServiceError} conflict when another row has the id
 */
export async function insertOnce<Table extends TableWithId>(
  connection: Connection,
  table: Table,
  row: Table['$inferInsert'] & { readonly id: string },
): Promise<Table['$inferSelect']> {
  try {
    await connection.insert(table).values(row)
    if (isWhole(table, row)) return asRead(row)
  } catch (error) {
    if (databaseErrno(error) !== duplicateEntry) throw error
  }
  const stored = await storedBefore(connection, table, row)
  if (stored) return stored
  throw new ServiceError(
    'conflict',
    'Somebody else stored this in the meantime. Load the page again.',
  )
}

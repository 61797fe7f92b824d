import type { HistoryQueryDto } from '@spudder/contract/history'
import { historyKinds, type HistoryKind } from '@spudder/core/outcome/history'
import { and, desc, eq, gte, inArray, like, lt, or, sql, type SQL } from 'drizzle-orm'
import type { AnyMySqlColumn } from 'drizzle-orm/mysql-core'
import type { ChangeableTable, HistoryRow } from '../change/change.repository.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { history, stand, trial } from '../database/schema.ts'
import {
  selectThings,
  things,
  told,
  type ChangingKind,
  type Thing,
  type ToldThing,
} from './things.repository.ts'

/** Where a page of the history begins: after a moment and an id. */
export interface Cursor {
  readonly at: Date
  readonly id: string
}

interface Times {
  readonly createdBy: AnyMySqlColumn
  readonly createdAt: AnyMySqlColumn
  readonly id: AnyMySqlColumn
}

/** What a query asks of who and when. */
function whoAndWhen(
  { createdBy, createdAt, id }: Times,
  { by = '', from, to }: HistoryQueryDto,
  cursor: Cursor | undefined,
): (SQL | undefined)[] {
  return [
    by === '' ? undefined : like(createdBy, `%${by.replace(/[\\%_]/g, '\\$&')}%`),
    from === undefined ? undefined : gte(createdAt, new Date(`${from}T00:00:00Z`)),
    to === undefined ? undefined : lt(createdAt, new Date(Date.parse(`${to}T00:00:00Z`) + 864e5)),
    cursor && or(lt(createdAt, cursor.at), and(eq(createdAt, cursor.at), lt(id, cursor.id))),
  ]
}

const newestFirst = ({ createdAt, id }: Times) => [desc(createdAt), desc(id)] as const

/** What a page of history is looked for by. */
export interface Sought {
  readonly placeId: string
  readonly query: HistoryQueryDto
  readonly cursor: Cursor | undefined
}

/** Things of a place as they were first stored, the newest first, at most so many of each kind. */
export async function selectStored(
  connection: Connection,
  { placeId, query, cursor }: Sought,
): Promise<ToldThing[]> {
  const kinds = query.kind === undefined ? historyKinds : [query.kind]
  const parts = kinds.map(async (kind) => {
    const { table, standId, placeId: ofPlace }: Thing = things[kind]
    if (query.standId !== undefined && !standId) return []
    const rows = await selectThings(connection, kind)
      .where(
        and(
          ofPlace ? eq(ofPlace, placeId) : eq(stand.placeId, placeId),
          query.standId !== undefined && standId ? eq(standId, query.standId) : undefined,
          ...whoAndWhen(table, query, cursor),
        ),
      )
      .orderBy(...newestFirst(table))
      .limit(query.limit)
    return rows.map((row) => told(kind, row))
  })
  return (await Promise.all(parts)).flat()
}

/** Changes at a place, the newest first. */
export const selectChanges = (
  connection: Connection,
  { placeId, query, cursor }: Sought,
): Promise<HistoryRow[]> => {
  const { standId, kind, act, limit } = query
  return connection
    .select()
    .from(history)
    .where(
      and(
        eq(history.placeId, placeId),
        standId === undefined ? undefined : eq(history.standId, standId),
        kind === undefined ? undefined : eq(history.kind, kind),
        act === undefined ? undefined : eq(history.act, act),
        ...whoAndWhen(history, query, cursor),
      ),
    )
    .orderBy(...newestFirst(history))
    .limit(limit)
}

/** Some things by kind and id, as they are today. */
export async function selectThingsById(
  connection: Connection,
  ids: ReadonlyMap<HistoryKind, readonly string[]>,
): Promise<ReadonlyMap<string, ToldThing>> {
  const parts = [...ids].map(async ([kind, own]) => {
    const rows = await selectThings(connection, kind).where(
      inArray(things[kind].table.id, [...new Set(own)]),
    )
    return rows.map((row) => told(kind, row))
  })
  return new Map((await Promise.all(parts)).flat().map((thing) => [thing.id, thing]))
}

/** What came in with a file at once with something else of its kind. */
export interface OfFile {
  readonly kind: HistoryKind
  readonly file: string
  readonly by: string
  readonly at: Date
}

/** Everything of a kind that one file brought to a place, as it was stored. */
export async function selectOfFile(
  connection: Connection,
  placeId: string,
  { kind, file, by, at }: OfFile,
): Promise<ToldThing[]> {
  const { table, placeId: ofPlace, imported, came }: Thing = things[kind]
  const column = imported ?? came
  if (!column) return []
  const rows = await selectThings(connection, kind).where(
    and(
      ofPlace ? eq(ofPlace, placeId) : eq(stand.placeId, placeId),
      eq(table.createdBy, by),
      eq(table.createdAt, at),
      eq(sql`json_value(${column}, '$.file')`, file),
    ),
  )
  return rows.map((row) => told(kind, row))
}

/** All that was changed at once, the newest first. */
export const selectGroup = (
  connection: Connection,
  placeId: string,
  groupId: string,
): Promise<HistoryRow[]> =>
  connection
    .select()
    .from(history)
    .where(and(eq(history.placeId, placeId), eq(history.groupId, groupId)))
    .orderBy(desc(inOrder(history)))

/** Kinds whose rows are never changed. */
const unchanging: readonly HistoryKind[] = ['entry', 'remedy', 'acidPlan', 'order', 'import']
export const isChanging = (kind: HistoryKind): kind is ChangingKind => !unchanging.includes(kind)
/** The table of a kind whose rows may change. */
export const tableOf = (kind: ChangingKind): ChangeableTable => things[kind].table

/** A row of a kind, held until the transaction ends. */
export async function lockRow(
  connection: Connection,
  kind: ChangingKind,
  id: string,
): Promise<(Record<string, unknown> & { readonly id: string }) | undefined> {
  const row = await heldRow(connection, tableOf(kind), id)
  return row as (Record<string, unknown> & { readonly id: string }) | undefined
}

/** The stand of a trial, by which its ratings are found. */
export async function selectStandOfTrial(connection: Connection, trialId: string) {
  const [row] = await connection
    .select({ standId: trial.standId })
    .from(trial)
    .where(eq(trial.id, trialId))
  return row?.standId
}

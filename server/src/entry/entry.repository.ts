import type { EntryQueryDto } from '@spudder/contract/entry'
import { sources } from '@spudder/core/material/source'
import { descending } from 'd3-array'
import { and, asc, count, desc, eq, gte, inArray, lte, or, sql, type SQL } from 'drizzle-orm'
import { alias } from 'drizzle-orm/mysql-core'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { insertOnce, storedBefore } from '../database/insert-once.ts'
import { entry, product, remedy, stand } from '../database/schema.ts'
import { given, isOneOf, statement } from '../database/statement.ts'

export type EntryRow = typeof entry.$inferSelect

export const insertEntry = (connection: Connection, row: EntryRow) =>
  insertOnce(connection, entry, row)

/** The entry that was stored before from what is sent again. */
export const findEntry = <Sent extends { readonly id: string }>(
  connection: Connection,
  sent: Sent,
) => storedBefore(connection, entry, sent)

export async function selectEntry(
  connection: Connection,
  id: string,
): Promise<EntryRow | undefined> {
  const [row] = await connection.select().from(entry).where(eq(entry.id, id)).limit(1)
  return row
}

/** Every entry of some stands, corrections too, in the order of their days. */
export const selectEntriesOf = (connection: Connection, standIds: readonly string[]) =>
  connection
    .select()
    .from(entry)
    .where(inArray(entry.standId, [...standIds]))
    .orderBy(asc(entry.happenedOn), asc(inOrder(entry)))

export async function selectCorrectionOf(
  connection: Connection,
  id: string,
): Promise<EntryRow | undefined> {
  const [row] = await connection.select().from(entry).where(eq(entry.correctsId, id)).limit(1)
  return row
}

/** The remedy that an entry belongs to, with the product of the shelf it names. */
export async function selectUsed(connection: Connection, remedyId: string) {
  const [row] = await connection
    .select({ productKg: remedy.productKg, productId: remedy.productId, name: product.name })
    .from(remedy)
    .leftJoin(product, eq(remedy.productId, product.id))
    .where(eq(remedy.id, remedyId))
    .limit(1)
  return row
}

interface Named {
  readonly id: string
  readonly name: string
}

/** Names of the stands and products of a place, as they are today. */
async function selectNames(connection: Connection, placeId: string) {
  const [stands, products] = await Promise.all([
    connection
      .select({ id: stand.id, name: stand.name })
      .from(stand)
      .where(eq(stand.placeId, placeId)),
    connection
      .select({ id: product.id, name: product.name })
      .from(product)
      .where(eq(product.placeId, placeId)),
  ])
  return { stands, products }
}

/** Letters and figures alone: "Fe-EDDHA", "fe eddha" and "FeEDDHA" are one. */
const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '')

function idsWith<Row extends Named>(rows: readonly Row[], word: string): Row['id'][] {
  const wanted = plain(word)
  const isMeant = ({ name }: Row) =>
    wanted === '' ? name.toLowerCase().includes(word) : plain(name).includes(wanted)
  return rows.filter(isMeant).map(({ id }) => id)
}

/**
 * Every word of a search has to stand somewhere in the entry, or in the name that its stand, product
 * or form has today; signs of the pattern are taken as text. Words are kept in small letters and
 * compared sign by sign, which is several times faster.
 */
async function wordsMatch(connection: Connection, placeId: string, text: string) {
  const words = text
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '')
  if (words.length === 0) return []
  const { stands, products } = await selectNames(connection, placeId)
  return words.map((word) => {
    // A hyphen stands for whatever one sign stood there: "fe-eddha" was kept as "fe eddha" once.
    const pattern = `%${word.replace(/[\\%_]/g, '\\$&').replaceAll('-', '_')}%`
    const named = [
      [entry.standId, idsWith(stands, word)],
      [entry.productId, idsWith(products, word)],
      [entry.sourceId, idsWith(sources, word)],
    ] as const
    return or(
      sql`${entry.search} COLLATE utf8mb4_bin LIKE ${pattern}`,
      ...named.map(([column, ids]) => (ids.length > 0 ? inArray(column, ids) : undefined)),
    )
  })
}

const found = async (
  connection: Connection,
  placeId: string,
  { text = '', from, to, standId }: EntryQueryDto,
) =>
  and(
    eq(entry.placeId, placeId),
    ...(await wordsMatch(connection, placeId, text)),
    from === undefined ? undefined : gte(entry.happenedOn, from),
    to === undefined ? undefined : lte(entry.happenedOn, to),
    standId === undefined ? undefined : eq(entry.standId, standId),
  )

const newestFirst = [desc(entry.happenedOn), desc(inOrder(entry))]

/**
 * Ids of those found by words, the newest first. Words are looked for in every entry, so none is
 * sorted there: to go along the index in its order takes three times as long as to read the table.
 */
async function selectIdsByWords(connection: Connection, where: SQL | undefined): Promise<string[]> {
  const { id, happenedOn } = entry
  const stored = inOrder(entry)
  const rows = await connection.select({ id, happenedOn, stored }).from(entry).where(where)
  return rows
    .toSorted((a, b) => descending(a.happenedOn, b.happenedOn) || b.stored - a.stored)
    .map((row) => row.id)
}

const idsOfPage = (connection: Connection, where: SQL | undefined) =>
  connection
    .select({ id: entry.id })
    .from(entry)
    .where(where)
    .orderBy(...newestFirst)
const countOf = (connection: Connection, where: SQL | undefined) =>
  connection.select({ total: count() }).from(entry).where(where)

const newestIds = statement((connection) =>
  idsOfPage(connection, eq(entry.placeId, given('placeId')))
    .limit(given('limit'))
    .offset(given('offset'))
    .prepare(),
)
const howMany = statement((connection) =>
  countOf(connection, eq(entry.placeId, given('placeId'))).prepare(),
)

/** Ids of a page of what was found, the newest first, with how many were found in all. */
async function selectFound(connection: Connection, placeId: string, query: EntryQueryDto) {
  const where = await found(connection, placeId, query)
  const { text = '', limit, offset } = query
  if (text.trim() !== '') {
    const all = await selectIdsByWords(connection, where)
    return { ids: all.slice(offset, offset + limit), total: all.length }
  }
  // Without words both go along the index, and the page stops early.
  const isWhole = query.from === undefined && query.to === undefined && query.standId === undefined
  const [page, [sum]] = await Promise.all(
    isWhole
      ? [newestIds(connection, { placeId, limit, offset }), howMany(connection, { placeId })]
      : [idsOfPage(connection, where).limit(limit).offset(offset), countOf(connection, where)],
  )
  return { ids: page.map(({ id }) => id), total: sum?.total ?? 0 }
}

/** Lines of the record: entries with what is told beside them. */
const linesOf = statement((connection) => {
  // A later entry that corrects it.
  const later = alias(entry, 'later')
  return connection
    .select({
      entry,
      standName: stand.name,
      size: stand.size,
      measures: stand.measures,
      productName: product.name,
      correctedBy: later.id,
    })
    .from(entry)
    .innerJoin(stand, eq(entry.standId, stand.id))
    .leftJoin(product, eq(entry.productId, product.id))
    .leftJoin(later, eq(later.correctsId, entry.id))
    .where(isOneOf(entry.id, 'ids'))
    .orderBy(...newestFirst)
    .prepare()
})

/** A page of the record of a place, the newest first, with how many there are in all. */
export async function selectRecord(connection: Connection, placeId: string, query: EntryQueryDto) {
  // By the entries alone; what belongs to them is joined to the page.
  const { ids, total } = await selectFound(connection, placeId, query)
  const rows = ids.length === 0 ? [] : await linesOf(connection, { ids })
  return { rows, total }
}

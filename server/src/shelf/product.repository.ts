import { and, asc, eq, inArray, isNotNull, sql } from 'drizzle-orm'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { product } from '../database/schema.ts'

export type ProductRow = typeof product.$inferSelect

export const insertProduct = (connection: Connection, row: ProductRow) =>
  insertOnce(connection, product, row)

export const listProducts = (connection: Connection, placeId: string): Promise<ProductRow[]> =>
  connection
    .select()
    .from(product)
    .where(eq(product.placeId, placeId))
    .orderBy(asc(product.name), asc(product.id))

/** Names of products by their ids. */
export async function selectProductNames(
  connection: Connection,
  ids: readonly (string | null)[],
): Promise<ReadonlyMap<string, string>> {
  const known = [...new Set(ids)].filter((id) => id !== null)
  if (known.length === 0) return new Map()
  const rows = await connection
    .select({ id: product.id, name: product.name })
    .from(product)
    .where(inArray(product.id, known))
  return new Map(rows.map(({ id, name }) => [id, name]))
}

/** What a kilogram of products costs by the shelf of today; those without pack and price are not in it. */
export async function selectPrices(
  connection: Connection,
  ids: readonly (string | null)[],
): Promise<ReadonlyMap<string, number>> {
  const known = [...new Set(ids)].filter((id) => id !== null)
  if (known.length === 0) return new Map()
  const rows = await connection
    .select({ id: product.id, packPrice: product.packPrice, packKg: product.packKg })
    .from(product)
    .where(inArray(product.id, known))
  return new Map(
    rows.flatMap(({ id, packPrice, packKg }) =>
      packPrice !== null && packKg ? [[id, packPrice / packKg] as const] : [],
    ),
  )
}

/** Name of a product; null where there is none. */
export const productNameOf = async (connection: Connection, id: string | null) =>
  id === null ? null : ((await selectProductNames(connection, [id])).get(id) ?? null)

/** A product, held until the transaction ends. */
export const lockProduct = (connection: Connection, id: string): Promise<ProductRow | undefined> =>
  heldRow(connection, product, id)

export const keepProduct = (connection: Connection, change: Change<ProductRow>) =>
  changeRow(connection, product, change)

/** More is counted of no product [kg]. */
const mostStockKg = 1e6

/**
 * Adds to what is counted of a product, or takes away; where nobody counted, nothing changes. Used up
 * is used up: where more went out than was counted, the count was off.
 */
export const addToStock = (connection: Connection, id: string, kg: number) =>
  connection
    .update(product)
    .set({ stockKg: sql`LEAST(${mostStockKg}, GREATEST(0, ${product.stockKg} + ${kg}))` })
    .where(and(eq(product.id, id), isNotNull(product.stockKg)))

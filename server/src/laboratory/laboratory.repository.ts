import { asc, eq, inArray } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce, storedBefore } from '../database/insert-once.ts'
import { laboratoryImport, laboratoryOrder, stand } from '../database/schema.ts'

export type ImportRow = typeof laboratoryImport.$inferSelect
export type OrderRow = typeof laboratoryOrder.$inferSelect

export const insertImport = (connection: Connection, row: ImportRow) =>
  insertOnce(connection, laboratoryImport, row)

/** The import that was stored before from what is sent again. */
export const findImport = <Sent extends { readonly id: string }>(
  connection: Connection,
  sent: Sent,
) => storedBefore(connection, laboratoryImport, sent)

export const insertOrder = (connection: Connection, row: OrderRow) =>
  insertOnce(connection, laboratoryOrder, row)

export const listOrders = (connection: Connection, standId: string): Promise<OrderRow[]> =>
  connection
    .select()
    .from(laboratoryOrder)
    .where(eq(laboratoryOrder.standId, standId))
    .orderBy(asc(laboratoryOrder.orderedOn), asc(laboratoryOrder.id))

export async function selectOrder(
  connection: Connection,
  id: string,
): Promise<OrderRow | undefined> {
  const [row] = await connection.select().from(laboratoryOrder).where(eq(laboratoryOrder.id, id))
  return row
}

/** Which of some stands there are, with the place of each. */
export const selectPlacesOfStands = (connection: Connection, ids: string[]) =>
  connection
    .select({ id: stand.id, placeId: stand.placeId })
    .from(stand)
    .where(inArray(stand.id, ids))

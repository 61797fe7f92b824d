import type { Connection } from '../database/connect.ts'
import { insertOnce, storedBefore } from '../database/insert-once.ts'
import { look } from '../database/schema.ts'

export type LookRow = typeof look.$inferSelect

export const insertLook = (connection: Connection, row: LookRow) =>
  insertOnce(connection, look, row)

/** The look that was stored before from what is sent again. */
export const findLook = <Sent extends { readonly id: string }>(
  connection: Connection,
  sent: Sent,
) => storedBefore(connection, look, sent)

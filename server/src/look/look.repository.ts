import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { look } from '../database/schema.ts'

export type LookRow = typeof look.$inferSelect

export const insertLook = (connection: Connection, row: LookRow) =>
  insertOnce(
    connection,
    look,
    row,
    (stored) => stored.standId === row.standId && stored.lookedOn === row.lookedOn,
  )

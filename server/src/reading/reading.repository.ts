import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { reading } from '../database/schema.ts'

export type ReadingRow = typeof reading.$inferSelect

export const insertReading = (connection: Connection, row: ReadingRow) =>
  insertOnce(connection, reading, row)

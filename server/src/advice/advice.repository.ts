import { and, desc, eq, inArray } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { insertOnce } from '../database/insert-once.ts'
import { advice } from '../database/schema.ts'

type AdviceRow = typeof advice.$inferSelect

export const insertAdvice = (connection: Connection, row: AdviceRow) =>
  insertOnce(connection, advice, row)

/** What was written of some stands and not struck out, the newest first. */
export const listAdvice = (
  connection: Connection,
  standIds: readonly string[],
): Promise<AdviceRow[]> =>
  connection
    .select()
    .from(advice)
    .where(and(inArray(advice.standId, [...standIds]), eq(advice.isStruck, false)))
    .orderBy(desc(advice.givenOn), desc(inOrder(advice)))

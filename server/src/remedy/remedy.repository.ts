import { and, asc, eq, inArray } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { insertOnce, storedBefore } from '../database/insert-once.ts'
import { selectReadings } from '../reading/reading.repository.ts'
import { selectFamilies } from '../stand/stand.repository.ts'
import { look, remedy, storyEvent } from '../database/schema.ts'

export type RemedyRow = typeof remedy.$inferSelect

export const insertRemedy = (connection: Connection, row: RemedyRow) =>
  insertOnce(connection, remedy, row)

/** The remedy that was stored before from what is sent again. */
export const findRemedy = <Sent extends { readonly id: string }>(
  connection: Connection,
  sent: Sent,
) => storedBefore(connection, remedy, sent)

/** The looks of a case and what was measured and told of its stand: what a verdict is drawn from. */
export async function selectEvidence(connection: Connection, caseId: string, standId: string) {
  const looks = await connection
    .select()
    .from(look)
    .where(and(eq(look.caseId, caseId), eq(look.isStruck, false)))
    .orderBy(asc(look.lookedOn), asc(inOrder(look)))
  const { ids } = await selectFamilies(connection, [standId])
  const readings = await selectReadings(connection, ids)
  const events = await connection
    .select()
    .from(storyEvent)
    .where(and(inArray(storyEvent.standId, [...ids]), eq(storyEvent.isStruck, false)))
    .orderBy(asc(storyEvent.happenedOn), asc(inOrder(storyEvent)))
  return { looks, readings, events }
}

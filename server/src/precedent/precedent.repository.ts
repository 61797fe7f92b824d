import { and, asc, desc, eq, inArray, isNotNull } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { chlorosisCase, entry, remedy, stand } from '../database/schema.ts'

/** Closed cases of a place with their stands, the newest first, so many at most. */
export const selectClosedCases = (connection: Connection, placeId: string, most: number) =>
  connection
    .select({ of: chlorosisCase, stand })
    .from(chlorosisCase)
    .innerJoin(stand, eq(stand.id, chlorosisCase.standId))
    .where(and(eq(stand.placeId, placeId), isNotNull(chlorosisCase.closedOn)))
    .orderBy(desc(chlorosisCase.closedOn), desc(inOrder(chlorosisCase)))
    .limit(most)

/** What was chosen and put out in some cases, in the order of their days. */
export async function selectDone(connection: Connection, caseIds: readonly string[]) {
  if (caseIds.length === 0) return { remedies: [], entries: [] }
  const [remedies, entries] = await Promise.all([
    connection
      .select()
      .from(remedy)
      .where(inArray(remedy.caseId, [...caseIds]))
      .orderBy(asc(inOrder(remedy))),
    connection
      .select()
      .from(entry)
      .where(inArray(entry.caseId, [...caseIds]))
      .orderBy(asc(entry.happenedOn), asc(inOrder(entry))),
  ])
  return { remedies, entries }
}

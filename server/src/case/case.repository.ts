import { and, eq, isNull } from 'drizzle-orm'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { chlorosisCase } from '../database/schema.ts'

export type CaseRow = typeof chlorosisCase.$inferSelect

/** Cases of a stand that are open; there is one at most, except in the middle of a change. */
export const selectOpenCases = (connection: Connection, standId: string): Promise<CaseRow[]> =>
  connection
    .select()
    .from(chlorosisCase)
    .where(and(eq(chlorosisCase.standId, standId), isNull(chlorosisCase.closedOn)))

export const selectOpenCase = async (
  connection: Connection,
  standId: string,
): Promise<CaseRow | undefined> => (await selectOpenCases(connection, standId))[0]

export const lockCase = (connection: Connection, id: string): Promise<CaseRow | undefined> =>
  heldRow(connection, chlorosisCase, id)

export const insertCase = (connection: Connection, row: CaseRow) =>
  connection.insert(chlorosisCase).values(row)

export const keepCase = (connection: Connection, change: Change<CaseRow>) =>
  changeRow(connection, chlorosisCase, change)

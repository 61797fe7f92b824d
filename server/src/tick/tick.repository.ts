import { asc, eq, sql } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { sheetTick } from '../database/schema.ts'

export type TickRow = typeof sheetTick.$inferSelect

export const selectTicks = (connection: Connection, jobId: string): Promise<TickRow[]> =>
  connection
    .select()
    .from(sheetTick)
    .where(eq(sheetTick.jobId, jobId))
    .orderBy(asc(sheetTick.part), asc(sheetTick.number))

/** Keeps a tick; of two for one line the later one holds, in whatever order they come in. */
export async function keepTick(connection: Connection, row: TickRow): Promise<void> {
  const isLater = sql`values(${sql.identifier('at')}) >= ${sheetTick.at}`
  const later = (column: string, kept: unknown) =>
    sql`if(${isLater}, values(${sql.identifier(column)}), ${kept})`
  await connection
    .insert(sheetTick)
    .values(row)
    // The moment last: what comes before it is still compared with the old one.
    .onDuplicateKeyUpdate({
      set: {
        isTicked: later('is_ticked', sheetTick.isTicked),
        createdBy: later('created_by', sheetTick.createdBy),
        at: later('at', sheetTick.at),
      },
    })
}

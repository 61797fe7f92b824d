import { eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { entry, job, look, reading, stand } from '../database/schema.ts'

/** Rows at once in one statement. */
const rowsAtOnce = 500

type Insert = {
  readonly stand: typeof stand.$inferInsert
  readonly reading: typeof reading.$inferInsert
  readonly look: typeof look.$inferInsert
  readonly job: typeof job.$inferInsert
  readonly entry: typeof entry.$inferInsert
}
const tables = { stand, reading, look, job, entry } as const

/** Stores many rows, in parts, and says after each how many are there. */
export async function insertMany<Name extends keyof Insert>(
  connection: Connection,
  name: Name,
  rows: readonly Insert[Name][],
  done: (count: number) => void = () => undefined,
): Promise<void> {
  for (let from = 0; from < rows.length; from += rowsAtOnce) {
    const part = rows.slice(from, from + rowsAtOnce)
    await connection.insert(tables[name]).values(part as never)
    done(from + part.length)
  }
}

/** Stands of a place with what is needed to find them in a file. */
export const selectKnownStands = (connection: Connection, placeId: string) =>
  connection
    .select({ id: stand.id, name: stand.name, context: stand.context })
    .from(stand)
    .where(eq(stand.placeId, placeId))

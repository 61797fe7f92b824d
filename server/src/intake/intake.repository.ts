import { and, eq, lt } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { entry, job, look, reading, stand, underWay } from '../database/schema.ts'

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
  done: (count: number) => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  for (let from = 0; from < rows.length; from += rowsAtOnce) {
    const part = rows.slice(from, from + rowsAtOnce)
    await connection.insert(tables[name]).values(part as never)
    await done(from + part.length)
  }
}

/** Stands of a place with what is needed to find them in a file. */
export const selectKnownStands = (connection: Connection, placeId: string) =>
  connection
    .select({ id: stand.id, name: stand.name, context: stand.context })
    .from(stand)
    .where(eq(stand.placeId, placeId))

/** A file on its way in, and where to. */
export interface OnItsWay {
  readonly placeId: string
  readonly intakeId: string
}

/** What is older was left by a server that was killed [ms]. */
const forgottenAfterMs = 86_400_000

/** Notes how far a file is. Beside its transaction, of which nobody else sees anything yet. */
export async function noteUnderWay(
  connection: Connection,
  { placeId, intakeId: id }: OnItsWay,
  { stored, total }: { readonly stored: number; readonly total: number },
): Promise<void> {
  const row = { id, placeId, stored, total, begunAt: new Date() }
  await connection.insert(underWay).values(row).onDuplicateKeyUpdate({ set: { stored } })
}

export async function selectUnderWay(
  connection: Connection,
  { placeId, intakeId }: OnItsWay,
): Promise<{ readonly stored: number; readonly total: number } | undefined> {
  const isIt = and(eq(underWay.id, intakeId), eq(underWay.placeId, placeId))
  const [row] = await connection.select().from(underWay).where(isIt)
  return row
}

/** Forgets a file that is in, or did not come in, and those that nobody ended. */
export async function forgetUnderWay(connection: Connection, intakeId: string): Promise<void> {
  await connection.delete(underWay).where(eq(underWay.id, intakeId))
  const before = new Date(Date.now() - forgottenAfterMs)
  await connection.delete(underWay).where(lt(underWay.begunAt, before))
}

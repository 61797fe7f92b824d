import { and, asc, eq, like, sql, type AnyColumn } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { product, sprayer, stand, trial } from '../database/schema.ts'

/** So many of each kind; whoever wants another types one letter more. */
const mostOfKind = 8

/** A text as a pattern that holds it anywhere: what stands for "anything" in SQL stands for itself. */
const holding = (column: AnyColumn, text: string) =>
  like(column, `%${text.replace(/[\\%_]/g, '\\$&')}%`)

/** What begins so comes first. */
const firstMatch = (column: AnyColumn, text: string) => asc(sql`locate(${text}, ${column})`)

/** Things of a place whose name holds a text, each kind by where the text stands in it. */
export async function selectFound(connection: Connection, placeId: string, text: string) {
  const [stands, products, sprayers, trials] = await Promise.all([
    connection
      .select({ id: stand.id, name: stand.name })
      .from(stand)
      .where(and(eq(stand.placeId, placeId), holding(stand.name, text)))
      .orderBy(firstMatch(stand.name, text), asc(stand.name))
      .limit(mostOfKind),
    connection
      .select({ id: product.id, name: product.name })
      .from(product)
      .where(and(eq(product.placeId, placeId), holding(product.name, text)))
      .orderBy(firstMatch(product.name, text), asc(product.name))
      .limit(mostOfKind),
    connection
      .select({ id: sprayer.id, name: sprayer.name })
      .from(sprayer)
      .where(and(eq(sprayer.placeId, placeId), holding(sprayer.name, text)))
      .orderBy(firstMatch(sprayer.name, text), asc(sprayer.name))
      .limit(mostOfKind),
    connection
      .select({ id: trial.id, name: trial.name, standId: stand.id, standName: stand.name })
      .from(trial)
      .innerJoin(stand, eq(trial.standId, stand.id))
      .where(and(eq(stand.placeId, placeId), eq(trial.isStruck, false), holding(trial.name, text)))
      .orderBy(firstMatch(trial.name, text), asc(trial.name))
      .limit(mostOfKind),
  ])
  return { stands, products, sprayers, trials }
}

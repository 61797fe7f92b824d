import type { MendableKind } from '@spudder/contract/history'
import { eq } from 'drizzle-orm'
import type { AnyMySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { Connection } from '../database/connect.ts'
import {
  chlorosisCase,
  entry,
  advice,
  drill,
  eyeSitting,
  jarTest,
  job,
  laboratoryOrder,
  look,
  photo,
  product,
  reading,
  sprayer,
  stand,
  storyEvent,
  trial,
  trialRating,
  zone,
} from '../database/schema.ts'

type FindPlace = (connection: Connection, id: string) => Promise<string | undefined>
type WithId = MySqlTable & { readonly id: AnyMySqlColumn }

const firstOf = (rows: readonly { readonly placeId: unknown }[]) =>
  rows[0] === undefined ? undefined : String(rows[0].placeId)

/** Of a table whose rows name their place. */
const byPlace =
  (table: WithId & { readonly placeId: AnyMySqlColumn }): FindPlace =>
  async (connection, id) =>
    firstOf(
      await connection
        .select({ placeId: table.placeId })
        .from(table as MySqlTable)
        .where(eq(table.id, id))
        .limit(1),
    )

/** Of a table whose rows name their stand. */
const byStand =
  (table: WithId & { readonly standId: AnyMySqlColumn }): FindPlace =>
  async (connection, id) =>
    firstOf(
      await connection
        .select({ placeId: stand.placeId })
        .from(table as MySqlTable)
        .innerJoin(stand, eq(stand.id, table.standId))
        .where(eq(table.id, id))
        .limit(1),
    )

const ofRating: FindPlace = async (connection, id) =>
  firstOf(
    await connection
      .select({ placeId: stand.placeId })
      .from(trialRating)
      .innerJoin(trial, eq(trial.id, trialRating.trialId))
      .innerJoin(stand, eq(stand.id, trial.standId))
      .where(eq(trialRating.id, id))
      .limit(1),
  )

/** How the place is found that a parameter of a path leads to. */
const byName: Readonly<Record<string, FindPlace>> = {
  placeId: (_connection, id) => Promise.resolve(id),
  standId: byPlace(stand),
  caseId: byStand(chlorosisCase),
  jobId: byStand(job),
  entryId: byPlace(entry),
  productId: byPlace(product),
  sprayerId: byPlace(sprayer),
  trialId: byStand(trial),
  zoneId: byStand(zone),
  photoId: byStand(photo),
  orderId: byStand(laboratoryOrder),
}

/** The same where a path names the kind of a thing; a kind without a way does not compile. */
const byKind: Readonly<Record<MendableKind, FindPlace>> = {
  reading: byStand(reading),
  event: byStand(storyEvent),
  look: byStand(look),
  photo: byStand(photo),
  trial: byStand(trial),
  rating: ofRating,
  jarTest: byPlace(jarTest),
  eye: byPlace(eyeSitting),
  drill: byPlace(drill),
  advice: byStand(advice),
}

export type Params = Readonly<Record<string, string>>

/** The way to a place that a path has; the first of its parameters that has one. */
function wayOf(names: readonly string[]): string | undefined {
  if (names.includes('kind') && names.includes('id')) return 'kind'
  return names.find((name) => name in byName)
}

/** Whether a path with these parameters leads to a place. */
export const leadsToPlace = (names: readonly string[]): boolean => wayOf(names) !== undefined

/**
 * The place that the parameters of a path lead to; undefined where nothing is under them.
 * @throws {Error} a fault of ours: a path that leads to no place
 */
export function placeOf(connection: Connection, params: Params): Promise<string | undefined> {
  const way = wayOf(Object.keys(params))
  const find =
    way === 'kind'
      ? byKind[params['kind'] as MendableKind]
      : way === undefined
        ? undefined
        : byName[way]
  if (find) return find(connection, String(params[way === 'kind' ? 'id' : (way ?? '')]))
  if (way === 'kind') return Promise.resolve(undefined)
  throw new Error(`no place is under ${Object.keys(params).join(', ')}`)
}

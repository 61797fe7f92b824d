import { and, asc, eq, exists, gt, isNull, or, sql } from 'drizzle-orm'
import { sessionHolds } from '../access/session.service.ts'
import type { Connection, Database } from '../database/connect.ts'
import {
  installation,
  pushSubscription as subscription,
  session,
  type PushKeys,
} from '../database/schema.ts'

export type { PushKeys } from '../database/schema.ts'
export type SubscriptionRow = typeof subscription.$inferSelect

export async function selectPushKeys(connection: Connection): Promise<PushKeys | undefined> {
  const [row] = await connection
    .select({ keys: installation.pushKeys })
    .from(installation)
    .where(eq(installation.id, 1))
  return row?.keys ?? undefined
}

/** Keeps keys, unless another server was faster. @returns those that are kept */
export const keepPushKeys = (db: Database, keys: PushKeys): Promise<PushKeys> =>
  db.transaction(async (transaction) => {
    const [row] = await transaction
      .select({ keys: installation.pushKeys })
      .from(installation)
      .where(eq(installation.id, 1))
      .for('update')
    if (row?.keys) return row.keys
    await transaction
      .insert(installation)
      .values({ id: 1, pushKeys: keys })
      .onDuplicateKeyUpdate({ set: { pushKeys: keys } })
    return keys
  })

/** Whether the sign-in that a device was subscribed in goes on; or whoever works alone still does. */
function goesOn(connection: Connection, at: Date) {
  const signedIn = connection
    .select({ one: sql`1` })
    .from(session)
    .where(
      and(
        eq(session.id, subscription.sessionId),
        eq(session.isEnded, false),
        gt(session.seenAt, new Date(at.getTime() - sessionHolds.idle)),
        gt(session.createdAt, new Date(at.getTime() - sessionHolds.ever)),
      ),
    )
  const alone = connection
    .select({ one: sql`1` })
    .from(installation)
    .where(eq(installation.singlePersonId, subscription.personId))
  return or(exists(signedIn), and(isNull(subscription.sessionId), exists(alone)))
}

/** The devices that are told things: everybody's, or those of one person. */
export const selectSubscriptions = (connection: Connection, at: Date, personId?: string) =>
  connection
    .select()
    .from(subscription)
    .where(
      and(
        goesOn(connection, at),
        personId === undefined ? undefined : eq(subscription.personId, personId),
      ),
    )
    .orderBy(asc(subscription.createdAt), asc(subscription.id))

/** A device is told things for whoever asked last. */
export const putSubscription = (connection: Connection, { id, ...row }: SubscriptionRow) =>
  connection
    .insert(subscription)
    .values({ id, ...row })
    .onDuplicateKeyUpdate({ set: row })

/** @returns whether there was one of theirs */
export async function deleteSubscription(
  connection: Connection,
  personId: string,
  id: string,
): Promise<boolean> {
  const [{ affectedRows }] = await connection
    .delete(subscription)
    .where(and(eq(subscription.id, id), eq(subscription.personId, personId)))
  return affectedRows === 1
}

import { randomUUID } from 'node:crypto'
import type { Connection } from '../database/connect.ts'
import { fingerprintOf, newSecret } from './secret.ts'
import {
  insertSession,
  selectSession,
  turnSession,
  updateSession,
  type PersonRow,
} from './session.repository.ts'
import type { WhereFrom } from './where-from.ts'

const minute = 60_000
const day = 24 * 60 * minute
/** How long a sign-in holds, used no more and at all, by common practice. A crew's phone lies in the shed over a week. */
export const sessionHolds = { idle: 14 * day, ever: 90 * day } as const
/** After so long the secret is another one: one that was copied is of no use for long. */
const turnsAfter = day
/** So long the one before is taken: by requests that were under way when it was turned. */
const formerHolds = minute
/** No more often is it noted when a device was last seen. */
const seenEvery = 5 * minute

/** A sign-in as a request shows it. */
export interface SignedIn {
  readonly sessionId: string
  readonly person: PersonRow
  /** The secret that the device shall show from now on; undefined where it goes on with the one it has. */
  readonly turned: string | undefined
}

/** Begins a sign-in under a secret of its own: nothing that was there before is gone on with. */
export async function beginSession(
  connection: Connection,
  personId: string,
  { address, device }: WhereFrom,
): Promise<{ readonly id: string; readonly secret: string }> {
  const secret = newSecret()
  const id = randomUUID()
  const now = new Date()
  await insertSession(connection, {
    id,
    personId,
    token: fingerprintOf(secret),
    formerToken: null,
    turnedAt: now,
    device,
    address,
    createdAt: now,
    seenAt: now,
    isEnded: false,
  })
  return { id, secret }
}

/**
 * Who shows a secret.
 * @returns undefined for one that nobody has, or that holds no more; 'stolen' for one that was turned long
 *   ago, which only a copy can show: that sign-in is ended
 */
export async function knownBySecret(
  connection: Connection,
  secret: string,
): Promise<SignedIn | 'stolen' | undefined> {
  const shown = fingerprintOf(secret)
  const known = await selectSession(connection, shown)
  if (!known) return undefined
  const { session, person } = known
  const now = new Date()
  const isOver =
    now.getTime() - session.seenAt.getTime() > sessionHolds.idle ||
    now.getTime() - session.createdAt.getTime() > sessionHolds.ever
  if (isOver) {
    await updateSession(connection, session.id, { isEnded: true })
    return undefined
  }
  const sinceTurned = now.getTime() - session.turnedAt.getTime()
  const isFormer = session.token !== shown
  if (isFormer && sinceTurned > formerHolds) {
    await updateSession(connection, session.id, { isEnded: true })
    return 'stolen'
  }
  if (now.getTime() - session.seenAt.getTime() > seenEvery)
    await updateSession(connection, session.id, { seenAt: now })
  const isDue = !isFormer && sinceTurned > turnsAfter
  return {
    sessionId: session.id,
    person,
    turned: isDue ? await turned(connection, session.id, shown, now) : undefined,
  }
}

async function turned(connection: Connection, id: string, was: string, at: Date) {
  const next = newSecret()
  const isTurned = await turnSession(connection, id, { was, is: fingerprintOf(next), at })
  return isTurned ? next : undefined
}

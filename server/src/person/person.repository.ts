import { and, asc, desc, eq, gt, inArray, isNull, lt, ne, sql } from 'drizzle-orm'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import type { PersonRow } from '../access/session.repository.ts'
import {
  apiToken,
  challenge,
  invitation,
  membership,
  passkey,
  person,
  place,
} from '../database/schema.ts'

export type InvitationRow = typeof invitation.$inferSelect
export type PasskeyRow = typeof passkey.$inferSelect
export type TokenRow = typeof apiToken.$inferSelect

/** Whoever signs in by a name, in capital letters or small ones. */
export async function selectBySignInName(
  connection: Connection,
  signInName: string,
): Promise<PersonRow | undefined> {
  const [row] = await connection.select().from(person).where(eq(person.signInName, signInName))
  return row
}

export async function selectPerson(
  connection: Connection,
  id: string,
): Promise<PersonRow | undefined> {
  const [row] = await connection.select().from(person).where(eq(person.id, id))
  return row
}

/** As {@link selectPerson}, held until the transaction ends. */
export const lockPerson = (connection: Connection, id: string): Promise<PersonRow | undefined> =>
  heldRow(connection, person, id)

export const updatePerson = (connection: Connection, id: string, change: Partial<PersonRow>) =>
  connection.update(person).set(change).where(eq(person.id, id))

/** Takes a step of time for a code, unless one as late was taken. @returns whether it was free */
export async function takeStep(
  connection: Connection,
  id: string,
  totpStep: number,
): Promise<boolean> {
  const [{ affectedRows }] = await connection
    .update(person)
    .set({ totpStep })
    .where(and(eq(person.id, id), lt(person.totpStep, totpStep)))
  return affectedRows === 1
}

/** Places where a person is something and another is not the owner. */
export const selectPlacesBeyond = (connection: Connection, personId: string, ownerId: string) =>
  connection
    .select({ placeId: membership.placeId })
    .from(membership)
    .where(
      and(
        eq(membership.personId, personId),
        sql`not exists (select 1 from membership owned where owned.place_id = ${membership.placeId} and owned.person_id = ${ownerId} and owned.role = 'owner')`,
      ),
    )

export const insertInvitation = (connection: Connection, row: InvitationRow) =>
  connection.insert(invitation).values(row)

/** A link that still opens, with the name of the place that it leads to. */
export async function selectInvitation(connection: Connection, token: string, now: Date) {
  const [row] = await connection
    .select({ invitation, placeName: place.name })
    .from(invitation)
    .leftJoin(place, eq(place.id, invitation.placeId))
    .where(
      and(
        eq(invitation.token, token),
        isNull(invitation.usedAt),
        eq(invitation.isWithdrawn, false),
        gt(invitation.endsAt, now),
      ),
    )
  return row
}

/** Marks a link as followed, unless it was. @returns whether it was free */
export async function spendInvitation(
  connection: Connection,
  id: string,
  usedAt: Date,
): Promise<boolean> {
  const [{ affectedRows }] = await connection
    .update(invitation)
    .set({ usedAt })
    .where(and(eq(invitation.id, id), isNull(invitation.usedAt), eq(invitation.isWithdrawn, false)))
  return affectedRows === 1
}

export const selectInvitations = (
  connection: Connection,
  placeId: string,
): Promise<InvitationRow[]> =>
  connection
    .select()
    .from(invitation)
    .where(eq(invitation.placeId, placeId))
    .orderBy(desc(invitation.createdAt))

/** Withdraws a link of a place that was not followed. */
export const withdrawInvitationOf = (connection: Connection, placeId: string, id: string) =>
  connection
    .update(invitation)
    .set({ isWithdrawn: true })
    .where(and(eq(invitation.id, id), eq(invitation.placeId, placeId), isNull(invitation.usedAt)))

export const insertToken = (connection: Connection, row: TokenRow) =>
  connection.insert(apiToken).values(row)

/** Keys of a place: of one person, or of everybody. */
export const selectTokens = (connection: Connection, placeId: string, personId?: string) =>
  connection
    .select({ token: apiToken, personName: person.name })
    .from(apiToken)
    .innerJoin(person, eq(person.id, apiToken.personId))
    .where(
      and(
        eq(apiToken.placeId, placeId),
        personId === undefined ? undefined : eq(apiToken.personId, personId),
      ),
    )
    .orderBy(desc(apiToken.createdAt))

export const withdrawTokens = (
  connection: Connection,
  placeId: string,
  { id, personId }: { readonly id?: string; readonly personId?: string },
) =>
  connection
    .update(apiToken)
    .set({ isWithdrawn: true })
    .where(
      and(
        eq(apiToken.placeId, placeId),
        id === undefined ? undefined : eq(apiToken.id, id),
        personId === undefined ? undefined : eq(apiToken.personId, personId),
      ),
    )

export const insertChallenge = (connection: Connection, row: typeof challenge.$inferInsert) =>
  connection.insert(challenge).values(row)

/** Takes a question away, so that it is answered once; those that nobody answered go with it. */
export async function takeChallenge(connection: Connection, id: string, now: Date) {
  const [row] = await connection.select().from(challenge).where(eq(challenge.id, id)).for('update')
  await connection.delete(challenge).where(eq(challenge.id, id))
  await connection.delete(challenge).where(lt(challenge.endsAt, now))
  return row && row.endsAt > now ? row : undefined
}

export const selectPasskeys = (connection: Connection, personId: string): Promise<PasskeyRow[]> =>
  connection
    .select()
    .from(passkey)
    .where(eq(passkey.personId, personId))
    .orderBy(asc(passkey.createdAt))

export async function selectPasskey(
  connection: Connection,
  credentialId: string,
): Promise<PasskeyRow | undefined> {
  const rows = await connection.select().from(passkey).where(eq(passkey.credentialId, credentialId))
  // The column does not tell capital letters from small ones.
  return rows.find((row) => row.credentialId === credentialId)
}

export const insertPasskey = (connection: Connection, row: PasskeyRow) =>
  connection.insert(passkey).values(row)

export const usePasskey = (connection: Connection, id: string, counter: number, usedAt: Date) =>
  connection.update(passkey).set({ counter, usedAt }).where(eq(passkey.id, id))

export const deletePasskey = (connection: Connection, personId: string, id: string) =>
  connection.delete(passkey).where(and(eq(passkey.id, id), eq(passkey.personId, personId)))

/** Everybody but one, with what they are at places: the eyes of a demo. */
export const selectEyes = (connection: Connection, placeIds: readonly string[], butId: string) =>
  placeIds.length === 0
    ? Promise.resolve([])
    : connection
        .select({ id: person.id, name: person.name, role: membership.role })
        .from(membership)
        .innerJoin(person, eq(person.id, membership.personId))
        .where(and(inArray(membership.placeId, [...placeIds]), ne(person.id, butId)))
        .orderBy(asc(person.name))

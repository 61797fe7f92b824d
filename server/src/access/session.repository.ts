import { and, desc, eq, gt, ne, or, sql } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { given, statement } from '../database/statement.ts'
import { apiToken, installation, person, session } from '../database/schema.ts'

export type SessionRow = typeof session.$inferSelect
export type PersonRow = typeof person.$inferSelect

export const insertSession = (connection: Connection, row: SessionRow) =>
  connection.insert(session).values(row)

const byToken = statement((connection) =>
  connection
    .select({ session, person })
    .from(session)
    .innerJoin(person, eq(person.id, session.personId))
    .where(
      and(
        or(eq(session.token, given('token')), eq(session.formerToken, given('token'))),
        eq(session.isEnded, false),
      ),
    )
    .limit(1)
    .prepare(),
)

/** The sign-in that a secret belongs to, by its fingerprint. */
export async function selectSession(connection: Connection, token: string) {
  const [row] = await byToken(connection, { token })
  return row
}

const alone = statement((connection) =>
  connection
    .select({ person })
    .from(installation)
    .innerJoin(person, eq(person.id, installation.singlePersonId))
    .prepare(),
)

/** Who works here alone; undefined where people sign in. */
export async function selectAlone(connection: Connection): Promise<PersonRow | undefined> {
  const [row] = await alone(connection, {})
  return row?.person
}

export const updateSession = (connection: Connection, id: string, change: Partial<SessionRow>) =>
  connection.update(session).set(change).where(eq(session.id, id))

/** Gives a sign-in another secret, unless a request beside this one did. */
export async function turnSession(
  connection: Connection,
  id: string,
  { was, is, at }: { readonly was: string; readonly is: string; readonly at: Date },
): Promise<boolean> {
  const [{ affectedRows }] = await connection
    .update(session)
    .set({ token: is, formerToken: was, turnedAt: at })
    .where(and(eq(session.id, id), eq(session.token, was)))
  return affectedRows === 1
}

/** The sign-ins of a person that hold, the last used first. */
export const selectSessions = (connection: Connection, personId: string, since: Date) =>
  connection
    .select()
    .from(session)
    .where(
      and(eq(session.personId, personId), eq(session.isEnded, false), gt(session.seenAt, since)),
    )
    .orderBy(desc(session.seenAt))

/** Ends one sign-in of a person. @returns whether there was one */
export async function endSessionOf(
  connection: Connection,
  personId: string,
  id: string,
): Promise<boolean> {
  const [{ affectedRows }] = await connection
    .update(session)
    .set({ isEnded: true })
    .where(and(eq(session.id, id), eq(session.personId, personId), eq(session.isEnded, false)))
  return affectedRows === 1
}

/** Ends every sign-in of a person but one. */
export const endOtherSessions = (connection: Connection, personId: string, keptId: string | null) =>
  connection
    .update(session)
    .set({ isEnded: true })
    .where(
      and(eq(session.personId, personId), keptId === null ? undefined : ne(session.id, keptId)),
    )

/** A key of a program with whom it works for, by its fingerprint. */
export async function selectToken(connection: Connection, token: string) {
  const [row] = await connection
    .select({ token: apiToken, person })
    .from(apiToken)
    .innerJoin(person, eq(person.id, apiToken.personId))
    .where(and(eq(apiToken.token, token), eq(apiToken.isWithdrawn, false)))
    .limit(1)
  return row
}

/** Notes that a key was used, at most once a minute. */
export const touchToken = (connection: Connection, id: string, at: Date) =>
  connection
    .update(apiToken)
    .set({ usedAt: at })
    .where(
      and(
        eq(apiToken.id, id),
        or(sql`${apiToken.usedAt} is null`, sql`${apiToken.usedAt} < ${at} - interval 1 minute`),
      ),
    )

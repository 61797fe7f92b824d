import { and, asc, eq, gte, isNull, or, sql } from 'drizzle-orm'
import { holdOn } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { given, statement } from '../database/statement.ts'
import { installation, membership, person, place, session } from '../database/schema.ts'
import type { PersonRow } from './session.repository.ts'

export type MembershipRow = typeof membership.$inferSelect

/** Whether what somebody is at a place holds on a day: until its last, or for as long as nobody ends it. */
export const holds = (day: unknown) =>
  or(isNull(membership.untilDay), gte(membership.untilDay, sql`${day}`))

const one = statement((connection) =>
  connection
    .select({ membership })
    .from(membership)
    .where(
      and(
        eq(membership.personId, given('personId')),
        eq(membership.placeId, given('placeId')),
        holds(given('day')),
      ),
    )
    .prepare(),
)

/** What a person is at a place on a day; undefined for who is nothing there. */
export async function selectMembership(
  connection: Connection,
  personId: string,
  placeId: string,
  day: string,
): Promise<MembershipRow | undefined> {
  const [row] = await one(connection, { personId, placeId, day })
  return row?.membership
}

/** What a person is anywhere on a day, in the order in which the places were stored. */
export const selectMemberships = (
  connection: Connection,
  personId: string,
  day: string,
): Promise<MembershipRow[]> =>
  connection
    .select()
    .from(membership)
    .where(and(eq(membership.personId, personId), holds(day)))
    .orderBy(asc(membership.createdAt), asc(membership.placeId))

/** Everybody who is something at a place, whether or not it still holds. */
export const selectMembers = (connection: Connection, placeId: string) =>
  connection
    .select({
      membership,
      person,
      seenAt: sql<
        string | null
      >`(select max(${session.seenAt}) from ${session} where ${session.personId} = ${person.id})`,
    })
    .from(membership)
    .innerJoin(person, eq(person.id, membership.personId))
    .where(eq(membership.placeId, placeId))
    .orderBy(asc(person.name), asc(person.id))

/** Those who own a place, held until the transaction ends. */
export async function lockOwners(connection: Connection, placeId: string) {
  await holdOn(connection, placeId)
  return connection
    .select()
    .from(membership)
    .where(and(eq(membership.placeId, placeId), eq(membership.role, 'owner')))
    .for('update')
}

/** Whether there is a place of this id, whoever works there. */
export async function isPlace(connection: Connection, id: string): Promise<boolean> {
  const rows = await connection.select({ id: place.id }).from(place).where(eq(place.id, id))
  return rows.length > 0
}

export const insertMembership = (connection: Connection, row: MembershipRow) =>
  connection.insert(membership).values(row)

/** Makes somebody something at a place, whatever they were there before. */
export const putMembership = (connection: Connection, row: MembershipRow) =>
  connection
    .insert(membership)
    .values(row)
    .onDuplicateKeyUpdate({ set: { role: row.role, untilDay: row.untilDay } })

export const deleteMembership = (connection: Connection, personId: string, placeId: string) =>
  connection
    .delete(membership)
    .where(and(eq(membership.personId, personId), eq(membership.placeId, placeId)))

/** Places that nobody owns, as those that were there before anybody was. */
export const selectUnowned = (connection: Connection) =>
  connection
    .select({ id: place.id })
    .from(place)
    .where(
      sql`not exists (select 1 from ${membership} where ${membership.placeId} = ${place.id} and ${membership.role} = 'owner')`,
    )

export const insertPerson = (connection: Connection, row: PersonRow) =>
  connection.insert(person).values(row)

/** The one row of the installation, held until the transaction ends. */
export async function lockInstallation(connection: Connection) {
  const [row] = await connection
    .select()
    .from(installation)
    .where(eq(installation.id, 1))
    .for('update')
  return row
}
export const putInstallation = (connection: Connection, singlePersonId: string | null) =>
  connection
    .insert(installation)
    .values({ id: 1, singlePersonId })
    .onDuplicateKeyUpdate({ set: { singlePersonId } })

/** How many people there are. */
export async function countPeople(connection: Connection): Promise<number> {
  const [row] = await connection.select({ count: sql<number>`count(*)` }).from(person)
  return Number(row?.count ?? 0)
}

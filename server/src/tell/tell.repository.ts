import { and, asc, eq, gt, inArray, isNotNull, lt } from 'drizzle-orm'
import type { AuditAct } from '@spudder/contract/person'
import { holds } from '../access/membership.repository.ts'
import type { Connection, Database } from '../database/connect.ts'
import { holdOn } from '../database/hold.repository.ts'
import { audit, membership, person, place, told } from '../database/schema.ts'

export type PersonRow = typeof person.$inferSelect
export type ActRow = typeof audit.$inferSelect

/** Everybody who gave an address for letters. */
export const selectPeople = (connection: Connection) =>
  connection.select().from(person).where(isNotNull(person.email)).orderBy(asc(person.id))

/** Some people, with each place where they are something on a day. */
export const selectAddressees = (
  connection: Connection,
  personIds: readonly string[],
  day: string,
) =>
  connection
    .select({ person, placeId: place.id, placeName: place.name, role: membership.role })
    .from(person)
    .innerJoin(membership, eq(membership.personId, person.id))
    .innerJoin(place, eq(place.id, membership.placeId))
    .where(and(inArray(person.id, [...personIds]), holds(day), eq(place.isArchived, false)))
    .orderBy(asc(person.id), asc(place.name), asc(place.id))

/** Which acts, of whom. */
export interface ActsAsked {
  readonly acts: readonly AuditAct[]
  readonly personIds: readonly string[]
  readonly since: Date
}

/** What was done with the sign-ins of some people, since a moment. */
export const selectActs = (connection: Connection, { acts, personIds, since }: ActsAsked) =>
  connection
    .select({ audit, personId: person.id, name: person.name })
    .from(audit)
    .innerJoin(person, eq(person.id, audit.personId))
    .where(
      and(inArray(person.id, [...personIds]), inArray(audit.act, [...acts]), gt(audit.at, since)),
    )
    .orderBy(asc(audit.position))

/**
 * Takes it on to tell somebody some things.
 * @returns those that nobody, on whichever server, took on before
 */
export const takeOn = (
  db: Database,
  { personId, noticeIds }: { readonly personId: string; readonly noticeIds: readonly string[] },
  at: Date,
): Promise<ReadonlySet<string>> =>
  db.transaction(async (transaction) => {
    if (noticeIds.length === 0) return new Set()
    // One at a time, so that what is new goes out in one letter.
    await holdOn(transaction, personId)
    const known = await transaction
      .select({ id: told.noticeId })
      .from(told)
      .where(and(eq(told.personId, personId), inArray(told.noticeId, [...noticeIds])))
    const before = new Set(known.map(({ id }) => id))
    const anew = [...new Set(noticeIds)].filter((id) => !before.has(id))
    if (anew.length > 0)
      await transaction.insert(told).values(anew.map((noticeId) => ({ personId, noticeId, at })))
    return new Set(anew)
  })

/** It could not be told: whoever comes next tries again. */
export const giveBack = (connection: Connection, personId: string, noticeIds: readonly string[]) =>
  connection
    .delete(told)
    .where(and(eq(told.personId, personId), inArray(told.noticeId, [...noticeIds])))

/** Forgets what was told long ago. */
export const forgetTold = (connection: Connection, before: Date) =>
  connection.delete(told).where(lt(told.at, before))

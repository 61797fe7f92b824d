import { and, desc, eq, inArray, isNull, lt, or, type SQL } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { audit, membership } from '../database/schema.ts'

export type AuditRow = typeof audit.$inferSelect
export type NewAuditRow = Omit<AuditRow, 'position'>

export const insertAudit = (connection: Connection, row: NewAuditRow) =>
  connection.insert(audit).values(row)

interface Wanted {
  readonly act?: AuditRow['act'] | undefined
  readonly outcome?: AuditRow['outcome'] | undefined
  readonly before?: number | undefined
}

/** What is a place's: what was done there, and how its people came in. */
const ofPlace = (connection: Connection, placeId: string): SQL | undefined =>
  or(
    eq(audit.placeId, placeId),
    and(
      isNull(audit.placeId),
      inArray(
        audit.personId,
        connection
          .select({ personId: membership.personId })
          .from(membership)
          .where(eq(membership.placeId, placeId)),
      ),
    ),
  )

/** Lines of a place, the newest first. */
export const selectAudit = (
  connection: Connection,
  placeId: string,
  { act, outcome, before }: Wanted,
  limit: number,
): Promise<AuditRow[]> =>
  connection
    .select()
    .from(audit)
    .where(
      and(
        ofPlace(connection, placeId),
        act && eq(audit.act, act),
        outcome && eq(audit.outcome, outcome),
        before === undefined ? undefined : lt(audit.position, before),
      ),
    )
    .orderBy(desc(audit.position))
    .limit(limit)

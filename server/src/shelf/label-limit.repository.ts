import { and, eq, isNull } from 'drizzle-orm'
import { alias } from 'drizzle-orm/mysql-core'
import type { Connection } from '../database/connect.ts'
import { entry, job, remedy, stand } from '../database/schema.ts'

/** A remedy as it is stored. */
export type PlannedRemedy = typeof remedy.$inferSelect

/** Applications of a product that are still planned, with what they are calculated by. */
export const selectPlannedUses = (connection: Connection, productId: string) =>
  connection
    .select({ job, remedy, stand })
    .from(job)
    .innerJoin(remedy, eq(job.remedyId, remedy.id))
    .innerJoin(stand, eq(job.standId, stand.id))
    .where(and(eq(remedy.productId, productId), eq(job.status, 'planned'), eq(job.kind, 'apply')))

/**
 * What really went out of a product on a stand on a day, whatever was planned: entries that no later one
 * corrects, of whatever day that is, and that are no strike.
 */
export function selectDoneOn(
  connection: Connection,
  use: { readonly productId: string; readonly standId: string; readonly day: string },
) {
  const later = alias(entry, 'later')
  return connection
    .select({ productKg: entry.productKg, waterL: entry.waterL })
    .from(entry)
    .leftJoin(later, eq(later.correctsId, entry.id))
    .where(
      and(
        eq(entry.productId, use.productId),
        eq(entry.standId, use.standId),
        eq(entry.happenedOn, use.day),
        eq(entry.isStruck, false),
        isNull(later.id),
      ),
    )
}

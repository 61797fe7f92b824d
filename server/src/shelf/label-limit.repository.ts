import { and, eq } from 'drizzle-orm'
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

/** What went out of a product on a stand on a day; corrected entries too. */
export const selectDoneOn = (
  connection: Connection,
  use: { readonly productId: string; readonly standId: string; readonly day: string },
) =>
  connection
    .select({ entry })
    .from(entry)
    .innerJoin(job, eq(entry.jobId, job.id))
    .innerJoin(remedy, eq(job.remedyId, remedy.id))
    .where(
      and(
        eq(remedy.productId, use.productId),
        eq(entry.standId, use.standId),
        eq(entry.happenedOn, use.day),
      ),
    )

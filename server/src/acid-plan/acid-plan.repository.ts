import { and, eq, isNotNull } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce, storedBefore } from '../database/insert-once.ts'
import { acidPlan, job } from '../database/schema.ts'
import type { Recorder } from '../recorder/recorder.ts'

export type AcidPlanRow = typeof acidPlan.$inferSelect

export const insertAcidPlan = (connection: Connection, row: AcidPlanRow) =>
  insertOnce(connection, acidPlan, row)

/** The plan that was stored before from what is sent again. */
export const findAcidPlan = <Sent extends { readonly id: string }>(
  connection: Connection,
  sent: Sent,
) => storedBefore(connection, acidPlan, sent)

export async function selectAcidPlan(
  connection: Connection,
  id: string,
): Promise<AcidPlanRow | undefined> {
  const [row] = await connection.select().from(acidPlan).where(eq(acidPlan.id, id)).limit(1)
  return row
}

/** Drops what earlier plans of a stand still had to do: the newest holds. */
export const dropPlannedSteps = (
  connection: Connection,
  standId: string,
  { actor, at }: Recorder,
) =>
  connection
    .update(job)
    .set({ status: 'dropped', changedBy: actor, changedAt: at })
    .where(and(eq(job.standId, standId), eq(job.status, 'planned'), isNotNull(job.acidPlanId)))

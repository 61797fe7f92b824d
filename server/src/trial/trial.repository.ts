import { and, asc, eq, inArray } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { insertOnce } from '../database/insert-once.ts'
import { trial, trialRating } from '../database/schema.ts'

export type TrialRow = typeof trial.$inferSelect
export type RatingRow = typeof trialRating.$inferSelect

export const insertTrial = (connection: Connection, row: TrialRow) =>
  insertOnce(connection, trial, row)

export const insertRating = (connection: Connection, row: RatingRow) =>
  insertOnce(connection, trialRating, row)

export async function selectTrial(
  connection: Connection,
  id: string,
): Promise<TrialRow | undefined> {
  const [row] = await connection.select().from(trial).where(eq(trial.id, id))
  return row
}

export const selectTrials = (connection: Connection, standId: string): Promise<TrialRow[]> =>
  connection
    .select()
    .from(trial)
    .where(and(eq(trial.standId, standId), eq(trial.isStruck, false)))
    .orderBy(asc(inOrder(trial)))

/** Oldest first: of two ratings of a plot on one day the later one is the newer. */
export async function selectRatings(
  connection: Connection,
  trialIds: readonly string[],
): Promise<RatingRow[]> {
  if (trialIds.length === 0) return []
  return connection
    .select()
    .from(trialRating)
    .where(and(inArray(trialRating.trialId, [...trialIds]), eq(trialRating.isStruck, false)))
    .orderBy(asc(trialRating.ratedOn), asc(trialRating.plot), asc(inOrder(trialRating)))
}

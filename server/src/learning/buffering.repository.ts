import { and, asc, eq, inArray, isNotNull } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { acidPlan, job, storyEvent } from '../database/schema.ts'
import { selectEntriesOf } from '../entry/entry.repository.ts'
import { selectReadings } from '../reading/reading.repository.ts'
import { selectFamilies, toldWith } from '../stand/stand.repository.ts'

/** Acid plans of some stands, what went on by them, and what was read and told of their ground. */
export async function selectPlansTested(connection: Connection, standIds: readonly string[]) {
  if (standIds.length === 0) return { plans: [], readings: [], events: [], entries: [], jobs: [] }
  const families = await selectFamilies(connection, standIds)
  const [plans, readings, events, entries, jobs] = await Promise.all([
    connection
      .select()
      .from(acidPlan)
      .where(inArray(acidPlan.standId, families.ids))
      .orderBy(asc(inOrder(acidPlan))),
    selectReadings(connection, families.ids),
    connection
      .select()
      .from(storyEvent)
      .where(and(inArray(storyEvent.standId, families.ids), eq(storyEvent.isStruck, false)))
      .orderBy(asc(storyEvent.happenedOn), asc(inOrder(storyEvent))),
    selectEntriesOf(connection, families.ids),
    connection
      .select({ id: job.id, acidPlanId: job.acidPlanId })
      .from(job)
      .where(and(inArray(job.standId, families.ids), isNotNull(job.acidPlanId))),
  ])
  return {
    plans: toldWith(families, plans),
    readings: toldWith(families, readings),
    events: toldWith(families, events),
    entries: toldWith(families, entries),
    jobs,
  }
}

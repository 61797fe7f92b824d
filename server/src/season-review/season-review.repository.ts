import { and, asc, between, eq, gte, inArray, isNull, lte, or } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { chlorosisCase, job } from '../database/schema.ts'
import { selectEntriesOf } from '../entry/entry.repository.ts'
import { selectFamilies, toldWith } from '../stand/stand.repository.ts'

/** Days of a season, both in it. */
export interface SeasonDays {
  readonly from: string
  readonly to: string
}

/** Entries and cases of some stands in a season, and looks at them that are planned; what is told of a stand that was found to be another is the other's. */
export async function selectSeason(
  connection: Connection,
  standIds: readonly string[],
  { from, to }: SeasonDays,
) {
  if (standIds.length === 0) return { entries: [], cases: [], looks: [] }
  const families = await selectFamilies(connection, standIds)
  const [entries, cases, looks] = await Promise.all([
    // A correction may move an entry into the season or out of it: which stand is known from all.
    selectEntriesOf(connection, families.ids),
    connection
      .select()
      .from(chlorosisCase)
      .where(
        and(
          inArray(chlorosisCase.standId, families.ids),
          lte(chlorosisCase.openedOn, to),
          or(isNull(chlorosisCase.closedOn), gte(chlorosisCase.closedOn, from)),
        ),
      )
      .orderBy(asc(chlorosisCase.openedOn), asc(inOrder(chlorosisCase))),
    connection
      .select({ standId: job.standId, dueOn: job.dueOn })
      .from(job)
      .where(
        and(
          inArray(job.standId, families.ids),
          eq(job.kind, 'look'),
          eq(job.status, 'planned'),
          between(job.dueOn, from, '9999-12-31'),
        ),
      )
      .orderBy(asc(job.dueOn)),
  ])
  return {
    entries: toldWith(families, entries),
    cases: toldWith(families, cases),
    looks: toldWith(families, looks),
  }
}

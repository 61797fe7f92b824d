import { standingEntries } from '@spudder/core/days/entry'
import { group } from 'd3-array'
import type { Connection } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import { appliedNamesOf } from '../shelf/applied-names.ts'
import { selectClosedCases, selectDone } from './precedent.repository.ts'

/**
 * Closed cases of a place with their stands, what was chosen last for each, and what was put out; the newest
 * first.
 * @param most so many at most
 * @throws {ServiceError} not-found
 */
export async function closedCases(connection: Connection, placeId: string, most: number) {
  await findPlace(connection, placeId)
  const closed = await selectClosedCases(connection, placeId, most)
  const done = await selectDone(
    connection,
    closed.map(({ of }) => of.id),
  )
  const remedies = group(done.remedies, ({ caseId }) => caseId)
  const entries = group(standingEntries(done.entries), ({ caseId }) => caseId)
  const nameOf = await appliedNamesOf(connection, done.entries)
  return closed.flatMap(({ of, stand }) => {
    const { closedOn, outcome } = of
    if (closedOn === null || outcome === null) return []
    const treatments = (entries.get(of.id) ?? []).map((entry) => ({
      appliedName: nameOf(entry),
      happenedOn: entry.happenedOn,
    }))
    return [{ of: { ...of, closedOn, outcome }, stand, remedy: remedies.get(of.id)?.at(-1), treatments }] // prettier-ignore
  })
}

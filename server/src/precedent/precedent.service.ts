import type { PastCaseDto } from '@spudder/contract/precedent'
import { standingEntries } from '@spudder/core/days/entry'
import { group } from 'd3-array'
import type { Connection } from '../database/connect.ts'
import { rightingOf } from '../learning/righting.ts'
import { findPlace } from '../place/place.service.ts'
import { verdictOfLooks } from '../remedy/case-evidence.ts'
import { appliedNamesOf } from '../shelf/applied-names.ts'
import { selectClosedCases, selectDone } from './precedent.repository.ts'

/** Older cases tell less, and a place has few that are open. */
const mostCases = 300

/**
 * Closed cases of a place: what was thought, what was done, how it went; the newest first. A case of which
 * nobody ever took a look has no verdict and is not told.
 * @throws {ServiceError} not-found
 */
export async function findPastCases(
  connection: Connection,
  placeId: string,
): Promise<PastCaseDto[]> {
  await findPlace(connection, placeId)
  const closed = await selectClosedCases(connection, placeId, mostCases)
  const done = await selectDone(
    connection,
    closed.map(({ of }) => of.id),
  )
  const remedies = group(done.remedies, ({ caseId }) => caseId)
  const entries = group(standingEntries(done.entries), ({ caseId }) => caseId)
  const nameOf = await appliedNamesOf(connection, done.entries)
  const righting = await rightingOf(connection, placeId)
  const told: PastCaseDto[] = []
  for (const { of, stand } of closed) {
    const { closedOn, outcome } = of
    if (closedOn === null || outcome === null) continue
    const verdict =
      remedies.get(of.id)?.at(-1)?.verdict ??
      (await verdictOfLooks(connection, of.id, stand, { until: closedOn, righting }))
    if (!verdict) continue
    told.push({
      id: of.id,
      standId: stand.id,
      standName: stand.name,
      context: stand.context,
      plantId: stand.plantId,
      openedOn: of.openedOn,
      closedOn,
      outcome,
      note: of.outcomeNote,
      verdict,
      treatments: (entries.get(of.id) ?? []).map((entry) => ({
        appliedName: nameOf(entry),
        happenedOn: entry.happenedOn,
      })),
    })
  }
  return told
}

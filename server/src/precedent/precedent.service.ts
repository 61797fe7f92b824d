import type { PastCaseDto } from '@spudder/contract/precedent'
import type { Connection } from '../database/connect.ts'
import { rightingOf } from '../learning/righting.ts'
import { verdictOfLooks } from '../remedy/case-evidence.ts'
import { closedCases } from './closed-cases.ts'

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
  const closed = await closedCases(connection, placeId, mostCases)
  const righting = await rightingOf(connection, placeId)
  const told: PastCaseDto[] = []
  for (const { of, stand, remedy, treatments } of closed) {
    const { closedOn, outcome } = of
    const verdict =
      remedy?.verdict ??
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
      treatments,
    })
  }
  return told
}

import type { OwnCaseDto } from '@spudder/contract/drill'
import { standingEntries } from '@spudder/core/days/entry'
import { knownOf } from '@spudder/core/verdict/diagnosis'
import { drilledCauses } from '@spudder/core/verdict/drill'
import { group } from 'd3-array'
import type { Connection } from '../database/connect.ts'
import { rightingOf } from '../learning/righting.ts'
import { findPlace } from '../place/place.service.ts'
import { selectClosedCases, selectDone } from '../precedent/precedent.repository.ts'
import { evidenceOfCase } from '../remedy/case-evidence.ts'
import { appliedNamesOf } from '../shelf/applied-names.ts'

/** More than one learns by; the newest are best remembered. */
const mostCases = 60

/**
 * Closed cases of a place that greened after they were treated, as they stood when somebody acted; the newest
 * first. One that was given up, or of which nobody took a look, teaches nothing: what it was is not known.
 * @throws {ServiceError} not-found
 */
export async function findOwnCases(connection: Connection, placeId: string): Promise<OwnCaseDto[]> {
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
  const told: OwnCaseDto[] = []
  for (const { of, stand } of closed) {
    const causeId = remedies.get(of.id)?.at(-1)?.causeId
    const own = entries.get(of.id) ?? []
    const [first] = own
    if (of.closedOn === null || of.outcome !== 'green' || !first) continue
    if (!drilledCauses(stand.context).some(({ id }) => id === causeId) || !causeId) continue
    const evidence = await evidenceOfCase(connection, of.id, stand, { until: first.happenedOn, righting }) // prettier-ignore
    if (!evidence) continue
    told.push({
      caseId: of.id,
      standName: stand.name,
      context: stand.context,
      plantId: stand.plantId,
      causeId,
      lookedOn: evidence.lookedOn,
      known: [...knownOf(evidence)],
      story: evidence.events
        .filter(({ happenedOn }) => happenedOn <= evidence.lookedOn)
        .map(({ kind, happenedOn }) => ({ kind, happenedOn })),
      treatments: own.map((entry) => ({
        appliedName: nameOf(entry),
        happenedOn: entry.happenedOn,
      })),
      closedOn: of.closedOn,
      note: of.outcomeNote,
    })
  }
  return told
}

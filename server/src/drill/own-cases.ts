import type { OwnCaseDto } from '@spudder/contract/drill'
import { knownOf } from '@spudder/core/verdict/diagnosis'
import { drilledCauses } from '@spudder/core/verdict/drill'
import type { Connection } from '../database/connect.ts'
import { rightingOf } from '../learning/righting.ts'
import { closedCases } from '../precedent/closed-cases.ts'
import { evidenceOfCase } from '../remedy/case-evidence.ts'

/** More than one learns by; the newest are best remembered. */
const mostCases = 60

/**
 * Closed cases of a place that greened after they were treated, as they stood when somebody acted; the newest
 * first. One that was given up, or of which nobody took a look, teaches nothing: what it was is not known.
 * @throws {ServiceError} not-found
 */
export async function findOwnCases(connection: Connection, placeId: string): Promise<OwnCaseDto[]> {
  const closed = await closedCases(connection, placeId, mostCases)
  const righting = await rightingOf(connection, placeId)
  const told: OwnCaseDto[] = []
  for (const { of, stand, remedy, treatments } of closed) {
    const [first] = treatments
    if (of.outcome !== 'green' || !first || !remedy) continue
    const { causeId } = remedy
    if (!drilledCauses(stand.context).some(({ id }) => id === causeId)) continue
    const evidence = await evidenceOfCase(connection, of.id, stand, {
      until: first.happenedOn,
      righting,
    })
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
      treatments,
      closedOn: of.closedOn,
      note: of.outcomeNote,
    })
  }
  return told
}

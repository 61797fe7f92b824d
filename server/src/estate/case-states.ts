import type { CaseDto } from '@spudder/contract/case'
import type { CaseStateDto } from '@spudder/contract/stand'
import { standingEntries } from '@spudder/core/days/entry'
import { group } from 'd3-array'
import type { Connection } from '../database/connect.ts'
import { toDto } from '../http/to-dto.ts'
import { selectCaseStates } from './estate.repository.ts'

/** What is known of the cases of a stand. */
interface CasesOf {
  readonly openCase: CaseDto | null
  readonly state: CaseStateDto
}

/** The open case of each of some stands, and how far it is. */
export async function readCaseStates(
  connection: Connection,
  standIds: readonly string[],
): Promise<(standId: string) => CasesOf> {
  const { cases, looks, remedies, entries } = await selectCaseStates(connection, standIds)
  const casesOf = group(cases, ({ standId }) => standId)
  const looked = new Map(looks.map(({ standId, lastLookOn }) => [standId, lastLookOn]))
  const remedied = new Set(remedies.map(({ caseId }) => caseId))
  const applied = group(standingEntries(entries), ({ caseId }) => caseId)
  return (standId) => {
    const own = casesOf.get(standId) ?? []
    const open = own.find(({ closedOn }) => closedOn === null)
    const days = applied.get(open?.id ?? '')?.map(({ happenedOn }) => happenedOn) ?? []
    const lastClosed = own.findLast(({ closedOn }) => closedOn !== null)
    return {
      openCase: open ? toDto(open) : null,
      state: {
        lastLookOn: looked.get(standId) ?? null,
        hasRemedy: remedied.has(open?.id ?? ''),
        lastAppliedOn: days.toSorted().at(-1) ?? null,
        lastClosed: lastClosed ? toDto(lastClosed) : null,
      },
    }
  }
}

import type { CaseDto, CloseCaseDto } from '@spudder/contract/case'
import { randomUUID } from 'node:crypto'
import type { Connection, Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { dropJobsOfCase } from '../job/job.repository.ts'
import {
  insertCase,
  lockCase,
  selectOpenCase,
  updateCase,
  type CaseRow,
} from './case.repository.ts'

/** The open case of a stand; a new one where there is none. The stand must be locked. */
export async function openCaseOf(
  connection: Connection,
  recorder: Recorder,
  standId: string,
  openedOn: string,
): Promise<CaseRow> {
  const open = await selectOpenCase(connection, standId)
  if (open) return open
  const row: CaseRow = {
    id: randomUUID(),
    standId,
    openedOn,
    closedOn: null,
    outcome: null,
    outcomeNote: '',
    closedBy: null,
    closedAt: null,
    ...recordedBy(recorder),
  }
  await insertCase(connection, row)
  return row
}

/** @throws {ServiceError} not-found, conflict when it is closed */
export async function requireOpenCase(connection: Connection, id: string): Promise<CaseRow> {
  const row = await lockCase(connection, id)
  if (!row) throw new ServiceError('not-found', 'There is no such case.')
  if (row.closedOn !== null) {
    throw new ServiceError(
      'conflict',
      `This case was closed on ${row.closedOn}. A new look opens a new one.`,
    )
  }
  return row
}

/** Closes a case; jobs still planned for it are dropped with it. */
export function closeCase(
  db: Database,
  recorder: Recorder,
  caseId: string,
  { outcome, closedOn, note = '' }: CloseCaseDto,
): Promise<CaseDto> {
  return db.transaction(async (transaction) => {
    const open = await requireOpenCase(transaction, caseId)
    if (closedOn < open.openedOn) {
      const message = `Closed on: give a day from ${open.openedOn} on, when the case was opened.`
      throw new ServiceError('invalid-body', message, [{ field: 'closedOn', message }])
    }
    const { actor: closedBy, at: closedAt } = recorder
    const closed: CaseRow = { ...open, outcome, closedOn, outcomeNote: note, closedBy, closedAt }
    await updateCase(transaction, closed)
    await dropJobsOfCase(transaction, caseId, recorder)
    return toDto(closed)
  })
}

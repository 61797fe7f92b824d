import type { CaseDto, CloseCaseDto, ReopenCaseDto } from '@spudder/contract/case'
import { randomUUID } from 'node:crypto'
import type { Connection, Database } from '../database/connect.ts'
import { newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { dropJobsOfCase } from '../job/drop-jobs.ts'
import { requireLockedStand, requireStand } from '../stand/stand.service.ts'
import {
  insertCase,
  lockCase,
  selectOpenCase,
  selectOpenCases,
  keepCase,
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
    ...newlyRecordedBy(recorder),
  }
  await insertCase(connection, row)
  return row
}

/** A change of a case. */
async function toldOf(connection: Connection, { standId }: CaseRow, recorder: Recorder) {
  const { placeId } = await requireStand(connection, standId)
  return { placeId, standId, kind: 'case', recorder } as const
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
  { outcome, closedOn, note = '', version, reason }: CloseCaseDto,
): Promise<CaseDto> {
  return db.transaction(async (transaction) => {
    const open = await requireOpenCase(transaction, caseId)
    if (closedOn < open.openedOn) {
      const message = `Closed on: give a day from ${open.openedOn} on, when the case was opened.`
      throw new ServiceError('invalid-body', message, [{ field: 'closedOn', message }])
    }
    const { actor: closedBy, at: closedAt } = recorder
    const told = await toldOf(transaction, open, recorder)
    const closed = await keepCase(transaction, {
      before: open,
      change: { outcome, closedOn, outcomeNote: note, closedBy, closedAt },
      told: { ...told, seen: version, reason },
    })
    await dropJobsOfCase(transaction, { caseId, owner: told, recorder })
    return toDto(closed)
  })
}

/**
 * A stand has one open case: another must not be open beside one that is opened again.
 * @throws {ServiceError} conflict
 */
export async function requireAlone(
  connection: Connection,
  { id, standId }: CaseRow,
): Promise<void> {
  const open = await selectOpenCases(connection, standId)
  const other = open.find((each) => each.id !== id)
  if (!other) return
  throw new ServiceError(
    'conflict',
    `Another case of this stand is open, since ${other.openedOn}. Close that one first.`,
  )
}

/**
 * Opens a case again: closed too early, or by mistake. Jobs that were dropped with it stay dropped: they
 * come back by taking the closing back.
 * @throws {ServiceError} not-found; conflict where it is open, or another is
 */
export function reopenCase(
  db: Database,
  recorder: Recorder,
  caseId: string,
  { version: seen, reason }: ReopenCaseDto,
): Promise<CaseDto> {
  return db.transaction(async (transaction) => {
    const before = await lockCase(transaction, caseId)
    if (!before) throw new ServiceError('not-found', 'There is no such case.')
    if (before.closedOn === null) throw new ServiceError('conflict', 'This case is open.')
    await requireLockedStand(transaction, before.standId)
    const told = { ...(await toldOf(transaction, before, recorder)), seen, reason }
    const change = {
      closedOn: null,
      outcome: null,
      outcomeNote: '',
      closedBy: null,
      closedAt: null,
    }
    const open = await keepCase(transaction, { before, change, told })
    await requireAlone(transaction, open)
    return toDto(open)
  })
}

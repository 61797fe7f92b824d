import type { CorrectEntryDto, CreateEntryDto, EntryDto } from '@spudder/contract/entry'
import type { Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../http/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { standOfStep } from '../job/job.repository.ts'
import { completeJob, requirePlannedJob } from '../job/job.service.ts'
import { requireLockedStand } from '../stand/stand.service.ts'
import {
  findEntry,
  insertEntry,
  plannedProductOf,
  selectCorrectionOf,
  selectEntry,
} from './entry.repository.ts'

/**
 * Records what was really done for a job, and the job as done: both or neither. Sent again after a
 * lost answer, it is the entry that is there.
 * @throws {ServiceError} not-found, conflict when somebody else recorded it
 */
export async function recordEntry(
  db: Database,
  recorder: Recorder,
  jobId: string,
  dto: CreateEntryDto,
): Promise<EntryDto> {
  const ofStep = await standOfStep(db, jobId)
  return db.transaction(async (transaction) => {
    if (ofStep !== undefined) await requireLockedStand(transaction, ofStep)
    const { note = '', ...done } = dto
    const again = await findEntry(transaction, { ...done, note, jobId })
    if (again) return toDto(again)
    const job = await requirePlannedJob(transaction, jobId)
    const { standId, caseId, remedyId, plannedKg, route, sourceId } = job
    // What a check of the verdict or a look finds out goes in as a reading or a look.
    if (job.kind !== 'apply' || route === null || sourceId === null) {
      throw new ServiceError(
        'conflict',
        'Only an application is recorded as an entry; record a look or a test as a reading.',
      )
    }
    const whole = remedyId === null ? 0 : await plannedProductOf(transaction, remedyId)
    const stored = await insertEntry(transaction, {
      ...done,
      note,
      jobId,
      standId,
      caseId,
      route,
      sourceId,
      plannedProductKg: plannedKg ?? whole * job.share,
      correctsId: null,
      reason: '',
      ...recordedBy(recorder),
    })
    await completeJob(transaction, job, recorder)
    return toDto(stored)
  })
}

/**
 * Puts an entry right by a new one that names it. The newest of a chain is the one to correct.
 * @throws {ServiceError} not-found, conflict when it was corrected already
 */
export function correctEntry(
  db: Database,
  recorder: Recorder,
  entryId: string,
  dto: CorrectEntryDto,
): Promise<EntryDto> {
  return db.transaction(async (transaction) => {
    const old = await selectEntry(transaction, entryId)
    if (!old) throw new ServiceError('not-found', 'There is no such entry.')
    const newer = await selectCorrectionOf(transaction, entryId)
    if (newer && newer.id !== dto.id) {
      throw new ServiceError(
        'conflict',
        `This entry was already corrected by ${newer.createdBy}. Correct the newer one.`,
      )
    }
    const { note = '', ...right } = dto
    const row = { ...old, ...right, note, correctsId: entryId, ...recordedBy(recorder) }
    return toDto(await insertEntry(transaction, row))
  })
}

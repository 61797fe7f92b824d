import { LookDto, type CreateLookDto } from '@spudder/contract/look'
import { keptOf } from '@spudder/contract/validation'
import { answeredChecks } from '@spudder/core/verdict/diagnosis'
import { checkFindings, checkPaint, type FindingName } from '@spudder/core/seen/finding'
import { contexts } from '@spudder/core/stand/plant'
import { leavesOf } from '@spudder/core/seen/painter'
import { openCaseOf } from '../case/case.service.ts'
import type { Database } from '../database/connect.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { toDto } from '../http/to-dto.ts'
import { requireLockedStand } from '../stand/stand.service.ts'
import { completeJobs } from '../job/job.repository.ts'
import { keepPhotosWith } from '../photo/photo.repository.ts'
import { findLook, insertLook } from './look.repository.ts'

/**
 * Stores a look into the stand's open case, or opens one: both or neither. Sent again after a lost
 * answer, it is the look that is there.
 * @throws {CoreError} for findings or paint that the context does not know
 */
export function createLook(
  db: Database,
  recorder: Recorder,
  standId: string,
  dto: CreateLookDto,
): Promise<LookDto> {
  return db.transaction(async (transaction) => {
    const { context } = await requireLockedStand(transaction, standId)
    const findings = checkFindings(context, dto.findings)
    const paint = checkPaint(leavesOf(contexts[context].figure), dto.paint)
    const said = { id: dto.id, standId, ...keptOf(LookDto, dto), findings, paint }
    const again = await findLook(transaction, said)
    if (again) return toDto(again)
    const { id: caseId } = await openCaseOf(transaction, recorder, standId, said.lookedOn)
    await keepPhotosWith(transaction, standId, caseId)
    const checkIds = answeredChecks(Object.keys(findings) as FindingName[], [])
    await completeJobs(transaction, { standId, checkIds, recorder })
    const row = { ...said, caseId, imported: null, ...newlyMendable(recorder) }
    return toDto(await insertLook(transaction, row))
  })
}

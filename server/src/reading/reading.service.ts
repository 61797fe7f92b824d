import type { CreateReadingDto, ReadingDto } from '@spudder/contract/reading'
import { readingKinds } from '@spudder/core/reading'
import type { Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
import { toDto } from '../http/to-dto.ts'
import { completeDueJobs } from '../job/job.repository.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertReading } from './reading.repository.ts'

/**
 * Stores a reading. A colour reading does the look that is due, a pH reading the test that is due:
 * both or neither are stored.
 */
export function createReading(
  db: Database,
  recorder: Recorder,
  standId: string,
  dto: CreateReadingDto,
): Promise<ReadingDto> {
  return db.transaction(async (transaction) => {
    await requireStand(transaction, standId)
    const { note = '', ...given } = dto
    const row = { ...given, note, standId, ...recordedBy(recorder) }
    const stored = await insertReading(transaction, row)
    const doneKind = readingKinds[dto.kind].isColour
      ? 'look'
      : dto.kind === 'pH'
        ? 'test'
        : undefined
    if (doneKind)
      await completeDueJobs(transaction, { standId, kind: doneKind, on: dto.takenOn, recorder })
    return toDto(stored)
  })
}

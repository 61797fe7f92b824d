import { ReadingDto, type CreateReadingDto } from '@spudder/contract/reading'
import { keptOf } from '@spudder/contract/validation'
import { doneByReading } from '@spudder/core/days/plan'
import { cameOf, type FileLine, type Reading } from '@spudder/core/seen/reading'
import type { Connection, Database } from '../database/connect.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { toDto } from '../http/to-dto.ts'
import { completeJobs, isAwaited } from '../job/job.repository.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertReading, type ReadingRow } from './reading.repository.ts'

/** A reading to be stored, from a form or a file. */
type GivenReading = Reading & {
  readonly id: string
  readonly instrument?: string | undefined
  readonly note?: string | undefined
  /** Its line of a file; absent where somebody put it in. */
  readonly imported?: FileLine | undefined
}

/** The row of a reading; what was not given is null. */
export const readingRow = (
  standId: string,
  given: GivenReading,
  recorder: Recorder,
): ReadingRow => ({
  id: given.id,
  standId,
  ...keptOf(ReadingDto, given),
  came: cameOf({ ...given, instrument: given.instrument ?? '' }),
  ...newlyMendable(recorder),
})

/** What a reading that comes in does: jobs that are due by its day, and checks. */
function jobsBy(standId: string, reading: Reading) {
  const { kind, checkIds } = doneByReading(reading)
  return { standId, due: kind && { kind, on: reading.takenOn }, checkIds }
}

/** Marks as done what a reading that came in does. */
export const completeByReading = (
  connection: Connection,
  {
    standId,
    reading,
    recorder,
  }: { readonly standId: string; readonly reading: Reading; readonly recorder: Recorder },
): Promise<void> => completeJobs(connection, { ...jobsBy(standId, reading), recorder })

/**
 * Stores a reading. A colour reading does the look that is due, a pH reading the test that is due:
 * both or neither are stored.
 */
export async function createReading(
  db: Database,
  recorder: Recorder,
  standId: string,
  dto: CreateReadingDto,
): Promise<ReadingDto> {
  await requireStand(db, standId)
  const row = readingRow(standId, dto, recorder)
  if (!(await isAwaited(db, jobsBy(standId, dto)))) return toDto(await insertReading(db, row))
  return db.transaction(async (transaction) => {
    const stored = await insertReading(transaction, row)
    await completeByReading(transaction, { standId, reading: dto, recorder })
    return toDto(stored)
  })
}

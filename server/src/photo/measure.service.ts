import type { PhotoDto, PhotoMeasureDto } from '@spudder/contract/photo'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../http/recorder.ts'
import { ServiceError } from '../http/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { completeDueJobs } from '../job/job.repository.ts'
import { putReading, removeReading } from '../reading/reading.repository.ts'
import { readingRow } from '../reading/reading.service.ts'
import { selectPhoto, updatePhoto } from './photo.repository.ts'

/**
 * Keeps what a photo was measured to show; where it can be compared, the stand has a reading of it
 * too, one a photo: measured again, after the brush say, it is the newer that counts.
 * @throws {ServiceError} not-found
 */
export function measurePhoto(
  db: Database,
  recorder: Recorder,
  photoId: string,
  measure: PhotoMeasureDto,
): Promise<PhotoDto> {
  return db.transaction(async (transaction) => {
    const found = await selectPhoto(transaction, photoId)
    if (!found) throw new ServiceError('not-found', 'There is no such photo.')
    const takenOn = measure.takenOn ?? found.takenOn ?? dateToDay(found.createdAt)
    const kept = { ...found, measure, takenOn }
    await updatePhoto(transaction, photoId, { measure, takenOn })
    if (measure.isComparable) {
      const place = measure.part === 'whole' ? null : measure.part
      const row = readingRow(
        found.standId,
        {
          id: photoId,
          kind: 'photoGreenness',
          value: measure.greenness,
          method: 'photo',
          takenOn,
          place,
          doubt: measure.greennessDoubt,
          instrument: 'camera and colour card',
          note: found.fileName,
        },
        recorder,
      )
      await putReading(transaction, row)
      if (place === null) {
        const { standId } = found
        await completeDueJobs(transaction, { standId, kind: 'look', on: takenOn, recorder })
      }
    } else {
      await removeReading(transaction, photoId)
    }
    return toDto(kept)
  })
}

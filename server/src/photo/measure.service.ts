import type { PhotoDto, PhotoMeasureDto } from '@spudder/contract/photo'
import { readingOfPhoto } from '@spudder/core/seen/photo'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { putPhotoReading, removePhotoReading } from '../reading/reading.repository.ts'
import { completeByReading, readingRow } from '../reading/reading.service.ts'
import { requireStand } from '../stand/stand.service.ts'
import { keepPhotoRow, lockPhoto } from './photo.repository.ts'

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
    const found = await lockPhoto(transaction, photoId)
    if (!found) throw new ServiceError('not-found', 'There is no such photo.')
    const takenOn = measure.takenOn ?? found.takenOn ?? dateToDay(found.createdAt)
    const { placeId } = await requireStand(transaction, found.standId)
    const told = { placeId, standId: found.standId, kind: 'photo', recorder } as const
    const kept = await keepPhotoRow(transaction, {
      before: found,
      change: { measure, takenOn },
      told,
    })
    const reading = readingOfPhoto(measure, takenOn)
    if (reading) {
      const { standId, fileName: note } = found
      await putPhotoReading(
        transaction,
        readingRow(standId, { id: photoId, ...reading, note }, recorder),
      )
      await completeByReading(transaction, { standId, reading, recorder })
    } else {
      await removePhotoReading(transaction, { id: photoId, standId: found.standId })
    }
    return toDto(kept)
  })
}

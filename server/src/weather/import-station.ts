import type { StationFileDto, StationImportDto } from '@spudder/contract/weather'
import type { Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { findPlace } from '../place/place.service.ts'
import { readInThread } from '../thread/file-reader.ts'
import { unpackedDays } from '../thread/packed-days.ts'
import { storeStationDays } from './weather.repository.ts'

/** As many as are stored between two turns of everybody else. */
const daysAtOnce = 40

/**
 * Takes in a station's file, all of it or nothing: its days stand in place of the service's.
 * @throws {CoreError} where the file cannot be read at all
 */
export async function importStationFile(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { fileName, bytes, dayOrder }: StationFileDto & { readonly bytes: Buffer },
): Promise<StationImportDto> {
  const { settings } = await findPlace(db, placeId)
  const columns = settings.stationColumns
  const { packed, ...read } = await readInThread('station', { dayOrder, columns }, bytes)
  await db.transaction(async (transaction) => {
    for (let from = 0; from < packed.count; from += daysAtOnce) {
      const days = unpackedDays(packed, from, from + daysAtOnce)
      await storeStationDays(
        transaction,
        days.map((hours) => ({
          placeId,
          day: hours.day,
          hours,
          fileName,
          ...recordedBy(recorder),
        })),
      )
    }
  })
  const [first, last] = [unpackedDays(packed, 0, 1), unpackedDays(packed, packed.count - 1)]
  return {
    dayCount: packed.count,
    from: first[0]?.day ?? null,
    to: last[0]?.day ?? null,
    errors: read.errors.map((error) => ({ ...error })),
    assumed: [...read.assumed],
  }
}

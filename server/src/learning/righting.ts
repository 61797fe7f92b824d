import {
  comparedMeasures,
  learnInstruments,
  readRight,
  type KeptMeasure,
  type ReadBy,
} from '@spudder/core/seen/instrument'
import { countedReadings } from '@spudder/core/seen/reading'
import type { Connection } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import type { ReadingRow } from '../reading/reading.repository.ts'
import { selectStandsOf, type StandRow } from '../stand/stand.repository.ts'
import { selectOwnReadings } from './learning.repository.ts'

/** A reading as it is compared with those of a laboratory; what was not given is left out. */
export const keptMeasure = (row: ReadingRow) => ({
  readingId: row.id,
  standId: row.standId,
  kind: row.kind,
  value: row.value,
  method: row.method,
  takenOn: row.takenOn,
  instrument: row.instrument,
  ...(row.preparation === null ? {} : { preparation: row.preparation }),
  ...(row.place === null ? {} : { place: row.place }),
  ...(row.doubt === null ? {} : { doubt: row.doubt }),
})

/** Readings as a laboratory would have given them, as far as the place knew its instruments by a day. */
export type Righting = <Of extends ReadBy>(readings: readonly Of[], on: string) => readonly Of[]

const asTheyCame: Righting = (readings) => readings

/** Kept for the days that are asked: cases of a season have few. */
function rightingBy(
  measures: readonly KeptMeasure[],
  stands: Parameters<typeof learnInstruments>[1],
): Righting {
  const known = new Map<string, ReturnType<typeof learnInstruments>>()
  return (readings, on) => {
    const ways = known.get(on) ?? learnInstruments(measures, stands, on)
    known.set(on, ways)
    return readings.map((reading) => readRight(ways, reading))
  }
}

/**
 * How readings of a place are put right by what its instruments showed beside a laboratory; as they came
 * where that is not switched on there.
 * @throws {ServiceError} not-found
 */
export async function rightingOf(connection: Connection, placeId: string): Promise<Righting> {
  const { settings } = await findPlace(connection, placeId)
  if (!settings.learns) return asTheyCame
  const stands = await selectStandsOf(connection, placeId, false)
  const rows = await selectOwnReadings(
    connection,
    stands.map(({ id }) => id),
  )
  return rightingBy(comparedMeasures(countedReadings(rows, settings)).map(keptMeasure), stands)
}

/**
 * Readings of a stand that something may rest on, put right by what its instruments showed.
 * @param on the day on which it is asked
 * @throws {ServiceError} not-found
 */
export async function countedOf(
  connection: Connection,
  { id, placeId }: Pick<StandRow, 'id' | 'placeId'>,
  on: string,
): Promise<readonly ReadingRow[]> {
  const { settings } = await findPlace(connection, placeId)
  const counted = countedReadings(await selectOwnReadings(connection, [id]), settings)
  const putRight = await rightingOf(connection, placeId)
  return putRight(counted, on)
}

import type {
  ChangePlaceDto,
  CreatePlaceDto,
  PlaceDto,
  PlaceSettingsDto,
  ShareCalendarDto,
} from '@spudder/contract/place'
import { randomBytes } from 'node:crypto'
import type { Connection, Database } from '../database/connect.ts'
import { changedBy, newlyRecordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import {
  insertPlace,
  listPlaces,
  lockPlace,
  selectPlace,
  updatePlace,
  type PlaceRow,
} from './place.repository.ts'

const noPlace = () => new ServiceError('not-found', 'There is no such place.')

const placeDto = (row: PlaceRow): PlaceDto => ({ ...toDto(row), settings: row.settings ?? {} })

export async function createPlace(
  connection: Connection,
  recorder: Recorder,
  dto: CreatePlaceDto,
): Promise<PlaceDto> {
  const { latitude, ...told } = dto
  const settings = latitude === undefined ? {} : { latitude }
  const row = { ...told, settings, calendarToken: null, ...newlyRecordedBy(recorder) }
  return placeDto(await insertPlace(connection, row))
}

export async function findPlaces(connection: Connection): Promise<PlaceDto[]> {
  return (await listPlaces(connection)).map(placeDto)
}

/** @throws {ServiceError} not-found */
export async function findPlace(connection: Connection, id: string): Promise<PlaceDto> {
  const row = await selectPlace(connection, id)
  if (!row) throw noPlace()
  return placeDto(row)
}

/**
 * Changes a place; what is left out stays. Nothing stored counts in the units that it is shown in.
 * @throws {ServiceError} not-found
 */
export const changePlace = (
  db: Database,
  recorder: Recorder,
  id: string,
  given: ChangePlaceDto,
): Promise<PlaceDto> =>
  db.transaction(async (transaction) => {
    const row = await lockPlace(transaction, id)
    if (!row) throw noPlace()
    const said = Object.entries(given).filter(([, value]) => value !== undefined)
    const changed = { ...Object.fromEntries(said), ...changedBy(recorder) }
    await updatePlace(transaction, id, changed)
    return placeDto({ ...row, ...changed })
  })

/** Changes the settings that are given and leaves the others; to be called in a transaction. */
export async function keepSettings(
  transaction: Connection,
  recorder: Recorder,
  id: string,
  given: PlaceSettingsDto,
): Promise<PlaceDto> {
  const row = await lockPlace(transaction, id)
  if (!row) throw noPlace()
  const said = Object.entries(given).filter(([, value]) => value !== undefined)
  const settings = { ...row.settings, ...Object.fromEntries(said) }
  const changed = { settings, ...changedBy(recorder) }
  await updatePlace(transaction, id, changed)
  return placeDto({ ...row, ...changed })
}

/** As long as it takes that nobody guesses it [byte]. */
const tokenBytes = 32

/**
 * Makes the address of a place's calendar anew, or takes it back: whoever had the old one is served
 * nothing from then on.
 * @throws {ServiceError} not-found
 */
export const shareCalendar = (
  db: Database,
  recorder: Recorder,
  id: string,
  { isShared }: ShareCalendarDto,
): Promise<PlaceDto> =>
  db.transaction(async (transaction) => {
    const row = await lockPlace(transaction, id)
    if (!row) throw noPlace()
    const calendarToken = isShared ? randomBytes(tokenBytes).toString('base64url') : null
    const changed = { calendarToken, ...changedBy(recorder) }
    await updatePlace(transaction, id, changed)
    return placeDto({ ...row, ...changed })
  })

/** As {@link keepSettings}, by itself. */
export const changeSettings = (
  db: Database,
  recorder: Recorder,
  id: string,
  given: PlaceSettingsDto,
): Promise<PlaceDto> =>
  db.transaction((transaction) => keepSettings(transaction, recorder, id, given))

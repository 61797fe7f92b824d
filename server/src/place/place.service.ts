import type {
  ChangePlaceDto,
  ChangeSettingsDto,
  CreatePlaceDto,
  PlaceDto,
  ShareCalendarDto,
} from '@spudder/contract/place'
import { checkStationColumns } from '@spudder/core/days/station'
import { dateToDay } from '@spudder/core/base/calendar'
import { randomBytes } from 'node:crypto'
import { ownPlace } from '../access/own-place.ts'
import type { Connection, Database } from '../database/connect.ts'
import { newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import {
  insertPlace,
  listPlaces,
  listPlacesOf,
  lockPlace,
  selectPlace,
  keepPlace,
  type PlaceRow,
} from './place.repository.ts'

const noPlace = () => new ServiceError('not-found', 'There is no such place.')

const placeDto = (row: PlaceRow): PlaceDto => ({ ...toDto(row), settings: row.settings ?? {} })

/** Whoever makes a place owns it; to be called in a transaction. */
export async function createPlace(
  connection: Connection,
  recorder: Recorder,
  dto: CreatePlaceDto,
): Promise<PlaceDto> {
  const { latitude, ...told } = dto
  const settings = latitude === undefined ? {} : { latitude }
  const row = {
    ...told,
    settings,
    calendarToken: null,
    isArchived: false,
    ...newlyRecordedBy(recorder),
  }
  const isNew = (await selectPlace(connection, dto.id)) === undefined
  const kept = await insertPlace(connection, row)
  await ownPlace(connection, recorder, kept.id, isNew)
  return placeDto(kept)
}

/** Every place, for the server itself. */
export async function findPlaces(connection: Connection): Promise<PlaceDto[]> {
  return (await listPlaces(connection)).map(placeDto)
}

/** The places where a person is something today. */
export async function findPlacesOf(
  connection: Connection,
  { personId }: Recorder,
): Promise<PlaceDto[]> {
  if (personId === null) throw new Error('nobody is asking for places')
  return (await listPlacesOf(connection, personId, dateToDay(new Date()))).map(placeDto)
}

/** @throws {ServiceError} not-found */
export async function findPlace(connection: Connection, id: string): Promise<PlaceDto> {
  const row = await selectPlace(connection, id)
  if (!row) throw noPlace()
  return placeDto(row)
}

/** A change of the place itself. */
const toldOf = ({ id }: PlaceRow, recorder: Recorder) =>
  ({ placeId: id, standId: null, kind: 'place', recorder }) as const

/** What was given; what was left out stays out. */
const saidOf = <Given extends object>(given: Given): Partial<Given> =>
  Object.fromEntries(
    Object.entries(given).filter(([, value]) => value !== undefined),
  ) as Partial<Given>

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
    const { version, reason, ...rest } = given
    const told = { ...toldOf(row, recorder), seen: version, reason }
    return placeDto(await keepPlace(transaction, { before: row, change: saidOf(rest), told }))
  })

/**
 * Changes the settings that are given and leaves the others; to be called in a transaction.
 * @throws {ServiceError} not-found, changed-meanwhile; {CoreError} for columns that no station has
 */
export async function keepSettings(
  transaction: Connection,
  recorder: Recorder,
  id: string,
  given: ChangeSettingsDto,
): Promise<PlaceDto> {
  const row = await lockPlace(transaction, id)
  if (!row) throw noPlace()
  const { version: seen, ...rest } = given
  if (rest.stationColumns) checkStationColumns(rest.stationColumns)
  const settings = { ...row.settings, ...saidOf(rest) }
  const told = { ...toldOf(row, recorder), seen }
  return placeDto(await keepPlace(transaction, { before: row, change: { settings }, told }))
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
    const told = toldOf(row, recorder)
    return placeDto(await keepPlace(transaction, { before: row, change: { calendarToken }, told }))
  })

/** As {@link keepSettings}, by itself. */
export const changeSettings = (
  db: Database,
  recorder: Recorder,
  id: string,
  given: ChangeSettingsDto,
): Promise<PlaceDto> =>
  db.transaction((transaction) => keepSettings(transaction, recorder, id, given))

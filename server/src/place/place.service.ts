import type { CreatePlaceDto, PlaceDto } from '@spudder/contract/place'
import type { Connection } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../http/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { insertPlace, listPlaces, selectPlace } from './place.repository.ts'

export async function createPlace(
  connection: Connection,
  recorder: Recorder,
  dto: CreatePlaceDto,
): Promise<PlaceDto> {
  return toDto(await insertPlace(connection, { ...dto, ...recordedBy(recorder) }))
}

export async function findPlaces(connection: Connection): Promise<PlaceDto[]> {
  return (await listPlaces(connection)).map(toDto)
}

/** @throws {ServiceError} not-found */
export async function findPlace(connection: Connection, id: string): Promise<PlaceDto> {
  const row = await selectPlace(connection, id)
  if (!row) throw new ServiceError('not-found', 'There is no such place.')
  return toDto(row)
}

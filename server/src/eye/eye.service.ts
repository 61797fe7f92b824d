import { EyeSittingDto, type CreateEyeSittingDto } from '@spudder/contract/eye'
import { keptOf } from '@spudder/contract/validation'
import { planSitting, type EyeScale } from '@spudder/core/seen/eye'
import { rollup } from 'd3-array'
import type { Connection } from '../database/connect.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { insertEyeSitting, listEyeSittings } from './eye.repository.ts'

/** What was shown to whoever said so much: worked out here, never taken from the sender, and kept as it was. */
export const shownIn = (scale: EyeScale, seed: number, count: number) =>
  planSitting(scale, seed)
    .slice(0, count)
    .map(({ picture, truth }) => ({ picture, truth }))

/** Keeps what somebody said of the pictures of a sitting, with what was true. */
export async function recordEyeSitting(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  dto: CreateEyeSittingDto,
): Promise<EyeSittingDto> {
  await findPlace(connection, placeId)
  return toDto(
    await insertEyeSitting(connection, {
      id: dto.id,
      placeId,
      ...keptOf(EyeSittingDto, dto),
      shown: shownIn(dto.scale, dto.seed, dto.said.length),
      ...newlyMendable(recorder),
    }),
  )
}

export async function findEyeSittings(
  connection: Connection,
  placeId: string,
): Promise<EyeSittingDto[]> {
  await findPlace(connection, placeId)
  return (await listEyeSittings(connection, placeId)).map(toDto)
}

/** When somebody last rated on each scale, those never rated on left out. */
export async function lastSittings(connection: Connection, placeId: string, person: string) {
  const own = (await listEyeSittings(connection, placeId)).filter(
    ({ createdBy }) => createdBy === person,
  )
  return [
    ...rollup(
      own,
      (of) => of.at(-1)?.ratedOn ?? '',
      ({ scale }) => scale,
    ),
  ].map(([scale, lastOn]) => ({ scale, lastOn }))
}

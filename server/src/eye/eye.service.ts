import { EyeSittingDto, type CreateEyeSittingDto, type RatedPhotoDto } from '@spudder/contract/eye'
import { keptOf } from '@spudder/contract/validation'
import { planPhotoSitting, planSitting, scalesOn, type EyeScale } from '@spudder/core/seen/eye'
import { rollup } from 'd3-array'
import type { Connection } from '../database/connect.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { ServiceError } from '../problem/service-error.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { insertEyeSitting, listEyeSittings, selectMeasuredPhotos } from './eye.repository.ts'

/** Drawings that were shown to whoever said so much: worked out here, never taken from the sender, and kept as they were. */
export const shownIn = (scale: EyeScale, seed: number, count: number) =>
  planSitting(scale, seed)
    .slice(0, count)
    .map(({ picture, truth }) => ({ picture, truth }))

/** Photos of a place that can be rated, with the scales on which those of their stands are. */
export async function findRatedPhotos(
  connection: Connection,
  placeId: string,
): Promise<RatedPhotoDto[]> {
  await findPlace(connection, placeId)
  const photos = await selectMeasuredPhotos(connection, placeId)
  return photos.flatMap(({ photoId, measure, context }) =>
    measure?.isComparable
      ? { photoId, scales: [...scalesOn(context)], greenness: measure.greenness }
      : [],
  )
}

/** Photos that were shown, with what they were measured to show. */
async function photosShown(
  connection: Connection,
  placeId: string,
  { scale, seed, said, photoIds }: CreateEyeSittingDto & { readonly photoIds: readonly string[] },
): Promise<EyeSittingDto['shown']> {
  const all = new Map((await findRatedPhotos(connection, placeId)).map((each) => [each.photoId, each])) // prettier-ignore
  const photos = photoIds.map((photoId) => {
    const photo = all.get(photoId)
    if (photo?.scales.includes(scale)) return photo
    const message = 'Photos: choose those of this place that the card measured, of stands with such a scale.' // prettier-ignore
    throw new ServiceError('invalid-body', message, [{ field: 'photoIds', message }])
  })
  return planPhotoSitting(scale, seed, photos).slice(0, said.length)
}

/**
 * Keeps what somebody said of the pictures of a sitting, with what was true.
 * @throws {ServiceError} not-found, conflict; invalid-body for photos that cannot be rated
 */
export async function recordEyeSitting(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  dto: CreateEyeSittingDto,
): Promise<EyeSittingDto> {
  await findPlace(connection, placeId)
  const { photoIds, scale, seed, said } = dto
  const shown = photoIds
    ? await photosShown(connection, placeId, { ...dto, photoIds })
    : shownIn(scale, seed, said.length)
  return toDto(
    await insertEyeSitting(connection, {
      id: dto.id,
      placeId,
      ...keptOf(EyeSittingDto, dto),
      shown,
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

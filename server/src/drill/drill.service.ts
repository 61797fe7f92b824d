import {
  DrillDto,
  type CreateDrillDto,
  type CreateOwnDrillDto,
  type DrillForm,
  type OwnCaseDto,
} from '@spudder/contract/drill'
import { keptOf } from '@spudder/contract/validation'
import { drawCase, drillOwn, scoreDrill } from '@spudder/core/verdict/drill'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { insertDrill, listDrills } from './drill.repository.ts'
import { findOwnCases } from './own-cases.ts'

/**
 * What an answer came to: a drawn case is drawn here anew, an own one is as it was kept; nothing of it is taken
 * from the sender.
 * @throws {ServiceError} invalid-body for a drawn one that is said to be an own one
 * @throws {CoreError} cause-not-offered, cause-elsewhere
 */
export function scoreOf(
  { saidId, asked, against, kind, ...spec }: DrillForm,
  own: OwnCaseDto | undefined,
): DrillDto['score'] {
  if (kind !== 'own')
    return scoreDrill(drawCase({ ...spec, kind, against: against ?? null }), saidId, asked)
  if (!own) {
    const message = 'A drawn case stays drawn: strike this one out, and answer the own case.'
    throw new ServiceError('invalid-body', message, [{ field: 'kind', message }])
  }
  return { ...scoreDrill(drillOwn(own), saidId, asked), own }
}

/** Keeps what somebody said of a drilled case, with what was true. */
export async function recordDrill(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  dto: CreateDrillDto,
): Promise<DrillDto> {
  await findPlace(connection, placeId)
  return toDto(
    await insertDrill(connection, {
      id: dto.id,
      placeId,
      ...keptOf(DrillDto, dto),
      score: scoreOf(dto, undefined),
      ...newlyMendable(recorder),
    }),
  )
}

/**
 * Keeps what somebody said of an own case.
 * @throws {ServiceError} not-found for a place, or a case that is none of it or did not green
 */
export async function recordOwnDrill(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  { id, caseId, saidId, answeredOn }: CreateOwnDrillDto,
): Promise<DrillDto> {
  const own = (await findOwnCases(connection, placeId)).find((each) => each.caseId === caseId)
  if (!own) throw new ServiceError('not-found', 'That case is open again, or is not of this place.')
  const { context, plantId, causeId } = own
  const form: DrillForm = { kind: 'own', context, plantId, causeId, seed: 0, saidId, asked: [], answeredOn } // prettier-ignore
  return toDto(
    await insertDrill(connection, {
      id,
      placeId,
      ...keptOf(DrillDto, form),
      score: scoreOf(form, own),
      ...newlyMendable(recorder),
    }),
  )
}

export async function findDrills(connection: Connection, placeId: string): Promise<DrillDto[]> {
  await findPlace(connection, placeId)
  return (await listDrills(connection, placeId)).map(toDto)
}

import { DrillDto, type CreateDrillDto, type DrillForm } from '@spudder/contract/drill'
import { keptOf } from '@spudder/contract/validation'
import { drawCase, scoreDrill, type DrillScore } from '@spudder/core/verdict/drill'
import type { Connection } from '../database/connect.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { insertDrill, listDrills } from './drill.repository.ts'

/** What an answer came to: the case is drawn here anew, nothing of it is taken from the sender. */
export const scoreOf = ({ saidId, asked, against, ...spec }: DrillForm): DrillScore =>
  scoreDrill(drawCase({ ...spec, against: against ?? null }), saidId, asked)

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
      score: scoreOf(dto),
      ...newlyMendable(recorder),
    }),
  )
}

export async function findDrills(connection: Connection, placeId: string): Promise<DrillDto[]> {
  await findPlace(connection, placeId)
  return (await listDrills(connection, placeId)).map(toDto)
}

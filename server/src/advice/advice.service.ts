import { AdviceDto, type CreateAdviceDto } from '@spudder/contract/advice'
import { keptOf } from '@spudder/contract/validation'
import type { Connection } from '../database/connect.ts'
import { toDto } from '../http/to-dto.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { selectFamilies } from '../stand/stand.repository.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertAdvice, listAdvice } from './advice.repository.ts'

/** @throws {ServiceError} not-found */
export async function writeAdvice(
  connection: Connection,
  recorder: Recorder,
  standId: string,
  dto: CreateAdviceDto,
): Promise<AdviceDto> {
  await requireStand(connection, standId)
  const row = { id: dto.id, standId, ...keptOf(AdviceDto, dto), ...newlyMendable(recorder) }
  return toDto(await insertAdvice(connection, row))
}

/**
 * Of a stand and of those put together with it.
 * @throws {ServiceError} not-found
 */
export async function findAdvice(connection: Connection, standId: string): Promise<AdviceDto[]> {
  await requireStand(connection, standId)
  const { ids } = await selectFamilies(connection, [standId])
  return (await listAdvice(connection, ids)).map(toDto)
}

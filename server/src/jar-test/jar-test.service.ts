import { JarTestDto, type CreateJarTestDto } from '@spudder/contract/jar-test'
import { keptOf } from '@spudder/contract/validation'
import type { Connection } from '../database/connect.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { insertJarTest, listJarTests } from './jar-test.repository.ts'

/** Records a jar test of a place; of two a newer one counts before the older. */
export async function recordJarTest(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  dto: CreateJarTestDto,
): Promise<JarTestDto> {
  await findPlace(connection, placeId)
  return toDto(
    await insertJarTest(connection, {
      id: dto.id,
      placeId,
      ...keptOf(JarTestDto, dto),
      ...newlyMendable(recorder),
    }),
  )
}

export async function findJarTests(connection: Connection, placeId: string): Promise<JarTestDto[]> {
  await findPlace(connection, placeId)
  return (await listJarTests(connection, placeId)).map(toDto)
}

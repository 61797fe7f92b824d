import { StoryEventDto, type CreateStoryEventDto } from '@spudder/contract/story'
import { keptOf } from '@spudder/contract/validation'
import type { Connection } from '../database/connect.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { toDto } from '../http/to-dto.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertStoryEvent } from './story.repository.ts'

export async function createStoryEvent(
  connection: Connection,
  recorder: Recorder,
  standId: string,
  dto: CreateStoryEventDto,
): Promise<StoryEventDto> {
  await requireStand(connection, standId)
  const row = {
    id: dto.id,
    standId,
    ...keptOf(StoryEventDto, dto),
    imported: null,
    ...newlyMendable(recorder),
  }
  return toDto(await insertStoryEvent(connection, row))
}

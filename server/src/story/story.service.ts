import type { CreateStoryEventDto, StoryEventDto } from '@spudder/contract/story'
import type { Connection } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
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
  const { id, kind, happenedOn, fromPH = null, toPH = null, note = '' } = dto
  const row = { id, standId, kind, happenedOn, fromPH, toPH, note, ...recordedBy(recorder) }
  return toDto(await insertStoryEvent(connection, row))
}

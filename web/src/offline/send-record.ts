import { entryRoutes, type CreateEntryDto, type EntryDto } from '@spudder/contract/entry'
import { photoRoutes } from '@spudder/contract/photo'
import { call } from '../api/call.ts'

/** A photo that belongs to a record. */
export interface RecordPhoto {
  readonly id: string
  readonly fileName: string
  readonly file: Blob
}

/** A record on its way to the server. */
export interface SentRecord {
  readonly jobId: string
  readonly standId: string
  readonly dto: CreateEntryDto
  readonly photos: readonly RecordPhoto[]
}

/** What a record can be seen in. */
export const recordTouches = [
  ...new Set([...entryRoutes.record.touches, ...photoRoutes.keep.touches]),
]

/**
 * Sends a record with its photos; sent again after a lost answer it is stored once.
 * @throws {ApiProblem} whatever stands against it
 */
export async function sendRecord({ jobId, standId, dto, photos }: SentRecord): Promise<EntryDto> {
  const entry = await call(entryRoutes.record, { jobId, dto })
  for (const { id, fileName, file } of photos) {
    await call(photoRoutes.keep, { standId, query: { id, fileName, entryId: dto.id }, dto: file })
  }
  return entry
}

import type { CreateEntryDto, EntryDto } from '@spudder/contract/entry'
import type { PhotoDto } from '@spudder/contract/photo'
import { request } from '../api/request.ts'

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

/** Sends a record with its photos; sent again after a lost answer it is stored once. */
export async function sendRecord({ jobId, standId, dto, photos }: SentRecord): Promise<EntryDto> {
  const entry = await request<EntryDto>('POST', `/jobs/${jobId}/entries`, dto)
  for (const { id, fileName, file } of photos) {
    const query = `id=${id}&fileName=${encodeURIComponent(fileName)}&entryId=${dto.id}`
    await request<PhotoDto>('POST', `/stands/${standId}/photos?${query}`, file)
  }
  return entry
}

import type { PhotoDto, PhotoQueryDto } from '@spudder/contract/photo'
import type { FileContent } from '@spudder/contract/route'
import { selectOpenCase } from '../case/case.repository.ts'
import type { Connection, Database } from '../database/connect.ts'
import { selectEntry } from '../entry/entry.repository.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { requireLockedStand } from '../stand/stand.service.ts'
import { insertPhoto, selectPhotoBytes } from './photo.repository.ts'
import { readPhoto } from './read-photo.ts'

/** @throws {ServiceError} invalid-body for an entry of another stand, or none */
async function requireEntryOf(
  connection: Connection,
  standId: string,
  entryId: string,
): Promise<void> {
  const entry = await selectEntry(connection, entryId)
  if (entry?.standId === standId) return
  const message = 'Entry: choose one of this stand.'
  throw new ServiceError('invalid-body', message, [{ field: 'entryId', message }])
}

/**
 * Keeps a photo of a stand with its open case; where none is open, the next look takes it along.
 * @throws {ServiceError} invalid-body, not-found, conflict
 */
export async function keepPhoto(
  db: Database,
  recorder: Recorder,
  standId: string,
  { query, bytes }: { readonly query: PhotoQueryDto; readonly bytes: Buffer },
): Promise<PhotoDto> {
  const { type, widthPx, heightPx, takenOn } = await readPhoto(bytes)
  return db.transaction(async (transaction) => {
    await requireLockedStand(transaction, standId)
    if (query.entryId !== undefined) await requireEntryOf(transaction, standId, query.entryId)
    const open = await selectOpenCase(transaction, standId)
    const row = {
      id: query.id,
      standId,
      caseId: open?.id ?? null,
      entryId: query.entryId ?? null,
      fileName: query.fileName,
      type,
      byteCount: bytes.length,
      widthPx,
      heightPx,
      takenOn,
      measure: null,
      ...newlyMendable(recorder),
    }
    return toDto(await insertPhoto(transaction, row, bytes))
  })
}

/**
 * The bytes of a photo; they never change.
 * @throws {ServiceError} not-found
 */
export async function showPhoto(db: Database, photoId: string): Promise<FileContent> {
  const found = await selectPhotoBytes(db, photoId)
  if (!found) throw new ServiceError('not-found', 'There is no such photo.')
  return { type: found.type, content: found.bytes, saveAs: undefined, isForever: true }
}

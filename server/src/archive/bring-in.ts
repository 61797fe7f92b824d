import type { PlaceDto } from '@spudder/contract/place'
import { ownPlace, roleAt } from '../access/own-place.ts'
import type { Database } from '../database/connect.ts'
import { databaseErrno, duplicateEntry } from '../database/database-fault.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { findPlace } from '../place/place.service.ts'
import { selectPlace } from '../place/place.repository.ts'
import { ServiceError } from '../problem/service-error.ts'
import { readPhoto } from '../photo/read-photo.ts'
import { archiveTables, insertArchived, insertBytes } from './archive-tables.repository.ts'
import { checkArchive } from './check-archive.ts'
import { notRight, openArchive } from './open-archive.ts'

/** A row as its table takes it: moments are moments. */
function asStored(row: Readonly<Record<string, unknown>>, moments: readonly string[]) {
  const stored: Record<string, unknown> = { ...row }
  for (const name of moments) {
    const text = stored[name]
    if (typeof text === 'string') stored[name] = new Date(text)
  }
  return stored
}

/** What the database has against a row: an id that is there already, a name that leads nowhere. */
const refusedByKeys: ReadonlySet<number> = new Set([duplicateEntry, 1452, 1406, 1264, 1366, 4025])

/**
 * Brings a place in from its archive with all that was ever recorded there: all of it or nothing. What is
 * here already stays as it is.
 * @throws {ServiceError} invalid-body with what is wrong; conflict where the place is here already
 */
export async function bringIn(db: Database, recorder: Recorder, bytes: Buffer): Promise<PlaceDto> {
  const { files, content } = openArchive(bytes)
  const { tables, photos } = checkArchive(content, files)
  const placeId = String(tables['place']?.[0]?.['id'])
  const known = await selectPlace(db, placeId)
  if (known) {
    const isTheirs = (await roleAt(db, recorder, placeId)) !== undefined
    const as = isTheirs ? `, as ${known.name}` : ''
    throw new ServiceError(
      'conflict',
      `The place of this archive is here already${as}. It comes back into an installation that does not have it.`,
    )
  }
  for (const { file } of photos) await readPhoto(files.get(file) ?? Buffer.alloc(0))
  try {
    await db.transaction(async (transaction) => {
      for (const { name, fields } of archiveTables) {
        const moments = fields.filter(({ kind }) => kind === 'moment').map((each) => each.name)
        const rows = (tables[name] ?? []).map((row) => asStored(row, moments))
        await insertArchived(transaction, name, rows)
      }
      await ownPlace(transaction, recorder, placeId, true)
      for (const { id, file } of photos) {
        await insertBytes(transaction, id, files.get(file) ?? Buffer.alloc(0))
      }
    })
  } catch (error) {
    if (!refusedByKeys.has(databaseErrno(error) ?? 0)) throw error
    throw notRight('some of its rows do not belong together, or are here already.')
  }
  return findPlace(db, placeId)
}

import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { createHash } from 'node:crypto'
import type { FileContent } from '@spudder/contract/route'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Connection, Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { findPlace } from '../place/place.service.ts'
import { archiveFiles, archiveFormat, photoFile } from './archive-format.ts'
import { archiveTables, selectArchived, selectBytes } from './archive-tables.repository.ts'

interface PhotoEntry {
  readonly id: string
  readonly file: string
}

interface Content {
  /** The text of archive.json, in parts. */
  readonly parts: readonly string[]
  readonly photos: readonly PhotoEntry[]
}

/** A row of JSON a line, so that two archives can be compared line by line. */
const linesOf = (rows: readonly object[]): string =>
  rows.length === 0 ? '[]' : `[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]`

/** Everything of a place as it was at one moment. */
function readContent(db: Database, placeId: string): Promise<Content> {
  return db.transaction(
    async (transaction) => {
      const head = JSON.stringify(archiveFormat).slice(0, -1)
      const parts = [`${head},\n"tables":{`]
      let photos: readonly PhotoEntry[] = []
      for (const [index, { name }] of archiveTables.entries()) {
        const rows = await selectArchived(transaction, name, placeId)
        parts.push(`${index === 0 ? '' : ','}\n"${name}":${linesOf(rows)}`)
        if (name === 'photo') {
          photos = rows.map(({ id, type }) => ({
            id: String(id),
            file: photoFile(String(id), String(type)),
          }))
        }
      }
      parts.push(`\n},\n"photos":${linesOf(photos)}\n}\n`)
      return { parts, photos }
    },
    { isolationLevel: 'repeatable read', withConsistentSnapshot: true },
  )
}

/** The same bytes for the same content: no file of an archive has a time of its own. */
const noTime = new Date('2000-01-01T00:00:00Z')

/** Puts files into a zip one after another, and hands over what is written so far. */
class Packer {
  readonly #zip = new Zip((error, chunk) => {
    if (error) throw error
    this.#ready.push(chunk)
  })
  #ready: Uint8Array[] = []
  readonly checksums: string[] = []

  add(name: string, parts: readonly Uint8Array[], packed: 'packed' | 'as it is'): Uint8Array[] {
    const file = packed === 'packed' ? new ZipDeflate(name, { level: 6 }) : new ZipPassThrough(name)
    file.mtime = noTime
    this.#zip.add(file)
    const hash = createHash('sha256')
    for (const part of parts) {
      hash.update(part)
      file.push(part)
    }
    file.push(new Uint8Array(0), true)
    this.checksums.push(`${hash.digest('hex')}  ${name}`)
    return this.#taken()
  }
  end(): Uint8Array[] {
    this.#zip.end()
    return this.#taken()
  }
  #taken(): Uint8Array[] {
    const ready = this.#ready
    this.#ready = []
    return ready
  }
}

async function* packed(
  connection: Connection,
  { parts, photos }: Content,
  stamp: object,
): AsyncGenerator<Uint8Array> {
  const packer = new Packer()
  const text = (said: string) => Buffer.from(said, 'utf8')
  yield* packer.add(archiveFiles.content, parts.map(text), 'packed')
  for (const { id, file } of photos) {
    const bytes = await selectBytes(connection, id)
    if (!bytes) throw new Error(`the bytes of photo ${id} are missing`)
    yield* packer.add(file, [bytes], 'as it is')
  }
  yield* packer.add(archiveFiles.stamp, [text(`${JSON.stringify(stamp)}\n`)], 'as it is')
  const sums = text(`${packer.checksums.join('\n')}\n`)
  yield* packer.add(archiveFiles.checksums, [sums], 'as it is')
  yield* packer.end()
}

const plainName = (name: string): string =>
  name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/[^\x20-\x7e]/g, '_').toLowerCase() // prettier-ignore

/**
 * Everything of a place in one file: its tables as JSON by a published schema, photos beside it, and a
 * checksum of each.
 * @throws {ServiceError} not-found
 */
export async function writeArchive(
  db: Database,
  recorder: Recorder,
  placeId: string,
): Promise<FileContent> {
  const { name } = await findPlace(db, placeId)
  const content = await readContent(db, placeId)
  const stamp = { writtenAt: recorder.at.toISOString(), writtenBy: recorder.actor }
  return {
    type: 'application/zip',
    content: packed(db, content, stamp),
    saveAs: `spudder-${plainName(name)}-${dateToDay(recorder.at)}.zip`,
    isForever: false,
  }
}

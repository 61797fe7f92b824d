import { unzipSync } from 'fflate'
import { createHash } from 'node:crypto'
import { ServiceError } from '../problem/service-error.ts'
import { archiveFiles, archiveFormat } from './archive-format.ts'
import { broughtUp } from './older-archives.ts'

/** Files of an archive by their names. */
export type Files = ReadonlyMap<string, Buffer>

/** What was wrong with an archive, and what to do; nothing of it is stored. */
export const notRight = (what: string): ServiceError => {
  const message = `This archive cannot be taken in: ${what} Nothing was stored.`
  return new ServiceError('invalid-body', message, [{ field: 'archive', message }])
}

/** Unpacked it is at most so many times as large [1]: more is no archive of a place. */
const mostTimes = 200
const mostBytes = 2 ** 31

function unpack(bytes: Buffer): Files {
  let total = 0
  try {
    const files = unzipSync(bytes, {
      filter: ({ originalSize }) => {
        total += originalSize
        return total <= Math.min(mostBytes, Math.max(1e7, bytes.length * mostTimes))
      },
    })
    if (total > Math.min(mostBytes, Math.max(1e7, bytes.length * mostTimes)))
      throw notRight('it unpacks to far more than it holds.')
    return new Map(Object.entries(files).map(([name, file]) => [name, Buffer.from(file)]))
  } catch (error) {
    if (error instanceof ServiceError) throw error
    throw notRight('it is no zip file, or was cut short. Save it again and send it whole.')
  }
}

const sumLine = /^([0-9a-f]{64}) {2}(\S.*)$/

/** Every file is there, none besides, and each as it was written. */
function requireWhole(files: Files): void {
  const sums = files.get(archiveFiles.checksums)?.toString('utf8')
  if (sums === undefined) throw notRight(`${archiveFiles.checksums} is missing.`)
  const said = new Map<string, string>()
  for (const line of sums.split('\n').filter((each) => each !== '')) {
    const [, sum, name] = sumLine.exec(line) ?? []
    if (sum === undefined || name === undefined)
      throw notRight(`${archiveFiles.checksums} cannot be read.`)
    said.set(name, sum)
  }
  for (const [name, sum] of said) {
    const file = files.get(name)
    if (!file) throw notRight(`${name} is missing.`)
    if (createHash('sha256').update(file).digest('hex') !== sum)
      throw notRight(`${name} is not as it was written; it was damaged, or changed by hand.`)
  }
  const besides = [...files.keys()].find(
    (name) => name !== archiveFiles.checksums && !said.has(name),
  )
  if (besides !== undefined) throw notRight(`${besides} does not belong to it.`)
  for (const name of [archiveFiles.content, archiveFiles.stamp]) {
    if (!said.has(name)) throw notRight(`${name} is missing.`)
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw notRight(`${archiveFiles.content} is no JSON.`)
  }
}

/** What an archive says it is: another program's, or written by a newer Spudder. */
function requireKnown(content: unknown): void {
  const { format, version } = (content ?? {}) as { format?: unknown; version?: unknown }
  if (format !== archiveFormat.format) throw notRight('it is of another kind.')
  if (typeof version === 'number' && version > archiveFormat.version) {
    throw notRight(`a newer Spudder wrote it (version ${version}). Bring this one up to date.`)
  }
}

/**
 * The files of an archive and its content, whole and as they were written.
 * @throws {ServiceError} invalid-body, with what is wrong
 */
export function openArchive(bytes: Buffer): { readonly files: Files; readonly content: unknown } {
  const files = unpack(bytes)
  requireWhole(files)
  const content = parsed(files.get(archiveFiles.content)?.toString('utf8') ?? '')
  requireKnown(content)
  return { files, content: broughtUp(content) }
}

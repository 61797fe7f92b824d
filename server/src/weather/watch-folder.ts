import { readdir, readFile, stat } from 'node:fs/promises'
import { join } from 'node:path'
import type { Logger } from 'pino'
import { CoreError } from '@spudder/core/base/error'
import type { Database } from '../database/connect.ts'
import { recorderAt } from '../recorder/recorder.ts'
import { findPlaces } from '../place/place.service.ts'
import { importStationFile } from './import-station.ts'

interface Watching {
  readonly db: Database
  readonly folder: string
  readonly actor: string
  readonly logger: Logger
}

/** Between two looks into the folder [ms]. */
const everyMs = 60_000
const isTable = (name: string): boolean => /\.(csv|tsv|txt)$/i.test(name)

/**
 * Looks into the folder once: files that are new, or longer than they were, are taken in for the place at
 * work. One that is still being written is taken at the next look.
 * @param seen what was taken in, by name; kept by the caller
 * @returns names of the files that came in
 */
export async function lookIntoFolder(
  { db, folder, actor, logger }: Watching,
  seen: Map<string, string>,
  at: Date,
): Promise<readonly string[]> {
  const place = (await findPlaces(db)).find(({ isArchived }) => !isArchived)
  if (!place) return []
  const taken: string[] = []
  for (const name of (await readdir(folder)).filter(isTable).toSorted()) {
    const { size, mtimeMs } = await stat(join(folder, name))
    const mark = `${size} ${mtimeMs}`
    if (seen.get(name) === mark) continue
    seen.set(name, mark)
    try {
      const bytes = await readFile(join(folder, name))
      const file = { fileName: name.slice(-160), bytes, dayOrder: 'ymd' } as const
      await importStationFile(db, recorderAt(actor, at), place.id, file)
      taken.push(name)
    } catch (error) {
      const words = error instanceof CoreError ? error.sentence() : 'it cannot be read'
      logger.warn({ name, words }, 'a file of the weather folder was not taken in')
    }
  }
  return taken
}

/** Watches a folder that a weather station writes into. */
export function watchFolder(watching: Watching): { readonly stop: () => void } {
  const seen = new Map<string, string>()
  let running = Promise.resolve()
  const look = () => {
    running = running
      .then(() => lookIntoFolder(watching, seen, new Date()))
      .then(
        () => undefined,
        () => watching.logger.warn('the weather folder cannot be looked into'),
      )
  }
  look()
  const timer = setInterval(look, everyMs)
  return { stop: () => clearInterval(timer) }
}

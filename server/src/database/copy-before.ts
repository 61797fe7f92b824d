import { mkdir, readdir, rename, rm, statfs } from 'node:fs/promises'
import { join } from 'node:path'
import type { Logger } from 'pino'
import type { DatabaseAddress } from './connect.ts'
import { dumpDatabase } from './dump.ts'

interface CopyTo {
  readonly address: DatabaseAddress
  readonly folder: string
  readonly logger: Logger
}

/** Copies kept; the oldest goes. */
const copiesKept = 5
/** Room that must be left, whatever there is to copy [byte]. */
const leastRoom = 512 * 1024 * 1024

/**
 * Copies the data before their tables are changed, where there is room for it. A copy that cannot be
 * made is told, and keeps nobody from starting.
 */
export const copyBefore =
  ({ address, folder, logger }: CopyTo) =>
  async (before: string): Promise<void> => {
    try {
      await mkdir(folder, { recursive: true, mode: 0o700 })
      const { bavail, bsize } = await statfs(folder)
      if (bavail * bsize < leastRoom) {
        logger.warn('no room for a copy of the data before their tables are changed')
        return
      }
      const name = `before-${new Date().toISOString().replace(/[:.]/g, '-')}-of-${before}-migrations.sql.gz`
      const part = join(folder, `${name}.part`)
      try {
        await dumpDatabase(address, part)
        await rename(part, join(folder, name))
      } finally {
        await rm(part, { force: true })
      }
      const kept = (await readdir(folder)).filter((each) => each.startsWith('before-')).toSorted()
      for (const old of kept.slice(0, -copiesKept)) await rm(join(folder, old), { force: true })
    } catch (error) {
      const { name = 'Error', message = '' } = error instanceof Error ? error : {}
      logger.warn({ name, message }, 'the data could not be copied before their tables are changed')
    }
  }

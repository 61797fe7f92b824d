import { spawn } from 'node:child_process'
import { createWriteStream } from 'node:fs'
import { mkdir, mkdtemp, readdir, rename, rm, statfs, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import type { Logger } from 'pino'
import type { DatabaseAddress } from './connect.ts'

interface CopyTo {
  readonly address: DatabaseAddress
  readonly folder: string
  readonly logger: Logger
}

/** Copies kept; the oldest goes. */
const copiesKept = 5
/** Room that must be left, whatever there is to copy [byte]. */
const leastRoom = 512 * 1024 * 1024

/** Writes a whole copy of the database, packed. The password goes by a file, never on a command line. */
async function dump(
  { port, user, password, database }: DatabaseAddress,
  file: string,
): Promise<void> {
  const secret = await mkdtemp(join(tmpdir(), 'spudder-'))
  try {
    const options = join(secret, 'dump.cnf')
    const lines = [
      '[client]',
      'host=127.0.0.1',
      `port=${port}`,
      `user=${user}`,
      `password="${password}"`,
    ]
    await writeFile(options, `${lines.join('\n')}\n`, { mode: 0o600 })
    const child = spawn(
      'mariadb-dump',
      [
        `--defaults-extra-file=${options}`,
        '--single-transaction',
        '--triggers',
        '--hex-blob',
        database,
      ],
      { stdio: ['ignore', 'pipe', 'ignore'] },
    )
    const ended = new Promise<number | null>((resolve, reject) => {
      child.once('error', reject)
      child.once('exit', resolve)
    })
    await Promise.all([
      pipeline(child.stdout, createGzip({ level: 1 }), createWriteStream(file, { mode: 0o600 })),
      ended.then((code) => {
        if (code !== 0) throw new Error(`mariadb-dump ended with ${code}`)
      }),
    ])
  } finally {
    await rm(secret, { recursive: true, force: true })
  }
}

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
        await dump(address, part)
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

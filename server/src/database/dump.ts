import { spawn } from 'node:child_process'
import { createReadStream, createWriteStream } from 'node:fs'
import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import type { DatabaseAddress } from './connect.ts'

/** Gives a client of the database its way in by a file that goes with it: never on a command line. */
async function withOptions(
  { host = '127.0.0.1', port, user, password, tls }: DatabaseAddress,
  work: (optionsFile: string) => Promise<void>,
): Promise<void> {
  const secret = await mkdtemp(join(tmpdir(), 'spudder-'))
  try {
    const file = join(secret, 'client.cnf')
    const lines = [
      '[client]',
      `host=${host}`,
      `port=${port}`,
      `user=${user}`,
      `password="${password}"`,
      ...(tls ? ['ssl', 'ssl-verify-server-cert'] : []),
    ]
    if (tls?.ca !== undefined) {
      const authority = join(secret, 'ca.pem')
      await writeFile(authority, tls.ca)
      lines.push(`ssl-ca=${authority}`)
    }
    await writeFile(file, `${lines.join('\n')}\n`, { mode: 0o600 })
    await work(file)
  } finally {
    await rm(secret, { recursive: true, force: true })
  }
}

function endOf(child: ReturnType<typeof spawn>, name: string): Promise<void> {
  return new Promise((resolve, reject) => {
    child.once('error', reject)
    child.once('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`${name} ended with ${code}`)),
    )
  })
}

/** Writes a whole copy of the database as it is at one moment, packed; others go on writing. */
export const dumpDatabase = (address: DatabaseAddress, file: string): Promise<void> =>
  withOptions(address, async (options) => {
    const parameters = [
      `--defaults-extra-file=${options}`,
      '--single-transaction',
      '--triggers',
      '--hex-blob',
      address.database,
    ]
    const child = spawn('mariadb-dump', parameters, { stdio: ['ignore', 'pipe', 'ignore'] })
    const ended = endOf(child, 'mariadb-dump')
    const written = pipeline(
      child.stdout,
      createGzip({ level: 1 }),
      createWriteStream(file, { mode: 0o600 }),
    )
    await Promise.all([written, ended])
  })

/** Reads such a copy into a database, which must be empty. */
export const loadDatabase = (address: DatabaseAddress, file: string): Promise<void> =>
  withOptions(address, async (options) => {
    const parameters = [`--defaults-extra-file=${options}`, address.database]
    const child = spawn('mariadb', parameters, { stdio: ['pipe', 'ignore', 'ignore'] })
    const ended = endOf(child, 'mariadb')
    await Promise.all([pipeline(createReadStream(file), createGunzip(), child.stdin), ended])
  })

import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir, userInfo } from 'node:os'
import { join } from 'node:path'
import { freePort } from './ports.ts'
import { isAlive, isProcessOf, stopProcess, until } from './processes.ts'

/** A MariaDB of our own: its data, socket and password lie in one folder of the project. */
export interface PrivateMariaDb {
  readonly port: number
  readonly password: string
  /** Where the password stands, for its owner's eyes only. */
  readonly passwordFile: string
  readonly process: ChildProcess
  /** Has SQL done as the one who may do everything. */
  readonly haveDone: (sql: string) => void
  readonly stop: () => Promise<void>
}

const env = { ...process.env, PATH: `${process.env['PATH'] ?? ''}:/usr/sbin:/usr/local/sbin` }
const isRoot = userInfo().uid === 0

/** A socket path may be 107 bytes long; a deep folder needs a shorter place. */
function socketFor(folder: string): string {
  const near = join(folder, 'mariadb.sock')
  if (Buffer.byteLength(near) < 100) return near
  const name = Buffer.from(folder).toString('base64url').slice(-24)
  return join(tmpdir(), `spudder-${name}.sock`)
}

const passwordFileIn = (folder: string): string => join(folder, 'password')

function passwordIn(folder: string): string {
  const file = passwordFileIn(folder)
  if (!existsSync(file)) writeFileSync(file, randomBytes(18).toString('hex'), { mode: 0o600 })
  return readFileSync(file, 'utf8')
}

function writeConfig(folder: string, port: number, socket: string): string {
  const file = join(folder, 'my.cnf')
  const lines = [
    '[mariadbd]',
    `datadir=${join(folder, 'data')}`,
    `socket=${socket}`,
    `pid-file=${join(folder, 'mariadb.pid')}`,
    `log-error=${join(folder, 'mariadb.log')}`,
    `tmpdir=${join(folder, 'tmp')}`,
    'bind-address=127.0.0.1',
    `port=${port}`,
    'skip-name-resolve',
    'character-set-server=utf8mb4',
    'collation-server=utf8mb4_unicode_ci',
    "default-time-zone='+00:00'",
    'innodb_buffer_pool_size=256M',
  ]
  writeFileSync(file, `${lines.join('\n')}\n`)
  return file
}

function createDataFolder(folder: string): void {
  const data = join(folder, 'data')
  if (existsSync(join(data, 'mysql'))) return
  const parameters = [
    '--no-defaults',
    `--user=${userInfo().username}`,
    `--datadir=${data}`,
    // Two folders made at the same moment would take each other's temporary tables in /tmp.
    `--tmpdir=${join(folder, 'tmp')}`,
    '--innodb-log-file-size=16M',
    '--skip-test-db',
  ]
  const { status, stderr } = spawnSync('mariadb-install-db', parameters, { env, encoding: 'utf8' })
  if (status !== 0) throw new Error(`mariadb-install-db failed: ${stderr}`)
}

/** A server left behind when its start script was killed would hold the data folder: stop it. */
async function stopLeftover(folder: string): Promise<void> {
  const file = join(folder, 'mariadb.pid')
  if (!existsSync(file)) return
  const pid = Number(readFileSync(file, 'utf8'))
  if (!isProcessOf(pid, join(folder, 'my.cnf'))) return
  process.kill(pid, 'SIGTERM')
  await until('stopping the database of an earlier run', () => !isAlive(pid))
}

/**
 * Has SQL done as the one who may do everything: over the socket, where the user who owns the process needs no
 * password and nobody else gets in.
 */
function haveDone(socket: string, sql: string): void {
  // By its input: what stands on a command line is seen by everybody on the machine.
  const { status, stderr } = spawnSync('mariadb', ['--no-defaults', '-S', socket], {
    env,
    encoding: 'utf8',
    input: sql,
  })
  if (status !== 0) throw new Error(`the database did not do it: ${stderr}`)
}

function createAccount(socket: string, password: string): void {
  const sql = [
    'CREATE DATABASE IF NOT EXISTS spudder CHARACTER SET utf8mb4',
    `CREATE OR REPLACE USER spudder@'127.0.0.1' IDENTIFIED BY '${password}'`,
    "GRANT ALL ON spudder.* TO spudder@'127.0.0.1'",
  ]
  haveDone(socket, sql.join(';'))
}

/** The database of a folder where it runs now; undefined where it does not. */
export function runningMariaDb(
  folder: string,
): Pick<PrivateMariaDb, 'port' | 'password'> | undefined {
  const [pidFile, config] = [join(folder, 'mariadb.pid'), join(folder, 'my.cnf')]
  if (!existsSync(pidFile) || !isProcessOf(Number(readFileSync(pidFile, 'utf8')), config))
    return undefined
  const [, port] = /^port=(\d+)$/m.exec(readFileSync(config, 'utf8')) ?? []
  return port === undefined ? undefined : { port: Number(port), password: passwordIn(folder) }
}

/**
 * Starts a private MariaDB on the loopback; the folder is made when it is not there.
 * @param wishedPort taken when free, else any
 */
export async function startMariaDb(folder: string, wishedPort: number): Promise<PrivateMariaDb> {
  mkdirSync(join(folder, 'tmp'), { recursive: true })
  await stopLeftover(folder)
  createDataFolder(folder)
  const socket = socketFor(folder)
  const password = passwordIn(folder)
  const port = await freePort(wishedPort)
  const config = writeConfig(folder, port, socket)
  const asRoot = isRoot ? ['--user=root'] : []
  // In a group of its own, so that Ctrl-C does not reach it before the server has let go of it.
  const child = spawn('mariadbd', [`--defaults-file=${config}`, ...asRoot], {
    env,
    stdio: 'ignore',
    detached: true,
  })
  const answers = () =>
    spawnSync('mariadb', ['--no-defaults', '-S', socket, '-e', 'SELECT 1'], { env }).status === 0
  await until('starting MariaDB', () => {
    if (child.exitCode !== null) {
      throw new Error(`MariaDB did not start; see ${join(folder, 'mariadb.log')}`)
    }
    return answers()
  })
  createAccount(socket, password)
  const passwordFile = passwordFileIn(folder)
  return {
    port,
    password,
    passwordFile,
    process: child,
    haveDone: (sql) => haveDone(socket, sql),
    stop: () => stopProcess(child),
  }
}

import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startMariaDb, type PrivateMariaDb } from './mariadb.ts'
import { isAlive, root } from './processes.ts'

const folder = join(root, '.data', 'test-mariadb')
let database: PrivateMariaDb

/** What the application's account gets for a query over TCP. */
function query(sql: string, change: { user?: string; password?: string } = {}) {
  const { user = 'spudder', password = database.password } = change
  const { status, stdout, stderr } = spawnSync(
    'mariadb',
    ['--no-defaults', '-h127.0.0.1', `-P${database.port}`, `-u${user}`, '-N', '-e', sql],
    { encoding: 'utf8', env: { ...process.env, MYSQL_PWD: password } },
  )
  return { isDone: status === 0, text: stdout.trim(), error: stderr }
}

beforeAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  database = await startMariaDb(folder, 5320)
})
afterAll(async () => {
  await database.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('the private MariaDB', () => {
  it('keeps its data, settings and password in its folder, the password for its owner only', () => {
    for (const name of ['data', 'my.cnf', 'password'])
      expect(existsSync(join(folder, name))).toBe(true)
    expect(statSync(join(folder, 'password')).mode & 0o077).toBe(0)
  })

  it('listens on the loopback only', () => {
    const settings = query("SHOW VARIABLES LIKE 'bind_address'").text
    expect(settings).toMatch(/127\.0\.0\.1$/)
  })

  it('lets the application in with its password, into its own database only', () => {
    expect(query('SELECT 1 FROM DUAL').text).toBe('1')
    expect(query('USE spudder').isDone).toBe(true)
    expect(query('SELECT * FROM mysql.user').error).toMatch(/denied/)
    expect(query('SELECT 1', { password: 'guessed' }).error).toMatch(/denied/)
    expect(query('SELECT 1', { user: 'root', password: '' }).error).toMatch(/denied/)
  })

  it('keeps time in UTC and writes every commit to disk', () => {
    const of = (name: string) => query(`SELECT @@${name}`).text
    expect(of('time_zone')).toBe('+00:00')
    expect(of('innodb_flush_log_at_trx_commit')).toBe('1')
    expect(of('sql_mode')).toContain('STRICT_TRANS_TABLES')
  })

  it('loses nothing when it is killed, and takes over what was left behind', async () => {
    query('CREATE TABLE spudder.kept (day DATE); INSERT INTO spudder.kept VALUES (20260531)')
    const { process: killed, password } = database
    const gone = new Promise((resolve) => killed.once('exit', resolve))
    killed.kill('SIGKILL')
    await gone
    expect(existsSync(join(folder, 'mariadb.pid'))).toBe(true)
    database = await startMariaDb(folder, 5320)
    expect(database.password).toBe(password)
    expect(query('SELECT day FROM spudder.kept').text).toBe('2026-05-31')
  })

  it('stops a server that an earlier start left running, since two would harm the data', async () => {
    const before = Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8'))
    const again = await startMariaDb(folder, 5320)
    expect(isAlive(before)).toBe(false)
    database = again
    expect(query('SELECT COUNT(*) FROM spudder.kept').text).toBe('1')
  })
})

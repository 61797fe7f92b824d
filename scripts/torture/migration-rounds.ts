import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { startAppServer } from '../app-server.ts'
import type { PrivateMariaDb } from '../mariadb.ts'
import { freePort } from '../ports.ts'
import { root } from '../processes.ts'
import { dataOf, placesKept, placesMade, releases } from './data-at.ts'

/** What became of starts that were killed while tables were being changed. */
export interface MigrationRounds {
  readonly rounds: number
  readonly killed: number
  readonly notStarting: readonly string[]
  readonly lost: number
}

/** Starts a server and kills it after a while. @returns whether it was killed before it was up */
async function startAndKill(database: PrivateMariaDb, afterMs: number): Promise<boolean> {
  const port = await freePort(0)
  const child = spawn(process.execPath, ['--import', 'tsx', join(root, 'server/src/main.ts')], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    env: {
      ...process.env,
      SPUDDER_DB_PORT: String(database.port),
      SPUDDER_DB_PASSWORD_FILE: database.passwordFile,
      SPUDDER_PORT: String(port),
    },
  })
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()))
  await new Promise((resolve) => setTimeout(resolve, afterMs))
  const isUp = await fetch(`http://127.0.0.1:${port}/readyz`).then(
    ({ ok }) => ok,
    () => false,
  )
  child.kill('SIGKILL')
  await gone
  return !isUp
}

interface MigrationOptions {
  readonly database: PrivateMariaDb
  readonly rounds: number
  /** Numbers from 0 to 1. */
  readonly chance: () => number
  readonly told?: (words: string) => void
  /** Releases begun from, by how many migrations they knew; all in turn when absent. */
  readonly from?: readonly number[]
}

/** Loading the program takes so long before it changes anything [ms]. */
const loadsMs = 900
const changesMs = 2600

/**
 * Brings the tables of every release up to date, killed once or twice on the way, or begun by an older
 * start that was killed and noted nothing; and looks whether it comes up, and whether all is there.
 */
export async function migrationRounds({
  database,
  rounds,
  chance,
  told,
  from,
}: MigrationOptions): Promise<MigrationRounds> {
  const all = releases()
  const notStarting: string[] = []
  let [killed, lost] = [0, 0]
  for (let round = 0; round < rounds; round += 1) {
    const known = from?.[round % from.length] ?? round % all.length
    const statements = all[known]?.sql.length ?? 0
    const begun = chance() < 0.5 ? Math.floor(chance() * statements) : 0
    await dataOf(database, known, begun)
    for (let times = chance() < 0.5 ? 1 : 2; times > 0; times -= 1) {
      if (await startAndKill(database, loadsMs + chance() * changesMs)) killed += 1
    }
    const name = `${known} migrations known, ${begun} statements begun`
    try {
      const server = await startAppServer({
        database,
        port: await freePort(0),
        isDemo: false,
        isQuiet: true,
      })
      await server.stop()
      const kept = await placesKept(database)
      if (known > 0 && kept !== placesMade) lost += placesMade - kept
      told?.(`${name}: up again`)
    } catch (error) {
      notStarting.push(`${name}: ${error instanceof Error ? error.message : String(error)}`)
      told?.(`${name}: DOES NOT START`)
    }
  }
  return { rounds, killed, notStarting, lost }
}

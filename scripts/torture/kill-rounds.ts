import { rmSync } from 'node:fs'
import { startAppServer, type AppServer } from '../app-server.ts'
import { startMariaDb, type PrivateMariaDb } from '../mariadb.ts'
import { freePort } from '../ports.ts'
import { compare, makeGround, nothingYet, unwatched, write, type Found } from './writers.ts'

export const victims = ['server', 'database', 'both'] as const
type Victim = (typeof victims)[number]

export interface KillRounds extends Found {
  readonly rounds: number
  readonly acknowledged: number
  readonly notStarting: number
}

function kill(child: {
  kill: (signal: 'SIGKILL') => boolean
  once: (event: 'exit', done: () => void) => unknown
  exitCode: number | null
}): Promise<void> {
  return new Promise((resolve) => {
    if (child.exitCode !== null) return resolve()
    child.once('exit', () => resolve())
    child.kill('SIGKILL')
  })
}

interface KillOptions {
  readonly folder: string
  readonly rounds: number
  readonly writers: number
  readonly chance: () => number
  readonly told?: (words: string) => void
}

/** Kills server, database or both under writers, starts them again, and counts what is there. */
export async function killRounds({
  folder,
  rounds,
  writers,
  chance,
  told,
}: KillOptions): Promise<KillRounds> {
  rmSync(folder, { recursive: true, force: true })
  const port = await freePort(5460)
  let database: PrivateMariaDb = await startMariaDb(folder, 5461)
  let server: AppServer = await startAppServer({ database, port, isDemo: false, isQuiet: true })
  const ground = await makeGround(server.url)
  const acknowledged = nothingYet()
  let [notStarting, done] = [0, 0]
  let found: Found = { lost: 0, doubled: 0, half: 0 }
  for (; done < rounds; done += 1) {
    const victim: Victim = victims[done % victims.length] ?? 'both'
    let isGoing = true
    const all = Array.from({ length: writers }, () =>
      write(server.url, ground, acknowledged, { goesOn: () => isGoing, ...unwatched }),
    )
    await new Promise((resolve) => setTimeout(resolve, 150 + chance() * 900))
    await Promise.all([
      ...(victim === 'database' ? [] : [kill(server.process)]),
      ...(victim === 'server' ? [] : [kill(database.process)]),
    ])
    isGoing = false
    await Promise.all(all)
    try {
      if (victim !== 'server') database = await startMariaDb(folder, database.port)
      // The server stays up while its database is away, and finds it again by itself.
      if (victim !== 'database')
        server = await startAppServer({ database, port, isDemo: false, isQuiet: true })
      const response = await fetch(`${server.url}/api/stands/${ground.standId}`)
      const { readings } = (await response.json()) as { readings: { id: string; note: string }[] }
      found = compare(acknowledged, readings)
      told?.(
        `${done + 1}: ${victim} killed; lost ${found.lost}, doubled ${found.doubled}, half ${found.half}`,
      )
    } catch (error) {
      notStarting += 1
      told?.(`${done + 1}: ${victim} killed; DOES NOT COME BACK: ${String(error)}`)
      break
    }
  }
  await server.stop()
  await database.stop()
  const { readings, imports } = acknowledged
  return { rounds: done, acknowledged: readings.size + imports.size, notStarting, ...found }
}

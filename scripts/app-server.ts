import { spawn, type ChildProcess } from 'node:child_process'
import { join } from 'node:path'
import type { PrivateMariaDb } from './mariadb.ts'
import { root, stopProcess, until } from './processes.ts'

export interface AppServer {
  readonly url: string
  readonly process: ChildProcess
  readonly stop: () => Promise<void>
}

export interface AppServerOptions {
  readonly database: Pick<PrivateMariaDb, 'port' | 'passwordFile'>
  readonly port: number
  readonly isDemo: boolean
  /** Starts again when its source changes. */
  readonly watch?: boolean
  /** Keeps its log to itself: where it is killed on purpose, the log says nothing else. */
  readonly isQuiet?: boolean
  /** Where the data are copied to before their tables are changed. */
  readonly copies?: string
}

/** Starts the application server and waits until it listens. */
export async function startAppServer(options: AppServerOptions): Promise<AppServer> {
  const { database, port, isDemo, watch = false, isQuiet = false, copies } = options
  const main = join(root, 'server/src/main.ts')
  const parameters = watch
    ? [join(root, 'node_modules/tsx/dist/cli.mjs'), 'watch', main]
    : ['--import', 'tsx', main]
  const child = spawn(process.execPath, parameters, {
    cwd: root,
    detached: true,
    stdio: ['ignore', isQuiet ? 'ignore' : 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      SPUDDER_DB_PORT: String(database.port),
      SPUDDER_DB_PASSWORD_FILE: database.passwordFile,
      ...(copies === undefined ? {} : { SPUDDER_COPIES: copies }),
      SPUDDER_PORT: String(port),
      SPUDDER_DEMO: isDemo ? '1' : '0',
    },
  })
  const url = `http://127.0.0.1:${port}`
  const ended = new Promise<never>((_, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}; see above`)))
  })
  // Once it listens, its end is for whoever started it to notice.
  ended.catch(() => undefined)
  const answers = () => fetch(`${url}/readyz`).then(({ ok }) => ok, () => false) // prettier-ignore
  await Promise.race([until('starting the server', answers, 600), ended])
  return { url, process: child, stop: () => stopProcess(child) }
}

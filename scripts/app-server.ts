import { spawn, type ChildProcess } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { get } from 'node:https'
import { join } from 'node:path'
import { lanNames, type LanCertificate } from './lan-certificate.ts'
import type { PrivateMariaDb } from './mariadb.ts'
import { root, stopProcess, until } from './processes.ts'

export interface AppServer {
  readonly url: string
  readonly process: ChildProcess
  readonly stop: () => Promise<void>
}

export interface AppServerOptions {
  readonly database: Pick<PrivateMariaDb, 'port' | 'passwordFile'>
  /** Further settings. */
  readonly settings?: Readonly<Record<string, string>>
  readonly port: number
  readonly isDemo: boolean
  /** Starts again when its source changes. */
  readonly watch?: boolean
  /** Keeps its log to itself: where it is killed on purpose, the log says nothing else. */
  readonly isQuiet?: boolean
  /** Reached by others in its network too, under this certificate and these addresses. */
  readonly lan?: { readonly certificate: LanCertificate; readonly addresses: readonly string[] }
  /** Where the data are copied to before their tables are changed. */
  readonly copies?: string
}

/** Whether a server whose certificate an authority of ours signed answers well. */
const answersOverTls = (address: string, authorityFile: string): Promise<boolean> =>
  new Promise((resolve) => {
    get(address, { ca: readFileSync(authorityFile) }, (response) => {
      response.resume()
      resolve(response.statusCode === 200)
    }).on('error', () => resolve(false))
  })

/** Starts the application server and waits until it listens. */
export async function startAppServer(options: AppServerOptions): Promise<AppServer> {
  const { database, port, isDemo, watch = false, isQuiet = false, copies, lan, settings } = options
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
      ...(lan && {
        SPUDDER_BIND: '0.0.0.0',
        SPUDDER_HOSTS: [...lanNames(), ...lan.addresses].join(','),
        SPUDDER_TLS_CERT: lan.certificate.certFile,
        SPUDDER_TLS_KEY: lan.certificate.keyFile,
      }),
      SPUDDER_PORT: String(port),
      SPUDDER_DEMO: isDemo ? '1' : '0',
      ...settings,
    },
  })
  const url = `${lan ? 'https' : 'http'}://127.0.0.1:${port}`
  const ended = new Promise<never>((_, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}; see above`)))
  })
  // Once it listens, its end is for whoever started it to notice.
  ended.catch(() => undefined)
  const answers = () =>
    lan
      ? answersOverTls(`${url}/readyz`, lan.certificate.authorityFile)
      : fetch(`${url}/readyz`).then(({ ok }) => ok, () => false) // prettier-ignore
  await Promise.race([until('starting the server', answers, 600), ended])
  return { url, process: child, stop: () => stopProcess(child) }
}

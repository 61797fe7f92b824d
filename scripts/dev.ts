import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { startAppServer } from './app-server.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { dataRoot, root, stopProcess } from './processes.ts'

/** Demo data of its own, the server starting again and the page reloading as source changes. */
const database = await startMariaDb(join(dataRoot, 'dev'), 5201)
const port = await freePort(5200)
const server = await startAppServer({ database, port, isDemo: true, watch: true })
const vitePath = join(root, 'node_modules/vite/bin/vite.js')
const vite = spawn(process.execPath, [vitePath, 'web', '--host', '127.0.0.1'], {
  cwd: root,
  stdio: 'inherit',
  detached: true,
  env: { ...process.env, SPUDDER_API: server.url },
})

let isStopping = false
const stopAll = async () => {
  if (isStopping) return
  isStopping = true
  await stopProcess(vite)
  await server.stop()
  await database.stop()
  process.exit(0)
}
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stopAll())

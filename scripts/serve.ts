import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { buildWeb } from './build-web.ts'
import { root } from './processes.ts'

// `npm run serve`: the server alone, on the database of the settings, for who runs it as a service.
await buildWeb()
const child = spawn(process.execPath, ['--import', 'tsx', join(root, 'server/src/main.ts')], {
  cwd: root,
  stdio: 'inherit',
})
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, () => child.kill(signal))
child.once('exit', (code, signal) => process.exit(code ?? (signal === null ? 1 : 0)))

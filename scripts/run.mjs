// Every npm command comes through here: first the machine is made ready, then the script runs.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { root, setUp } from './setup.mjs'

const scripts = {
  demo: { file: 'start.ts', withBrowser: false },
  start: { file: 'start.ts', withBrowser: false },
  dev: { file: 'dev.ts', withBrowser: false },
  check: { file: 'check.ts', withBrowser: false },
  test: { file: 'test.ts', withBrowser: true },
  bench: { file: 'bench.ts', withBrowser: true },
  calibrate: { file: 'calibrate.ts', withBrowser: false },
  pictures: { file: 'pictures.ts', withBrowser: true },
  fuzz: { file: 'fuzz.ts', withBrowser: false },
  weather: { file: 'weather.ts', withBrowser: false },
  backup: { file: 'backup.ts', withBrowser: false },
  restore: { file: 'restore.ts', withBrowser: false },
  torture: { file: 'torture.ts', withBrowser: false },
}

const [name = '', ...rest] = process.argv.slice(2)
const script = scripts[name]
if (!script) {
  process.stderr.write(`Say one of: ${Object.keys(scripts).join(', ')}\n`)
  process.exit(2)
}

setUp(script)
const child = spawn(
  process.execPath,
  ['--import', 'tsx', join(root, 'scripts', script.file), name, ...rest],
  {
    cwd: root,
    stdio: 'inherit',
  },
)
// The child stops what it started, in order; this process only waits for it.
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
child.on('exit', (code, signal) => process.exit(code ?? (signal === null ? 1 : 130)))

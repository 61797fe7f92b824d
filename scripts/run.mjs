// Every npm command comes through here: first the machine is made ready, then the script runs.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { root, setUp } from './setup.mjs'

const scripts = {
  demo: { file: 'start.ts', isForTests: false },
  start: { file: 'start.ts', isForTests: false },
  dev: { file: 'dev.ts', isForTests: false },
  check: { file: 'check.ts', isForTests: false },
  test: { file: 'test.ts', isForTests: true },
  bench: { file: 'bench.ts', isForTests: true },
  calibrate: { file: 'calibrate.ts', isForTests: false },
  pictures: { file: 'pictures.ts', isForTests: true },
  fuzz: { file: 'fuzz.ts', isForTests: false },
  weather: { file: 'weather.ts', isForTests: false },
  backup: { file: 'backup.ts', isForTests: false },
  restore: { file: 'restore.ts', isForTests: false },
  torture: { file: 'torture.ts', isForTests: true },
  migrate: { file: '../server/src/migrate.ts', isForTests: false },
  build: { file: 'build.ts', isForTests: false },
  serve: { file: 'serve.ts', isForTests: false },
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

import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { checkSteps } from './check-steps.ts'
import { startMariaDb } from './mariadb.ts'
import { root } from './processes.ts'
import { runSteps, type Step } from './steps.ts'

const parts = ['check', 'api', 'browser'] as const
type Part = (typeof parts)[number]
const isPart = (word: string): word is Part => parts.some((part) => part === word)
const asked = process.argv.slice(3).filter(isPart)
/** Everything, or the parts named: `npm test -- api`. */
const wanted = (part: Part) => asked.length === 0 || asked.includes(part)

/**
 * The API, and the scripts that start it, against a MariaDB of its own, made new for every run.
 * @param beside what runs at the same time, on the other core
 */
async function runApiTests(beside: readonly Step[]): Promise<boolean> {
  const folder = join(root, '.data', 'test-api')
  rmSync(folder, { recursive: true, force: true })
  const database = await startMariaDb(folder, 5301)
  try {
    const env = {
      SPUDDER_DB_PORT: String(database.port),
      SPUDDER_DB_PASSWORD_FILE: database.passwordFile,
    }
    const command = [
      'npx',
      'vitest',
      'run',
      '--reporter=dot',
      '--silent=passed-only',
      '--project',
      'server',
      '--project',
      'scripts',
    ]
    return await runSteps([{ name: 'API tests', command, env }, ...beside])
  } finally {
    await database.stop()
  }
}

/** Journeys in Chromium; every journey file starts a server and a MariaDB of its own. */
const runBrowserTests = () =>
  runSteps([
    {
      name: 'browser tests',
      command: ['npx', 'playwright', 'test', '--config', 'e2e/playwright.config.ts'],
    },
  ])

const checks = wanted('check') ? checkSteps : []
const passed = [
  await (wanted('api') ? runApiTests(checks) : runSteps(checks)),
  wanted('browser') ? await runBrowserTests() : true,
]
process.exit(passed.every(Boolean) ? 0 : 1)

import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { startAppServer } from './app-server.ts'
import { fuzz } from './fuzz/fuzz.ts'
import { storedFaults } from './fuzz/stored-faults.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { root } from './processes.ts'

/** `npm run fuzz -- [requests] [seed]`: hostile requests at the demo estate, every answer judged. */
const [, , , countWord = '100000', seedWord = '18'] = process.argv
const [count, seed] = [Number(countWord), Number(seedWord)]
const say = (text: string) => process.stdout.write(`${text}\n`)
/** Sampled anew after so many, by another seed. */
const atOnce = 20_000

const folder = join(root, '.data', 'fuzz')
rmSync(folder, { recursive: true, force: true })
const database = await startMariaDb(folder, 5451)
const server = await startAppServer({ database, port: await freePort(5450), isDemo: true })
let faults: readonly string[] = []
try {
  for (let sent = 0; sent < count; sent += atOnce) {
    const part = Math.min(atOnce, count - sent)
    const result = await fuzz(server.url, { count: part, seed: seed + sent, workers: 8 })
    faults = [...faults, ...result.faults]
    const statuses = Object.entries(result.byStatus).map(([status, times]) => `${status}: ${times}`)
    say(
      `${sent + part} of ${count} requests; slowest ${Math.round(result.slowestMs)} ms; ${statuses.join(', ')}; faults so far ${faults.length}`,
    )
  }
  const stored = await storedFaults(server.url)
  faults = [...faults, ...stored.faults]
  say(
    `${stored.read} stored things read back against their classes; faults in all ${faults.length}`,
  )
  for (const fault of faults.slice(0, 40)) say(fault)
} finally {
  await server.stop()
  await database.stop()
}
process.exitCode = faults.length === 0 ? 0 : 1

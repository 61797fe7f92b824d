import { randomLcg } from 'd3-random'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { startMariaDb } from './mariadb.ts'
import { root } from './processes.ts'
import { killRounds } from './torture/kill-rounds.ts'
import { migrationRounds } from './torture/migration-rounds.ts'

/** `npm run torture -- [rounds] [seed]`: the plug is pulled that often, under writers and in migrations. */
const [, , , roundsWord = '200', seedWord = '19'] = process.argv
const rounds = Number(roundsWord)
const chance = randomLcg(Number(seedWord) / 100)
const say = (text: string) => process.stdout.write(`${text}\n`)

const underWriters = Math.ceil(rounds / 2)
const killed = await killRounds({
  folder: join(root, '.data', 'torture'),
  rounds: underWriters,
  writers: 8,
  chance,
  told: say,
})
const folder = join(root, '.data', 'torture-migrations')
rmSync(folder, { recursive: true, force: true })
const database = await startMariaDb(folder, 5471)
const changed = await migrationRounds({
  database,
  rounds: rounds - underWriters,
  chance,
  told: say,
})
await database.stop()
say(
  `\nunder writers: ${killed.rounds} rounds, ${killed.acknowledged} acknowledged, ${killed.lost} lost, ${killed.doubled} doubled, ${killed.half} half, ${killed.notStarting} that did not come back`,
)
say(
  `migrations: ${changed.rounds} rounds, killed ${changed.killed} times, ${changed.lost} lost, ${changed.notStarting.length} that did not start`,
)
for (const words of changed.notStarting) say(words)
const isFine = killed.lost + killed.doubled + killed.half + killed.notStarting + changed.lost + changed.notStarting.length === 0 // prettier-ignore
process.exitCode = isFine ? 0 : 1

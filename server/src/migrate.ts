import 'reflect-metadata'
import { openDatabase } from './database/connect.ts'
import { DatabaseUnfit } from './database/database-unfit.ts'
import { readSettings, SettingsUnfit } from './settings/settings.ts'

// Brings the tables of the database of the settings up to date, and ends: `npm run migrate`.
try {
  // Nothing is listened on; a port is asked for all the same where settings are read whole.
  const settings = readSettings({ SPUDDER_PORT: '0', ...process.env })
  const { close } = await openDatabase(settings.database)
  await close()
  process.stdout.write('The tables are up to date.\n')
} catch (error) {
  if (!(error instanceof SettingsUnfit) && !(error instanceof DatabaseUnfit)) throw error
  process.stderr.write(`\n  ${error.message}\n\n`)
  process.exitCode = 1
}

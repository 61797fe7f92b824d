import { rmSync } from 'node:fs'
import { startAppServer } from './app-server.ts'
import { openBrowser } from './bench-drawing.ts'
import { outdoorTaps } from './bench-taps.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
rmSync('/tmp/taps-data', { recursive: true, force: true })
const db = await startMariaDb('/tmp/taps-data', 5421)
const server = await startAppServer({ database: db, port: await freePort(5420), isDemo: true })
const browser = await openBrowser()
await new Promise((r) => setTimeout(r, 5000))
for (let i = 0; i < 3; i++) {
  for (const t of await outdoorTaps(browser, server.url)) console.log(t.what, t.medianMs.toFixed(0), t.longestMs.toFixed(0))
}
await browser.close(); await server.stop(); await db.stop(); process.exit(0)

import { rmSync } from 'node:fs'
import { startAppServer } from './app-server.ts'
import { openBrowser } from './bench-drawing.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { visitorPage } from './visitor-page.ts'
rmSync('/tmp/taps-data', { recursive: true, force: true })
const db = await startMariaDb('/tmp/taps-data', 5421)
const server = await startAppServer({ database: db, port: await freePort(5420), isDemo: true })
const browser = await openBrowser()
const page = await visitorPage(browser, { viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true, locale: 'en-GB' })
const session = await page.context().newCDPSession(page)
await page.goto(server.url)
const href = await page.getByRole('link', { name: 'Bowling green', exact: true }).getAttribute('href')
await page.goto(`${server.url}${href}/look`, { waitUntil: 'networkidle' })
const group = page.getByRole('group', { name: 'Leaves affected' })
const labels = (await group.locator('label').all()).slice(0, 4)
await labels[0]!.tap(); await page.waitForTimeout(2000)
await session.send('Profiler.enable'); await session.send('Profiler.setSamplingInterval', { interval: 100 })
await session.send('Profiler.start')
for (let i = 0; i < 24; i++) { await page.evaluate((i) => { const l = [...document.querySelectorAll('fieldset')].find((f) => f.textContent?.includes('Leaves affected'))!.querySelectorAll('label'); (l[i % 4] as HTMLElement).click() }, i); await page.waitForTimeout(8) ; await page.evaluate(() => new Promise((r) => setTimeout(r, 400)))}
const { profile } = await session.send('Profiler.stop') as any
const by = new Map<number, any>(profile.nodes.map((n: any) => [n.id, n]))
const parent = new Map<number, number>(); for (const n of profile.nodes) for (const c of n.children ?? []) parent.set(c, n.id)
const self = new Map<string, number>(), total = new Map<string, number>()
let underChange = 0
profile.samples.forEach((s: number, i: number) => {
  const dt = profile.timeDeltas[i]
  const chain: string[] = []
  for (let n: number | undefined = s; n !== undefined; n = parent.get(n)) { const f = by.get(n).callFrame; chain.push(`${f.functionName || '(anon)'}:${f.url.split('/').at(-1)}:${f.lineNumber}`) }
  // only within the click itself
  if (!chain.some((c) => c.startsWith('choose:ChipChoice') || c.includes('ChipChoice')) && !chain.some((c) => c.startsWith('flushJobs'))) return
  if (chain.some((c) => c.startsWith('tell:') || c.startsWith('once:'))) return
  underChange += dt
  self.set(chain[0]!, (self.get(chain[0]!) ?? 0) + dt)
  for (const c of new Set(chain)) total.set(c, (total.get(c) ?? 0) + dt)
})
console.log('ms', underChange / 24000)
console.log([...self].sort((a, b) => b[1] - a[1]).slice(0, 25).map(([k, v]) => `${(v / 24000).toFixed(2)} ${k}`).join('\n'))
console.log('---total'); console.log([...total].sort((a, b) => b[1] - a[1]).slice(0, 45).map(([k, v]) => `${(v / 24000).toFixed(2)} ${k}`).join('\n'))
await browser.close(); await server.stop(); await db.stop(); process.exit(0)

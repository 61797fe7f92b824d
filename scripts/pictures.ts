import { chromium, type Browser } from '@playwright/test'
import type { Role } from '@spudder/contract/access'
import { mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { startAppServer } from './app-server.ts'
import { buildWeb } from './build-web.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { root } from './processes.ts'
import { lookAs, visitorPage } from './visitor-page.ts'

interface Picture {
  readonly name: string
  /** The stand whose page is shown; none for the estate. */
  readonly stand?: string
  readonly path: string
  /** A button that is pressed before the picture is taken. */
  readonly click?: string
  /** A link that is followed before the picture is taken. */
  readonly link?: string
  /** Something drawn by a worker, which the network does not tell of. */
  readonly waitFor?: string
  /** What is waited for after the button was pressed. */
  readonly after?: string
  readonly isPhone?: boolean
  /** Through whose eyes; the manager's unless said. */
  readonly as?: Role
}

/** One current picture of each main view, from the demo data. */
const pictures: readonly Picture[] = [
  { name: 'estate', path: '/' },
  { name: 'day-phone', path: '/day', isPhone: true, as: 'applicator', waitFor: 'ol > li' },
  { name: 'look', stand: 'Gardenia house', path: '/look' },
  { name: 'drill', path: '/drill', waitFor: 'tbody tr' },
  { name: 'verdict', stand: 'South vineyard block', path: '/verdict' },
  { name: 'bench', stand: 'Lettuce raft loop', path: '/bench' },
  { name: 'remedy', stand: 'South vineyard block', path: '/remedy' },
  { name: 'acid', stand: 'Blueberry terrace', path: '/acid', waitFor: '[data-mark=usual]' },
  { name: 'jobs', stand: 'Azalea border', path: '/jobs' },
  {
    name: 'sheet-phone',
    stand: 'Azalea border',
    path: '/jobs',
    link: 'Open the sheet for outside',
    isPhone: true,
  },
  { name: 'eye', path: '/eye', waitFor: 'tbody tr' },
  { name: 'watch', stand: 'South vineyard block', path: '/watch', waitFor: '.compare img' },
  { name: 'trials', stand: 'Events lawn', path: '/trials', waitFor: '.result svg' },
  { name: 'zones', stand: 'Long Down sorghum', path: '/zones', waitFor: 'tbody tr' },
  {
    name: 'dates',
    path: '/dates',
    click: 'Plan the season',
    waitFor: '.chip',
    after: '.moves .list',
  },
  { name: 'record', path: '/record', waitFor: 'ol > li' },
  { name: 'shelf', path: '/shelf', click: 'Change Green-up blend 5-0-0, 10 lb pail' },
  { name: 'season', path: '/season', waitFor: 'tbody tr' },
  { name: 'lessons', path: '/lessons', waitFor: 'tbody tr' },
]

async function take(browser: Browser, url: string, picture: Picture): Promise<void> {
  const { name, stand, path, isPhone = false } = picture
  const page = await visitorPage(browser, {
    viewport: isPhone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: 'light',
    locale: 'en-GB',
  })
  await page.goto(url)
  if (picture.as) await lookAs(page, url, picture.as)
  let address = `${url}${path}`
  if (stand) {
    const link = page.getByRole('link', { name: stand, exact: true })
    address = `${url}${(await link.getAttribute('href')) ?? ''}${path}`
  }
  await page.goto(address, { waitUntil: 'networkidle' })
  if (picture.waitFor) await page.locator(picture.waitFor).first().waitFor()
  if (picture.click) await page.getByRole('button', { name: picture.click }).click()
  if (picture.after) await page.locator(picture.after).waitFor()
  if (picture.link) {
    await page.getByRole('link', { name: picture.link }).first().click()
    await page.locator('main article').waitFor()
    await page.waitForLoadState('networkidle')
  }
  await page.evaluate(() => document.fonts.ready.then(() => undefined))
  await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) })
  await page.close()
}

await buildWeb()
const folder = join(root, '.data', 'pictures')
rmSync(folder, { recursive: true, force: true })
mkdirSync(join(root, 'docs/screenshots'), { recursive: true })
const database = await startMariaDb(folder, 5501)
const server = await startAppServer({ database, port: await freePort(5500), isDemo: true })
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' })
const wanted = process.argv.slice(3)
try {
  for (const picture of pictures) {
    if (wanted.length === 0 || wanted.includes(picture.name)) {
      await take(browser, server.url, picture)
      process.stdout.write(`docs/screenshots/${picture.name}.png\n`)
    }
  }
} finally {
  await browser.close()
  await server.stop()
  await database.stop()
}

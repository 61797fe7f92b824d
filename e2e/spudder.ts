import { test as base, expect, type Locator, type Page } from '@playwright/test'
import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { startAppServer, type AppServer } from '../scripts/app-server.ts'
import { startMariaDb, type PrivateMariaDb } from '../scripts/mariadb.ts'
import { freePort } from '../scripts/ports.ts'
import { root } from '../scripts/processes.ts'

/** A real server on a real MariaDB, with the demo estate or empty, under the control of a test. */
export class Spudder {
  readonly #folder: string
  readonly #port: number
  readonly #isDemo: boolean
  #database: PrivateMariaDb | undefined
  #server: AppServer | undefined

  private constructor(folder: string, port: number, isDemo: boolean) {
    this.#folder = folder
    this.#port = port
    this.#isDemo = isDemo
  }

  /** Makes a new one in a folder that is emptied first. */
  static async create(name: string, wishedPort: number, isDemo = true): Promise<Spudder> {
    const folder = join(root, '.data', `test-${name}`)
    if (existsSync(folder)) rmSync(folder, { recursive: true })
    const spudder = new Spudder(folder, await freePort(wishedPort), isDemo)
    await spudder.start()
    return spudder
  }

  get url(): string {
    return `http://127.0.0.1:${this.#port}`
  }

  async start(): Promise<void> {
    this.#database = await startMariaDb(this.#folder, this.#port + 1)
    this.#server = await startAppServer({
      database: this.#database,
      port: this.#port,
      isDemo: this.#isDemo,
    })
  }

  /** Pulls the plug: both processes die at once, without a chance to write anything down. */
  async kill(): Promise<void> {
    const both = [this.#database?.process, this.#server?.process]
    await Promise.all(
      both.map(
        (child) =>
          new Promise<void>((resolve) => {
            child?.once('exit', () => resolve())
            child?.kill('SIGKILL')
          }),
      ),
    )
  }

  /** The server alone goes away, in the middle of whatever it does. */
  async loseServer(): Promise<void> {
    const { process: child } = this.#server ?? {}
    await new Promise<void>((resolve) => {
      child?.once('exit', () => resolve())
      child?.kill('SIGKILL')
    })
  }

  /** It comes back, on the database that stayed. */
  async bringServerBack(): Promise<void> {
    if (!this.#database) throw new Error('there is no database to come back to')
    this.#server = await startAppServer({
      database: this.#database,
      port: this.#port,
      isDemo: this.#isDemo,
    })
  }

  async stop(): Promise<void> {
    await this.#server?.stop()
    await this.#database?.stop()
  }
}

const ownNames: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost'])
/** Every page of a test may speak to its own server and to nobody else. */
function watchRequests(page: Page): string[] {
  const elsewhere: string[] = []
  page.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url())
    if (protocol.startsWith('http') && !ownNames.has(hostname)) elsewhere.push(request.url())
  })
  return elsewhere
}

/** What the browser complains of; a refused request is part of some tests and no complaint. */
function watchComplaints(page: Page): string[] {
  const complaints: string[] = []
  page.on('pageerror', (error) => complaints.push(error.message))
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().startsWith('Failed to load resource')) {
      complaints.push(message.text())
    }
  })
  return complaints
}

export const test = base.extend<{ page: Page }, { spudder: Spudder }>({
  spudder: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads the fixtures wanted from it
    async ({}, use, { workerIndex }) => {
      // Every worker has a place of its own, so that journeys run side by side.
      const spudder = await Spudder.create(`browser-${workerIndex}`, 5310 + 10 * workerIndex)
      await use(spudder)
      await spudder.stop()
    },
    { scope: 'worker', timeout: 600_000 },
  ],
  baseURL: async ({ spudder }, use) => use(spudder.url),
  page: async ({ page }, use) => {
    const elsewhere = watchRequests(page)
    const complaints = watchComplaints(page)
    // Somebody who was shown around already; the tour has a journey of its own.
    await page.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
    await use(page)
    expect(elsewhere, 'requests that leave this machine').toEqual([])
    expect(complaints, 'complaints of the browser').toEqual([])
  },
})

/** A browser as a phone outdoors has it, which keeps the code of the screens. */
export const asPhone = {
  viewport: { width: 390, height: 844 },
  isMobile: true,
  hasTouch: true,
  serviceWorkers: 'allow',
  locale: 'en-GB',
} as const

export { expect }

/** A day some days from today where the browser is, as the date fields take it. */
export function dayFromToday(days: number): string {
  const date = new Date()
  date.setDate(date.getDate() + days)
  const two = (value: number) => String(value).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}

/** Opens a stand from the estate, as a person does. */
export async function openStand(page: Page, name: string): Promise<void> {
  await page.goto('/')
  const link = page.getByRole('link', { name, exact: true })
  // Rows first: who scrolls before they are there scrolls past the one wanted.
  await expect(page.locator('.list a').first()).toBeVisible()
  await page.mouse.move(400, 400)
  // The estate draws the rows in sight alone: one scrolls to those further down.
  await expect(async () => {
    if (!(await link.isVisible())) await page.mouse.wheel(0, 400)
    await expect(link).toBeVisible({ timeout: 500 })
  }).toPass()
  await link.click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
}

/** Adds a stand of its own for a test that changes things. */
export async function addTree(page: Page, name: string): Promise<void> {
  await page.goto('/stands/new')
  await page.getByText('Trees and vines', { exact: true }).click()
  await page.getByLabel('Name').fill(name)
  await choose(page.getByLabel('Plant', { exact: true }), 'Pin oak')
  await page.getByLabel('How many trees').fill('3')
  await page.getByLabel('Trunk diameter').fill('4 in')
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
}

/** Chooses from the list of a field by its words, or its first entry; opened by a key, as hands on keys do. */
export async function choose(field: Locator, words: string | RegExp | 'first'): Promise<void> {
  // Lists of other fields may be closing still: this is the one of the field.
  const id = (await field.getAttribute('id')) ?? ''
  const list = field
    .page()
    .locator('.ant-select-dropdown', { has: field.page().locator(`[id="${id}_list"]`) })
  const options = list.locator('.ant-select-item-option')
  const exact = typeof words === 'string'
  await expect(async () => {
    if (!(await list.isVisible())) await field.press('ArrowDown')
    await expect(list).toBeVisible({ timeout: 2000 })
  }).toPass()
  await (words === 'first' ? options.first() : list.getByTitle(words, { exact })).click()
}

/** Chooses how much time is on view. */
export const showSpan = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Time on view' }).getByText(name, { exact: true }).click()

/** Whether a stretch of time is the one on view. */
export const spanShown = (page: Page, name: string): Locator =>
  page.getByRole('group', { name: 'Time on view' }).getByRole('radio', { name, checked: true })

/** Opens a tab of the settings. */
export async function openSettings(page: Page, tab: string): Promise<void> {
  await page.goto('/settings')
  await page.getByRole('tab', { name: tab }).click()
}

/** Clears the look being taken. */
export async function startOver(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start over' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Clear it' }).click()
}

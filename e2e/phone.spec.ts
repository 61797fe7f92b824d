import { chromium, expect, test, type Browser, type Page } from '@playwright/test'
import type { RecordPageDto } from '@spudder/contract/entry'
import type { PlaceDto } from '@spudder/contract/place'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { startAppServer, type AppServer } from '../scripts/app-server.ts'
import { lanCertificate, type LanCertificate } from '../scripts/lan-certificate.ts'
import { serveLanPage } from '../scripts/lan-page.ts'
import { startMariaDb, type PrivateMariaDb } from '../scripts/mariadb.ts'
import { freePort } from '../scripts/ports.ts'
import { root } from '../scripts/processes.ts'
import { PhoneNetwork } from './phone-network.ts'
import { asPhone, choose } from './spudder.ts'

const folder = join(root, '.data', 'test-phone')
const manager = { signInName: 'marla', password: 'slate heron ninety doors' }
let network: PhoneNetwork
let database: PrivateMariaDb
let server: AppServer
let certificate: LanCertificate
let explained: { stop: () => Promise<void> }
let pages: { readonly spudder: string; readonly explanation: string }
let phone: Browser | undefined

test.beforeAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  network = new PhoneNetwork()
  database = await startMariaDb(folder, 5590)
  // At the machine itself, whoever works there alone asks for sign-in first.
  const port = await freePort(5592)
  const alone = await startAppServer({ database, port, isDemo: true, isQuiet: true })
  const asked = await fetch(`${alone.url}/api/me/sign-in-asked`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(manager),
  })
  expect(asked.status).toBe(201)
  await alone.stop()
  const addresses = [network.address]
  certificate = await lanCertificate(join(folder, 'lan'), addresses)
  server = await startAppServer({
    database,
    port,
    isDemo: true,
    isQuiet: true,
    lan: { certificate, addresses },
  })
  const spudder = `https://${network.address}:${port}`
  const pagePort = await freePort(5594)
  const told = { address: spudder, authorityFile: certificate.authorityFile }
  explained = await serveLanPage(told, pagePort)
  pages = { spudder, explanation: `http://${network.address}:${pagePort}` }
})
test.afterAll(async () => {
  await phone?.close()
  await explained.stop()
  await server.stop()
  await database.stop()
  network.stop()
  rmSync(folder, { recursive: true, force: true })
})

async function onPhone(): Promise<Page> {
  phone = await chromium.launch({ executablePath: network.browser, args: ['--no-sandbox'] })
  const context = await phone.newContext(asPhone)
  await context.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
  return context.newPage()
}

const pixel = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') // prettier-ignore

test('a phone in the network is told to trust the machine, signs in, and does a job of the day by its sheet, into the record with a photo', async () => {
  // Before it was told, it goes no further than the warning.
  const wary = await onPhone()
  await expect(wary.goto(pages.spudder)).rejects.toThrow(/ERR_CERT_AUTHORITY_INVALID/)
  await phone?.close()

  network.trust(certificate.authorityFile)
  const page = await onPhone()
  await page.goto(pages.explanation)
  await expect(page.getByRole('heading', { name: 'Spudder on this phone' })).toBeVisible()
  await page.getByRole('link', { name: 'Open Spudder' }).tap()
  await page.getByLabel('Sign-in name').fill(manager.signInName)
  await page.getByLabel('Password').fill(manager.password)
  await page.getByRole('button', { name: 'Sign in', exact: true }).tap()
  await expect(page.getByRole('heading', { name: 'Estate' })).toBeVisible()
  // A secured line: what a page needs one for works, and the cookie goes nowhere else.
  expect(await page.evaluate(() => [isSecureContext, 'serviceWorker' in navigator])).toEqual([true, true]) // prettier-ignore
  const [cookie] = await page.context().cookies()
  expect(cookie).toMatchObject({ name: '__Host-spudder', secure: true, httpOnly: true })

  const read = async <Answer>(path: string) =>
    (await page.evaluate((address) => fetch(address).then((answer) => answer.json()), `/api${path}`)) as Answer // prettier-ignore
  const [place] = await read<PlaceDto[]>('/places')
  // Whoever plans takes a job of the crew over, and does it: from the day, by its sheet, into the record.
  await page.getByRole('button', { name: 'Menu' }).tap()
  await page.getByRole('link', { name: /^My day/ }).tap()
  await page.getByText('Everybody', { exact: true }).tap()
  const dose = page.getByRole('listitem').filter({ hasText: 'Fe-DTPA, dose 1 of 3' })
  await choose(dose.getByLabel('Who'), 'Marla Quist')
  await expect(page.getByRole('list', { name: 'Marla Quist' })).toContainText('dose 1 of 3')
  await page.getByText('Mine', { exact: true }).tap()
  await expect(page.getByRole('region', { name: 'To take along' })).toContainText('Fe-DTPA')
  const mine = page.getByRole('list', { name: 'Today' }).getByRole('listitem').filter({ hasText: 'dose 1 of 3' }) // prettier-ignore
  await mine.getByRole('button', { name: /^Start/ }).tap()
  await expect(mine.getByText('You are at it since')).toBeVisible()
  await mine.getByRole('link', { name: /^Done/ }).tap()
  await expect(page.getByText('In this order')).toBeVisible()
  await expect(page.getByText('Taken along: opens without signal')).toBeVisible()
  await page
    .locator('.record input[type=file]')
    .setInputFiles({ name: 'raft.png', mimeType: 'image/png', buffer: pixel })
  await page.getByLabel('Lot').fill('FROM-THE-PHONE')
  await page.getByRole('button', { name: 'Record it', exact: true }).tap()
  await expect(page.getByRole('button', { name: 'Record it', exact: true })).toBeHidden()

  // It is shown as done as soon as the phone has it; then it goes to the server.
  const recorded = async () =>
    (await read<RecordPageDto>(`/places/${place?.id}/entries?text=from-the-phone`)).lines
  await expect.poll(async () => (await recorded()).length).toBe(1)
  const lines = await recorded()
  expect(lines[0]?.entry.createdBy).toBe('Marla Quist')
  // It began when she said so.
  expect(lines[0]?.entry.startedAt).toMatch(/^\d{2}:\d{2}$/)
  await page.goto(`${pages.spudder}/day`)
  await expect(page.getByText('Done today: 1')).toBeVisible()
  // The day and its sheets were taken along: they open where there is no signal.
  await expect(page.getByText('Taken along: opens without signal')).toBeVisible()
  await page.context().setOffline(true)
  await page.reload()
  await expect(page.getByText('Done today: 1')).toBeVisible()
  await expect(page.getByText(/No signal: shown as it was/)).toBeVisible()
  await page.context().setOffline(false)
})

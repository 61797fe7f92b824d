import type { StandStoryDto } from '@spudder/contract/stand'
import type { Page } from '@playwright/test'
import { newerServer } from './newer-server.ts'
import { estateOf, phoneOn, read } from './phones.ts'
import { expect, test } from './spudder.ts'

test('what is ticked off on one device is ticked on the other, and taken back on both', async ({
  browser,
  spudder,
}) => {
  const [phone, tablet] = [await phoneOn(browser, spudder.url), await phoneOn(browser, spudder.url)]
  const { idOf } = await estateOf(phone)
  const standId = idOf('Azalea border')
  const { jobs } = await read<StandStoryDto>(phone, `/stands/${standId}`)
  const job = jobs.find(({ kind, status }) => kind === 'apply' && status === 'planned')
  const sheet = `/stands/${standId}/sheet/${job?.id}`
  const [page, other] = [await phone.newPage(), await tablet.newPage()]
  const step = (on: Page, number: number) => on.locator('ol .tick').nth(number)
  const box = (on: Page, number: number) => step(on, number).getByRole('checkbox')
  await page.goto(sheet)
  await step(page, 0).tap()
  await step(page, 1).tap()
  await expect(box(page, 1)).toBeChecked()
  type Tick = { readonly number: number; readonly isTicked: boolean }
  const ticks = async () =>
    (await read<Tick[]>(tablet, `/jobs/${job?.id}/ticks`)).filter(({ isTicked }) => isTicked).length
  await expect.poll(ticks).toBe(2)

  await other.goto(sheet)
  await expect(box(other, 0)).toBeChecked()
  await expect(box(other, 1)).toBeChecked()
  await expect(box(other, 2)).not.toBeChecked()
  await step(other, 1).tap()
  await step(other, 2).tap()
  await expect.poll(ticks).toBe(2)
  await expect(box(other, 1)).not.toBeChecked()
  // The first one looks anew by itself while somebody looks at it.
  await expect(box(page, 2)).toBeChecked()
  await expect(box(page, 1)).not.toBeChecked()
  await Promise.all([phone.close(), tablet.close()])
})

test('a newer version is offered, never forced, and what was begun goes on in it', async ({
  browser,
  spudder,
}) => {
  const server = await newerServer(spudder.url, 5660)
  const phone = await phoneOn(browser, spudder.url)
  const { idOf } = await estateOf(phone)
  const page = await phone.newPage()
  await page.goto(`${server.url}/stands/${idOf('Gardenia house')}/look`)
  const controlled = () => page.evaluate(() => navigator.serviceWorker.controller !== null)
  await expect.poll(controlled).toBe(true)
  const tier = page.getByRole('group', { name: 'Leaves affected' })
  await tier.getByText('all leaves alike', { exact: true }).tap()
  const offer = page.getByText('A newer Spudder is here')
  const lookForIt = () =>
    page.evaluate(async () => void (await (await navigator.serviceWorker.getRegistration())?.update())) // prettier-ignore
  await lookForIt()
  await expect(offer).toHaveCount(0)

  server.renew()
  await lookForIt()
  await expect(offer).toBeVisible()
  // It waits: the page goes on with the one it has, through other screens too.
  await page.getByRole('link', { name: 'Bench' }).first().tap()
  await expect(offer).toBeVisible()
  await page.getByRole('link', { name: 'Look' }).first().tap()
  await expect(tier.getByRole('radio', { name: 'all leaves alike' })).toBeChecked()
  const loaded = page.waitForEvent('load')
  await page.getByRole('button', { name: 'Use it now' }).tap()
  await loaded
  await expect(tier.getByRole('radio', { name: 'all leaves alike' })).toBeChecked()
  await expect(offer).toHaveCount(0)
  await phone.close()
  server.stop()
})

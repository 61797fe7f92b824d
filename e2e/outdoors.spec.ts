import type { StandStoryDto } from '@spudder/contract/stand'
import type { TrialDto } from '@spudder/contract/trial'
import { expect, test, type Browser, type BrowserContext, type Page } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import { estateOf, phoneOn, post, read } from './phones.ts'
import { dayFromToday, Spudder } from './spudder.ts'
import { tooSmall } from './targets.ts'

let spudder: Spudder
test.beforeAll(async () => (spudder = await Spudder.create('outdoors', 5640)))
test.afterAll(async () => spudder.stop())

const device = (browser: Browser) => phoneOn(browser, spudder.url)

const picture = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
const photo = (name: string) => ({ name, mimeType: 'image/png', buffer: picture })

/** A day with eight jobs, and a trial of 24 plots. */
async function eightJobs(context: BrowserContext) {
  const estate = await estateOf(context)
  const { placeId, idOf } = estate
  const looks = ['Bowling green', 'Gardenia house', 'South vineyard block', 'Azalea border'].map(
    (name) => ({ id: randomUUID(), standId: idOf(name), dueOn: dayFromToday(0) }),
  )
  await post(context, `/places/${placeId}/looks-due`, { looks })
  const design = { layout: 'blocks', factors: [{ name: 'iron', levels: ['none', 'low', 'mid', 'high'] }], replicates: 6 } // prettier-ignore
  const trial = { id: randomUUID(), name: 'Iron rates', design, seed: 0.4, plotLengthM: 2, plotWidthM: 1, scale: 'turfColour', startedOn: dayFromToday(-8) } // prettier-ignore
  await post(context, `/stands/${idOf('Bowling green')}/trials`, trial)
  return estate
}

/** What is waiting on the device, by the line on top of the page. */
const waits = (page: Page, words: string) =>
  expect(page.getByText(new RegExp(`${words} on this device`)).first()).toBeVisible()

async function colour(page: Page, standId: string, value: string): Promise<void> {
  await page.goto(`/stands/${standId}/watch`)
  const form = page.locator('form.colour')
  await form.getByLabel(/^Value/).fill(value)
  await form.getByRole('button', { name: 'Add colour' }).tap()
  await expect(form.getByLabel(/^Value/)).toHaveValue('')
}

async function pH(page: Page, standId: string, value: string): Promise<void> {
  await page.goto(`/stands/${standId}/look`)
  await page.getByLabel('pH measured').fill(value)
  await page.getByRole('button', { name: 'Add pH' }).tap()
  await expect(page.getByLabel('pH measured')).toHaveValue('')
  await expect(page.getByText(`${value} (`).first()).toBeVisible()
}

async function look(page: Page, standId: string, name: string): Promise<void> {
  await page.goto(`/stands/${standId}/look`)
  await page.locator('.photos input[type=file]').setInputFiles(photo(name))
  await expect(page.getByRole('img', { name: `Photo ${name}` })).toBeVisible()
  const chips = page.getByRole('group', { name: 'Leaves affected' })
  await chips.getByRole('radio', { checked: false }).first().dispatchEvent('click')
  await page.getByRole('button', { name: 'Save look' }).tap()
  await expect(page.getByText('Look kept on this device.')).toBeVisible()
}

test('everything that is pressed outdoors is large enough for a glove, on narrow phones and in large type, in the colours for the sun', async ({
  browser,
}) => {
  const phone = await device(browser)
  await phone.addInitScript(() => localStorage.setItem('spudder:theme', 'sun'))
  const { idOf, dose } = await estateOf(phone)
  const standId = idOf('Bowling green')
  const job = await dose()
  const paths = ['/day', '/waiting', ...['look', 'bench', 'watch', 'trials', 'zones'].map((panel) => `/stands/${standId}/${panel}`), `/stands/${job?.standId}/sheet/${job?.id}?record=yes`, '/sprayers'] // prettier-ignore
  const page = await phone.newPage()
  for (const path of paths) {
    await page.goto(path)
    await expect(page.locator('#main').getByRole('heading').first()).toBeVisible()
    for (const [width, text] of [
      [390, 15],
      [360, 15],
      [390, 30],
    ] as const) {
      // prettier-ignore
      await page.setViewportSize({ width, height: 844 })
      await page.evaluate((size) => (document.documentElement.style.fontSize = `${size}px`), text)
      const { small, over } = await tooSmall(page)
      expect({ path, width, text, small, over }).toEqual({ path, width, text, small: [], over: 0 })
    }
  }
  expect(await page.evaluate(() => document.documentElement.dataset['theme'])).toBe('sun')
  await phone.close()
})

test('a day without signal: eight jobs, looks with photos, readings and a trial are all there once, in order, on another device too', async ({
  browser,
}) => {
  const phone = await device(browser)
  const { idOf, day, dose } = await eightJobs(phone)
  let page = await phone.newPage()
  await page.goto('/day')
  await expect(page.getByText('Taken along: opens without signal')).toBeVisible()
  // What a browser asks for before it lets a page be put on the home screen.
  const manifest = await (await phone.request.get('/manifest.webmanifest')).json()
  expect(manifest).toMatchObject({ name: 'Spudder', start_url: '/day', scope: '/', display: 'standalone' }) // prettier-ignore
  for (const { src, sizes } of manifest.icons as { src: string; sizes: string }[]) {
    const { width, height } = await sharp(await (await phone.request.get(src)).body()).metadata()
    expect(`${width}x${height}`).toBe(sizes)
  }
  expect(await page.evaluate(() => [isSecureContext, navigator.serviceWorker.controller !== null])).toEqual([true, true]) // prettier-ignore
  const before = await day()
  const jobId = (await dose())?.id
  expect([...before.mine, ...before.others]).toHaveLength(8)

  await phone.setOffline(true)
  await page.reload()
  await expect(page.getByText(/No signal: shown as it was/)).toBeVisible()
  // One thumb begins the first job of the day.
  const first = page.getByRole('list', { name: 'Today' }).getByRole('listitem').first()
  await first.getByRole('button', { name: /^Start/ }).tap()
  await expect(first.getByText('You are at it since')).toBeVisible()
  await waits(page, 'One record waits')
  const walked = ['Pin oak avenue', 'Events lawn', 'Bowling green', 'Gardenia house', 'South vineyard block', 'Azalea border'] // prettier-ignore
  for (const [index, name] of walked.entries()) await colour(page, idOf(name), String(index % 2 === 0 ? 3 : 4)) // prettier-ignore
  await waits(page, '7 records wait')

  // The app is closed, and opened again: nothing of it is gone.
  await page.close()
  page = await phone.newPage()
  await page.goto('/day')
  await waits(page, '7 records wait')
  await expect(page.getByText('Done today: 6')).toBeVisible()
  for (const [index, name] of ['Lettuce raft loop', ...walked.slice(0, 5)].entries()) await pH(page, idOf(name), `6.${index + 1}`) // prettier-ignore
  for (const name of walked.slice(0, 3)) await look(page, idOf(name), `${name}.png`)

  await page.goto(`/stands/${idOf('Bowling green')}/trials`)
  const walk = page.getByRole('region', { name: 'Rate the plots' })
  for (let plot = 1; plot <= 24; plot += 1) {
    await walk.getByText(plot % 2 === 0 ? '6' : '7', { exact: true }).tap()
  }
  await walk.getByRole('button', { name: 'Save 24 ratings' }).tap()
  await expect(walk.getByRole('button', { name: 'Save 0 ratings' })).toBeVisible()

  // The spray is recorded from its sheet, which was never opened before.
  await page.goto(`/stands/${idOf('Lettuce raft loop')}/sheet/${jobId}?record=yes`)
  await page.locator('.record input[type=file]').setInputFiles(photo('raft.png'))
  await page.getByRole('button', { name: 'Record it', exact: true }).tap()
  await expect(page.getByText('Recorded on this device; it goes out by itself')).toBeVisible()
  await page.goto('/day')
  await expect(page.getByText('Done today: 8')).toBeVisible()
  await page.goto('/waiting')
  const lines = page.locator('.waiting li')
  await expect(lines).toHaveCount(22)
  const made = await lines.locator('b').allInnerTexts()
  expect(made[0]).toMatch(/^1\. Started/)
  expect(made[21]).toBe('22. Photo raft.png')
  await page.screenshot({ path: test.info().outputPath('waiting.png') })

  // The signal comes back in bursts; the app is closed in one of them, and opened again without signal.
  const left = () => page.locator('.waiting li').count()
  for (let burst = 1; burst <= 3 && (await left()) > 0; burst += 1) {
    const before = await left()
    await phone.setOffline(false)
    await expect.poll(left).toBeLessThan(before)
    await phone.setOffline(true)
    if (burst !== 2) continue
    await page.close()
    page = await phone.newPage()
    await page.goto('/waiting')
    await expect(page.locator('.waiting li').or(page.getByText('Nothing waits')).first()).toBeVisible() // prettier-ignore
  }
  await phone.setOffline(false)
  await expect(page.getByText('Nothing waits')).toBeVisible()

  // Once each, in the order in which they were made.
  const stories = await Promise.all(
    [...walked, 'Lettuce raft loop'].map((name) => read<StandStoryDto>(phone, `/stands/${idOf(name)}`)), // prettier-ignore
  )
  const today = <Row extends { readonly createdAt: string }>(rows: readonly Row[]) =>
    rows.filter(({ createdAt }) => createdAt.slice(0, 10) === new Date().toISOString().slice(0, 10))
  const inOrder = <Row extends { readonly createdAt: string }>(rows: readonly Row[]) =>
    rows.toSorted((one, other) => (one.createdAt < other.createdAt ? -1 : 1))
  const readings = inOrder(today(stories.flatMap((story) => story.readings)))
  expect(readings.filter(({ kind }) => kind === 'pH').map(({ value }) => value)).toEqual([6.1, 6.2, 6.3, 6.4, 6.5, 6.6]) // prettier-ignore
  expect(readings.filter(({ kind }) => kind !== 'pH')).toHaveLength(6)
  expect(today(stories.flatMap(({ looks }) => looks))).toHaveLength(3)
  const photos = inOrder(today(stories.flatMap((story) => story.photos)))
  expect(photos.map(({ fileName }) => fileName)).toEqual([...walked.slice(0, 3).map((name) => `${name}.png`), 'raft.png']) // prettier-ignore
  const entries = today(stories.flatMap((story) => story.entries))
  expect(entries).toHaveLength(1)
  expect(photos.at(-1)?.entryId).toBe(entries[0]?.id)
  const [trial] = await read<TrialDto[]>(phone, `/stands/${idOf('Bowling green')}/trials`)
  expect(trial?.ratings.map(({ plot }) => plot).toSorted((a, b) => a - b)).toEqual(Array.from({ length: 24 }, (_, index) => index + 1)) // prettier-ignore
  const after = await day()
  expect([after.mine.length, after.others.length, after.done.length]).toEqual([0, 0, 8])

  const tablet = await device(browser)
  const other = await tablet.newPage()
  await other.goto('/day')
  await expect(other.getByText('Done today: 8')).toBeVisible()
  await tablet.close()
  await phone.close()
})

test('what two devices did to one thing, and what was not taken, is shown with both sides, and put right', async ({
  browser,
}) => {
  const [phone, tablet] = [await device(browser), await device(browser)]
  const { idOf } = await estateOf(phone)
  const standId = idOf('Bowling green')
  const corners = [[0, 0], [9, 0], [9, 9], [0, 9]] // prettier-ignore
  await post(phone, `/stands/${standId}/zones`, { id: randomUUID(), name: 'North edge', outline: corners, score: 2 }) // prettier-ignore
  const page = await phone.newPage()
  await page.goto(`/stands/${standId}/zones`)
  await page.getByRole('button', { name: 'Take along' }).tap()
  const other = await tablet.newPage()
  await other.goto(`/stands/${standId}/zones`)
  const score = (on: Page) => on.getByLabel('Chlorosis score of North edge, 1 to 5')
  await expect(score(page)).toHaveValue('2')
  await expect(page.getByRole('button', { name: 'Taken along: leave it' })).toBeVisible()

  await phone.setOffline(true)
  await score(page).fill('3')
  await score(page).blur()
  await waits(page, 'One record waits')
  await expect(score(page)).toHaveValue('3')
  await score(other).fill('5')
  await score(other).blur()
  await expect.poll(async () => (await read<{ score: number }[]>(tablet, `/stands/${standId}/zones`))[0]?.score).toBe(5) // prettier-ignore
  await phone.setOffline(false)
  await expect(page.getByText('One record was not taken')).toBeVisible()
  await page.getByRole('link', { name: 'See them' }).tap()
  const line = page.locator('.waiting li')
  await expect(line).toContainText('Somebody changed this while you had it open.')
  await expect(line).toContainText(/score from 2 to 5/i)
  await expect(line).toContainText('Yours: North edge: score 3')
  await line.getByRole('button', { name: 'Yours: store it over theirs' }).tap()
  await expect(page.getByText('Nothing waits')).toBeVisible()
  await other.reload()
  await expect(score(other)).toHaveValue('3')

  // A reading that the server has something against is opened here, and goes out put right.
  await phone.setOffline(true)
  await pH(page, standId, '7.93')
  await page.route(
    '**/readings',
    (route) =>
    route.fulfill({ status: 400, json: { code: 'invalid-body', detail: 'Taken on: give a day up to today.', fields: [] } }), // prettier-ignore
  )
  await phone.setOffline(false)
  await page.getByRole('link', { name: 'See them' }).tap()
  await expect(line).toContainText('Not taken: ')
  await expect(line).toContainText('give a day up to today')
  await page.unroute('**/readings')
  await line.getByRole('button', { name: 'Put it right' }).tap()
  await line.getByLabel('Value').fill('7.31')
  await page.screenshot({ path: test.info().outputPath('put-right.png') })
  await line.getByRole('button', { name: 'Send it so' }).tap()
  await expect(page.getByText('Nothing waits')).toBeVisible()
  const { readings } = await read<StandStoryDto>(phone, `/stands/${standId}`)
  expect(readings.filter(({ value }) => value === 7.31)).toHaveLength(1)
  expect(readings.filter(({ value }) => value === 7.93)).toEqual([])

  // A device that keeps nothing says so, and what was typed stays in its form.
  await page.goto(`/stands/${standId}/look`)
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await phone.setOffline(true)
  await page.getByLabel('pH measured').fill('6.9')
  await page.getByRole('button', { name: 'Add pH' }).tap()
  await expect(page.getByText('this device keeps nothing now')).toBeVisible()
  await expect(page.getByLabel('pH measured')).toHaveValue('6.9')
  await phone.setOffline(false)
  await page.getByRole('button', { name: 'Add pH' }).tap()
  await expect(page.getByLabel('pH measured')).toHaveValue('')
  await Promise.all([phone.close(), tablet.close()])
})

import type { RecordPageDto } from '@spudder/contract/entry'
import type { PlaceDto } from '@spudder/contract/place'
import type { StandStoryDto } from '@spudder/contract/stand'
import type { APIRequestContext, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { pdfPages } from './pdf-text.ts'
import { ironSpray } from './stand-with-case.ts'
import { dayFromToday, expect, openStand, test } from './spudder.ts'

test.use({ serviceWorkers: 'allow' })

test.describe.configure({ mode: 'serial' })

const placeOf = async (request: APIRequestContext): Promise<PlaceDto> => {
  const [place] = (await (await request.get('/api/places')).json()) as PlaceDto[]
  if (!place) throw new Error('no place')
  return place
}
const recordOf = async (request: APIRequestContext, query: string): Promise<RecordPageDto> => {
  const { id } = await placeOf(request)
  return (await (await request.get(`/api/places/${id}/entries?${query}`)).json()) as RecordPageDto
}

/** A lawn with a look and sprays planned: its id and those of its applications. */
async function lawnWithSprays(
  request: APIRequestContext,
  name: string,
  remedies: number,
  repeats: number,
) {
  const place = await placeOf(request)
  const post = async <Answer>(path: string, data: object): Promise<Answer> => {
    const response = await request.post(`/api${path}`, { data })
    expect(response.status(), await response.text()).toBe(201)
    return (await response.json()) as Answer
  }
  const standId = crypto.randomUUID()
  const size = { kind: 'area', areaM2: 500 }
  await post(`/places/${place.id}/stands`, { id: standId, name, context: 'turf', plantId: 'bermudagrass', size }) // prettier-ignore
  const findings = { tier: 'youngest-only', pattern: 'stripes', severity: '3', roots: 'white' }
  await post(`/stands/${standId}/looks`, { id: crypto.randomUUID(), lookedOn: dayFromToday(-2), findings, paint: {} }) // prettier-ignore
  const story = async () =>
    (await (await request.get(`/api/stands/${standId}`)).json()) as StandStoryDto
  const caseId = (await story()).cases[0]?.id ?? ''
  for (let index = 0; index < remedies; index++) {
    await post(`/cases/${caseId}/remedies`, {
      id: crypto.randomUUID(),
      ...ironSpray,
      applyOn: dayFromToday(index),
      repeats,
    })
  }
  const jobIds = (await story()).jobs.filter(({ kind }) => kind === 'apply').map(({ id }) => id)
  return { standId, jobIds }
}

async function openSheet(page: Page, standId: string, jobId: string): Promise<void> {
  await page.goto(`/stands/${standId}/sheet/${jobId}`)
  await expect(page.getByText('In this order')).toBeVisible()
}

test('work is recorded without signal in two taps, outlives a reload, and is stored once', async ({
  page,
  context,
}) => {
  const { standId, jobIds } = await lawnWithSprays(page.request, 'North meadow', 1, 0)
  await openSheet(page, standId, jobIds[0] ?? '')
  await expect(page.getByText('Taken along: opens without signal')).toBeVisible()
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Done: record it' }).click()
  const pixel = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
  await page
    .locator('.record input[type=file]')
    .setInputFiles({ name: 'tank.png', mimeType: 'image/png', buffer: pixel })
  await page.getByLabel('Lot').fill('OUTSIDE-7')
  await page.getByRole('button', { name: 'Record it', exact: true }).click()
  await expect(page.getByText('Recorded on this device; it goes out by itself')).toBeVisible()
  await expect(page.getByText('2 records wait on this device')).toBeVisible()
  await page.reload()
  await expect(page.getByText('2 records wait on this device')).toBeVisible()
  await expect(page.getByText('In this order')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('2 records wait on this device')).toBeHidden()
  const { lines } = await recordOf(page.request, 'text=outside')
  expect(lines.map(({ entry }) => entry.jobId)).toEqual([jobIds[0]])
  expect(lines[0]?.entry.weather?.source).toMatch(/simulated weather/)
  const story = (await (await page.request.get(`/api/stands/${standId}`)).json()) as StandStoryDto
  expect(story.photos.map(({ entryId }) => entryId)).toEqual([lines[0]?.entry.id])
})

test('work recorded while the server is away arrives by itself, once', async ({
  page,
  spudder,
}) => {
  const { standId, jobIds } = await lawnWithSprays(page.request, 'Far meadow', 1, 0)
  await openSheet(page, standId, jobIds[0] ?? '')
  await expect(page.getByText('Taken along: opens without signal')).toBeVisible()
  await spudder.loseServer()
  await page.getByRole('button', { name: 'Done: record it' }).click()
  await page.getByLabel('Lot').fill('AWAY-20')
  await page.getByRole('button', { name: 'Record it', exact: true }).click()
  await expect(page.getByText('One record waits on this device')).toBeVisible()
  await page.getByRole('link', { name: 'See them' }).click()
  await expect(page.getByRole('heading', { name: 'Waiting records' })).toBeVisible()
  // The pauses grow: the second try comes some 5 s after the first, the third some 15 s.
  await expect(page.getByText(/Tried [3-9] times/)).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: /^Delete: Record/ }).click()
  await expect(page.getByText('nothing of it can be brought back')).toBeVisible()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await spudder.bringServerBack()
  await expect(page.getByText('Nothing waits')).toBeVisible({ timeout: 90_000 })
  const { lines } = await recordOf(page.request, 'text=away-20')
  expect(lines.map(({ entry }) => entry.jobId)).toEqual([jobIds[0]])
})

test('two of the crew record one job at once: one entry, and one is told plainly', async ({
  page,
  browser,
  spudder,
}) => {
  const { standId, jobIds } = await lawnWithSprays(page.request, 'West meadow', 1, 0)
  const context = await browser.newContext({ baseURL: spudder.url })
  const pages = [page, await context.newPage()]
  for (const each of pages) {
    await openSheet(each, standId, jobIds[0] ?? '')
    await each.getByRole('button', { name: 'Done: record it' }).click()
  }
  await Promise.all(
    pages.map((each) => each.getByRole('button', { name: 'Record it', exact: true }).click()),
  )
  const told = (each: Page) =>
    each.getByText(/Somebody was there before you\. This job is already done, by Marla Quist/)
  const done = (each: Page) => each.getByText('Recorded.', { exact: false })
  for (const each of pages) await expect(told(each).or(done(each)).first()).toBeVisible()
  const story = (await (await page.request.get(`/api/stands/${standId}`)).json()) as StandStoryDto
  expect(story.entries).toHaveLength(1)
  const refusals = await Promise.all(pages.map((each) => told(each).count()))
  expect(refusals.reduce((sum, count) => sum + count, 0)).toBeLessThanOrEqual(1)
  await context.close()
})

test('the record is found again, and goes out as CSV and PDF', async ({ page }) => {
  await openStand(page, 'North meadow')
  await page.getByRole('link', { name: 'Record', exact: true }).click()
  await page.getByLabel('Find').fill('north outside')
  await expect(page.getByText('1 line, the newest first')).toBeVisible()
  await expect(page.locator('ol > li')).toContainText('OUTSIDE-7')
  const save = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).click(),
    ])
    return readFileSync(await download.path())
  }
  const csv = (await save('CSV')).toString('utf8').split('\r\n')
  expect(csv).toHaveLength(2)
  expect(csv[1]).toContain('OUTSIDE-7')
  const pages = await pdfPages(await save('PDF for the inspector'))
  expect(pages.join(' ')).toMatch(/North meadow.*OUTSIDE-7/)
  // The photo of the tank goes with the line that it was taken for.
  expect(pages.join(' ')).toMatch(/Photos.*North meadow, .* with line [0-9a-f]{8}/)
  await page.getByLabel('Find').fill('zebra')
  await expect(page.getByText('Nothing is found.')).toBeVisible()
})

test('a part of the record is shared by a link, read without a sign-in, and taken back', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.goto('/record')
  await page.getByRole('button', { name: 'Share by a link' }).click()
  const form = page.getByRole('form', { name: 'Make a link to the record' })
  await form.getByRole('button', { name: 'Make a link' }).click()
  await expect(form.getByText(/^For: /)).toBeVisible()
  await form.getByLabel('For', { exact: true }).fill('The county office')
  await form.getByRole('button', { name: 'Make a link' }).click()
  const address = (await page.getByLabel('The link', { exact: true }).textContent())?.trim() ?? ''
  expect(new URL(address).origin).toBe(baseURL)
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).last().click()

  const stranger = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const theirs = await stranger.newPage()
  await theirs.goto(address)
  await expect(theirs.getByRole('heading', { level: 1 })).toContainText('record of applications')
  await expect(theirs.getByText('Every stand, all days', { exact: false })).toBeVisible()
  await expect(theirs.getByRole('listitem').first()).toContainText('planned')
  const saving = theirs.waitForEvent('download')
  await theirs.getByRole('button', { name: 'CSV' }).click()
  const lines = readFileSync(await (await saving).path(), 'utf8')
    .trim()
    .split('\n')
  expect(lines.length).toBeGreaterThan(3)
  // No way leads from there into the estate.
  await expect(theirs.getByRole('main').getByRole('link')).toHaveCount(0)

  const open = page.getByRole('list', { name: 'Links that open it' })
  await page.reload()
  await page.getByRole('button', { name: 'Share by a link' }).click()
  await expect(open).toContainText('last opened')
  await open.getByRole('button', { name: 'Take the link for The county office back' }).click()
  await page.getByRole('button', { name: 'Take it back' }).last().click()
  await expect(open).toBeHidden()
  await theirs.reload()
  await expect(theirs.getByText('This link leads nowhere')).toBeVisible()
  await stranger.close()
})

test('of 200 entries through two crashes every acknowledged one is there once', async ({
  page,
  spudder,
}) => {
  const { standId, jobIds } = await lawnWithSprays(page.request, 'Crash meadow', 16, 12)
  const jobs = jobIds.slice(0, 200)
  expect(jobs).toHaveLength(200)
  const entryOf = new Map(jobs.map((jobId) => [jobId, crypto.randomUUID() as string]))
  const acknowledged = new Set<string>()
  let crash: Promise<void> | undefined
  const pullThePlug = () => {
    crash = spudder.kill().then(() => spudder.start())
  }
  async function record(jobId: string): Promise<void> {
    const data = { id: entryOf.get(jobId), happenedOn: dayFromToday(0), productKg: 1, waterL: 10 }
    for (;;) {
      const status = await page.request
        .post(`/api/jobs/${jobId}/entries`, { data, timeout: 5000 })
        .then((response) => response.status())
        .catch(() => 0)
      if (status === 201) break
      // Whoever has no answer asks again with the same entry.
      await crash
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
    acknowledged.add(jobId)
    if (acknowledged.size === 60 || acknowledged.size === 130) pullThePlug()
  }
  const queue = jobs.slice()
  await Promise.all(
    Array.from({ length: 6 }, async () => {
      for (let jobId = queue.shift(); jobId !== undefined; jobId = queue.shift())
        await record(jobId)
    }),
  )
  await crash
  const story = (await (await page.request.get(`/api/stands/${standId}`)).json()) as StandStoryDto
  expect(story.entries).toHaveLength(200)
  expect(new Set(story.entries.map(({ id }) => id)).size).toBe(200)
  for (const { jobId, id } of story.entries) expect(entryOf.get(jobId)).toBe(id)
  const done = story.jobs.filter(({ kind, status }) => kind === 'apply' && status === 'done')
  expect(done).toHaveLength(200)
})

import type { APIRequestContext, Page } from '@playwright/test'
import type { PlaceDto } from '@spudder/contract/place'
import type { StandStoryDto } from '@spudder/contract/stand'
import { unzipSync } from 'fflate'
import { readFileSync, writeFileSync } from 'node:fs'
import { pdfPages } from './pdf-text.ts'
import { dayFromToday, expect, openSettings, Spudder, test as base } from './spudder.ts'
import { ironSpray, lawn } from './stand-with-case.ts'

/** An installation of somebody's own: nothing in it, and no practice device on. */
const test = base.extend<object, { spudder: Spudder }>({
  spudder: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads the fixtures wanted from it
    async ({}, use, { workerIndex }) => {
      const own = await Spudder.create(`own-${workerIndex}`, 5530 + 20 * workerIndex, false)
      await use(own)
      await own.stop()
    },
    { scope: 'worker', timeout: 600_000 },
  ],
})
test.describe.configure({ mode: 'serial' })

const madeUp = /simulat|made[ -]up|invented|practice weather/i
const post = async (request: APIRequestContext, path: string, data: object): Promise<void> => {
  const response = await request.post(`/api${path}`, { data })
  expect(response.status(), `${path} ${await response.text()}`).toBeLessThan(300)
}
const id = () => crypto.randomUUID()
const saved = async (page: Page, act: () => Promise<unknown>): Promise<Buffer> => {
  const [download] = await Promise.all([page.waitForEvent('download'), act()])
  return readFileSync(await download.path())
}
const textOf = async (bytes: Buffer): Promise<string> => (await pdfPages(bytes)).join(' ')

const placeId = id()
const standId = id()
const storyOf = async (request: APIRequestContext) =>
  (await (await request.get(`/api/stands/${standId}`)).json()) as StandStoryDto

test('a season of somebody’s own holds nothing made up, on any page, in any table or file', async ({
  page,
}) => {
  const { request } = page
  await post(request, '/places', { id: placeId, name: 'Alder Court', unitSystem: 'metric', climate: 'temperate', latitude: 51 }) // prettier-ignore
  await post(request, `/places/${placeId}/stands`, { id: standId, name: 'Court lawn', ...lawn })
  const reading = (data: object) => post(request, `/stands/${standId}/readings`, { id: id(), ...data }) // prettier-ignore
  await reading({ kind: 'pH', value: 7.9, method: 'laboratory', takenOn: dayFromToday(-40) })
  await reading({ kind: 'turfColour', value: 4, method: 'eye', takenOn: dayFromToday(-31) })
  const findings = { tier: 'youngest-only', pattern: 'stripes', severity: '3', roots: 'white' }
  await post(request, `/stands/${standId}/looks`, { id: id(), lookedOn: dayFromToday(-31), findings, paint: {} }) // prettier-ignore
  const caseId = (await storyOf(request)).cases[0]?.id ?? ''
  await post(request, `/cases/${caseId}/remedies`, { id: id(), ...ironSpray, applyOn: dayFromToday(-30) }) // prettier-ignore
  const job = (await storyOf(request)).jobs.find(({ kind }) => kind === 'apply')
  await post(request, `/jobs/${job?.id}/entries`, { id: id(), happenedOn: dayFromToday(-30), productKg: 0.5, waterL: 28, startedAt: '07:00', endedAt: '08:00' }) // prettier-ignore
  await reading({ kind: 'turfColour', value: 6, method: 'eye', takenOn: dayFromToday(-16) })
  await post(request, `/cases/${caseId}/remedies`, {
    id: id(),
    ...ironSpray,
    applyOn: dayFromToday(2),
  })

  // Nobody told the weather: none is stored as if it had been measured.
  expect((await storyOf(request)).entries.map(({ weather }) => weather)).toEqual([null])

  const pages = ['/', `/stands/${standId}/look`, `/stands/${standId}/verdict`, `/stands/${standId}/bench`, `/stands/${standId}/remedy`, `/stands/${standId}/jobs`, `/stands/${standId}/watch`, `/stands/${standId}/trials`, `/stands/${standId}/zones`, '/dates', '/record', '/history', '/shelf', '/sprayers', '/season', '/lessons'] // prettier-ignore
  for (const address of pages) {
    await page.goto(address)
    await expect(page.locator('main h1').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    expect(await page.locator('body').innerText(), address).not.toMatch(madeUp)
  }

  const planned = (await storyOf(request)).jobs.find(({ kind, status }) => kind === 'apply' && status === 'planned') // prettier-ignore
  await page.goto(`/stands/${standId}/sheet/${planned?.id}`)
  await expect(page.getByText('In this order')).toBeVisible()
  expect(await page.locator('body').innerText()).not.toMatch(madeUp)

  const button = (name: string | RegExp) => () => page.getByRole('button', { name }).first().click()
  await page.goto('/record')
  await expect(page.getByText('1 line, the newest first')).toBeVisible()
  const record = await saved(page, button('CSV'))
  expect(record.toString('utf8').split('\r\n')).toHaveLength(2)
  expect(record.toString('utf8')).not.toMatch(madeUp)
  const sheets = unzipSync(await saved(page, button('XLSX')))
  for (const bytes of Object.values(sheets))
    expect(Buffer.from(bytes).toString('utf8')).not.toMatch(madeUp)
  expect(await textOf(await saved(page, button('PDF for the inspector')))).not.toMatch(madeUp)
  await page.goto('/history')
  expect((await saved(page, button('Save as CSV'))).toString('utf8')).not.toMatch(madeUp)
  await page.goto(`/stands/${standId}/watch`)
  const season = await textOf(await saved(page, button(/report/i)))
  expect(season).toContain('Court lawn')
  expect(season).not.toMatch(madeUp)
  const archive = await (await request.get(`/api/places/${placeId}/archive`)).body()
  const content = Buffer.from(unzipSync(archive)['archive.json'] ?? []).toString('utf8')
  expect(content).toContain('Court lawn')
  expect(content).not.toMatch(madeUp)
})

test('with a practice device on, whatever it tells says so: bench, history, record, its file for an inspector', async ({
  page,
}) => {
  const { request } = page
  await openSettings(page, 'Practice devices')
  for (const device of [/weather/i, /pH pen/i]) await page.getByRole('checkbox', { name: device }).check() // prettier-ignore
  await expect(page.getByText('practice devices on')).toBeVisible()
  // Each of the two is stored by itself.
  const practised = async () => ((await (await request.get('/api/places')).json()) as PlaceDto[])[0]
  await expect
    .poll(async () => (await practised())?.settings.practice?.toSorted())
    .toEqual(['pHPen', 'weather'])

  const pen = { id: id(), kind: 'pH', value: 6.2, method: 'meter', instrument: 'simulated pH pen', takenOn: dayFromToday(-1) } // prettier-ignore
  await post(request, `/stands/${standId}/readings`, pen)
  const planned = (await storyOf(request)).jobs.find(({ kind, status }) => kind === 'apply' && status === 'planned') // prettier-ignore
  await post(request, `/jobs/${planned?.id}/entries`, { id: id(), happenedOn: dayFromToday(0), productKg: 0.5, waterL: 28, startedAt: '00:30', endedAt: '01:30' }) // prettier-ignore

  await page.goto(`/stands/${standId}/bench`)
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText('made up')
  await page.goto('/history')
  await expect(page.getByText(/simulated pH pen/).first()).toBeVisible()
  await page.goto('/record')
  await expect(page.getByText(/made up \(simulated weather/).first()).toBeVisible()
  const pdf = await textOf(await saved(page, () => page.getByRole('button', { name: 'PDF for the inspector' }).click())) // prettier-ignore
  expect(pdf).toMatch(/made up \(simulated weather/)
  // It counts in no verdict: the laboratory's pH is the one that is gone by.
  await page.goto(`/stands/${standId}/verdict`)
  await expect(page.getByText(/pH 7\.9 ± [\d.]+ while/).first()).toBeVisible()
})

test('the demo estate goes out whole and comes into another installation, where two places become one and two again', async ({
  page,
}, info) => {
  const { request } = page
  const demo = await Spudder.create(`own-demo-${info.workerIndex}`, 5540 + 20 * info.workerIndex)
  let archive: Buffer
  try {
    const [estate] = (await (await request.get(`${demo.url}/api/places`)).json()) as PlaceDto[]
    archive = await (await request.get(`${demo.url}/api/places/${estate?.id}/archive`)).body()
  } finally {
    await demo.stop()
  }
  const file = info.outputPath('estate.zip')
  writeFileSync(file, archive)
  await openSettings(page, 'Archive')
  await page.locator('input[type=file]').setInputFiles(file)
  await expect(page.getByText(/Vennlow Estate is here, with all/)).toBeVisible()

  const places = (await (await request.get('/api/places')).json()) as PlaceDto[]
  const brought = places.find(({ name }) => name === 'Vennlow Estate')
  const again = await (await request.get(`/api/places/${brought?.id}/archive`)).body()
  const [first, second] = [unzipSync(archive), unzipSync(again)]
  expect(Object.keys(second)).toEqual(Object.keys(first))
  // Byte by byte, but for the stamp of who wrote it and when, and the sum of that.
  const stamped = /stamp|checksums/
  for (const [name, bytes] of Object.entries(first))
    if (!stamped.test(name)) expect(Buffer.from(second[name] ?? []).equals(bytes), name).toBe(true)

  // It is worked at like any other, and this device comes back to it.
  await page.getByRole('button', { name: 'Go there' }).first().click()
  await expect(page.getByRole('link', { name: 'Bowling green', exact: true })).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'Vennlow Estate' }).click()
  await page.getByRole('region', { name: 'Other places' }).getByRole('button').click()
  await expect(page.getByRole('link', { name: 'Court lawn', exact: true })).toBeVisible()
  await openSettings(page, 'Archive')

  const stands = async () =>
    (await (await request.get(`/api/places/${placeId}/stands`)).json()) as { name: string }[]
  expect((await stands()).map(({ name }) => name)).toEqual(['Court lawn'])
  await page.getByRole('button', { name: 'Put Vennlow Estate together with Alder Court' }).click()
  const asked = page.getByRole('dialog', { name: /^Put Vennlow Estate together/ })
  await asked.getByRole('button', { name: 'Put them together' }).click()
  await expect(page.getByText('What Vennlow Estate held is here.')).toBeVisible()
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Bowling green', exact: true })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Court lawn', exact: true })).toBeVisible()
  await page.goto('/history')
  await page
    .getByRole('button', { name: /^Take back:/ })
    .first()
    .click()
  await page.getByRole('dialog').getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByText('Taken back.')).toBeVisible()
  const list = (await (await request.get(`/api/places/${placeId}/estate/stands?from=2026-01-01`)).json()) as { stand: { name: string } }[] // prettier-ignore
  expect(list.map(({ stand }) => stand.name)).toEqual(['Court lawn'])
})

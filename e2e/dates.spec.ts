import type { JobDto } from '@spudder/contract/job'
import type { PlaceDto } from '@spudder/contract/place'
import type { PlanningDto } from '@spudder/contract/planning'
import type { Page } from '@playwright/test'
import ICAL from 'ical.js'
import { readFileSync } from 'node:fs'
import { dayFromToday, expect, openSettings, showSpan, test } from './spudder.ts'

test.describe.configure({ mode: 'serial' })

async function planningOf(page: Page): Promise<PlanningDto & { placeId: string }> {
  const [place] = (await (await page.request.get('/api/places')).json()) as PlaceDto[]
  const placeId = place?.id ?? ''
  const planning = (await (
    await page.request.get(`/api/places/${placeId}/planning`)
  ).json()) as PlanningDto
  return { ...planning, placeId }
}
const jobsOf = async (page: Page, stand: string): Promise<JobDto[]> => {
  const { stands, jobs } = await planningOf(page)
  const id = stands.find(({ name }) => name === stand)?.id
  return jobs.filter(({ standId, status }) => standId === id && status === 'planned')
}
/** The next last Sunday of March, in whose night clocks go forward in much of Europe. */
function clocksGoForward(): string {
  const now = new Date()
  const sundayOf = (year: number) => {
    const last = new Date(Date.UTC(year, 2, 31))
    last.setUTCDate(31 - last.getUTCDay())
    return last
  }
  const soon = sundayOf(now.getUTCFullYear())
  const next = soon.getTime() > now.getTime() + 864e5 ? soon : sundayOf(now.getUTCFullYear() + 1)
  return next.toISOString().slice(0, 10)
}
const dayWords = (day: string) =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  })

async function openDates(page: Page): Promise<void> {
  await page.goto('/dates')
  await expect(page.getByRole('heading', { level: 1, name: 'Dates' })).toBeVisible()
  await expect(page.locator('.chip').first()).toBeVisible()
}

test('the season is planned away from the page, and moves only what is accepted', async ({
  page,
}) => {
  await openDates(page)
  const before = await jobsOf(page, 'Azalea border')
  await page.getByRole('button', { name: 'Plan the season' }).click()
  await expect(page.getByText('Expected loss')).toBeVisible()
  expect(await jobsOf(page, 'Azalea border')).toEqual(before)
  // The list moves while better plans come; the best so far will do.
  const stop = page.getByRole('button', { name: /^Stop; the best so far/ })
  await stop.click({ timeout: 5000 }).catch(() => undefined)
  await expect(stop).toBeHidden()
  const moves = page.locator('.moves li')
  const count = await moves.count()
  if (count === 0) return
  await expect(moves.first().locator('.reason').first()).not.toBeEmpty()
  // All but the last are left as they are.
  for (let index = 0; index < count - 1; index++) await moves.nth(index).locator('input').uncheck()
  const titles = await moves.last().locator('b').first().innerText()
  await page
    .getByRole('button', { name: 'Move 1 job', exact: true })
    .or(page.getByRole('button', { name: 'Move them all' }))
    .click()
  await expect(page.getByText('Expected loss')).toBeHidden()
  const after = await planningOf(page)
  const moved = after.jobs.filter(
    ({ changedBy }: JobDto & { changedBy?: string | null }) => changedBy,
  )
  expect(moved.some(({ title }) => titles.includes(title))).toBe(true)
})

test('a job is dragged, taken back, held, and what a move breaks is said first', async ({
  page,
}) => {
  await openDates(page)
  await showSpan(page, 'week')
  const [look] = (await jobsOf(page, 'South vineyard block')).filter(({ kind }) => kind === 'look')
  if (!look) throw new Error('no look')
  const chip = page.locator('.row', { hasText: 'South vineyard block' }).locator('.chip').first()
  await expect(chip).toBeVisible()
  const box = await chip.boundingBox()
  if (!box) throw new Error('no place')
  const dayOf = async () =>
    (await jobsOf(page, 'South vineyard block')).find(({ id }) => id === look.id)?.dueOn
  const before = await dayOf()
  await page.mouse.move(box.x + 12, box.y + 10)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width * 1.5, box.y + 10, { steps: 6 })
  await page.mouse.up()
  // A day on which nobody works has to be confirmed.
  const confirm = page.getByRole('button', { name: 'Move anyway' })
  const taken = page.getByText('was moved.')
  await expect(confirm.or(taken)).toBeVisible()
  if (await confirm.isVisible()) await confirm.click()
  await expect(taken).toBeVisible()
  expect(await dayOf()).not.toBe(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(dayOf).toBe(before)

  await chip.focus()
  await page.keyboard.press('h')
  await expect(chip).toHaveAttribute('aria-label', /held/)
  await page.keyboard.press('h')
  await expect(chip).not.toHaveAttribute('aria-label', /held/)
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByText(/by expectation\.|saves nothing\./)).toBeVisible()
  await page.keyboard.press('Escape')
  expect(await dayOf()).toBe(before)
})

test('no time zone and no change of clocks moves a job', async ({ page, browser, spudder }) => {
  const { placeId } = await planningOf(page)
  const [job] = (await jobsOf(page, 'Blueberry terrace')).filter(({ kind }) => kind === 'test')
  if (!job) throw new Error('no job')
  // The hour that is missing where clocks go forward.
  const change = { dueOn: clocksGoForward(), startsAt: '02:30' }
  expect((await page.request.patch(`/api/jobs/${job.id}`, { data: change })).status()).toBe(200)
  try {
    for (const timezoneId of ['Europe/London', 'America/Los_Angeles', 'Pacific/Auckland']) {
      const context = await browser.newContext({ timezoneId, baseURL: spudder.url })
      const there = await context.newPage()
      await there.goto('/dates')
      const chip = there.getByRole('button', { name: /^Test pH again.* at 02:30$/ })
      await expect(
        there.locator('.board').getByRole('link', { name: 'Blueberry terrace' }),
      ).toBeVisible()
      for (let steps = 0; steps < 12 && !(await chip.isVisible()); steps++) {
        await there.getByRole('button', { name: 'Later' }).click()
        await there.waitForTimeout(150)
      }
      await expect(chip).toHaveAttribute(
        'aria-label',
        new RegExp(`${dayWords(change.dueOn)}.* at 02:30`),
      )
      await context.close()
    }
    const file = await page.request.get(`/api/places/${placeId}/calendar.ics`)
    const events = new ICAL.Component(ICAL.parse(await file.text())).getAllSubcomponents('vevent')
    const event = events
      .map((each) => new ICAL.Event(each))
      .find(({ uid }) => uid.startsWith(job.id))
    expect(event?.startDate.toString()).toBe(`${change.dueOn}T02:30:00`)
    expect(event?.startDate.zone.tzid).toBe('floating')
  } finally {
    await page.request.patch(`/api/jobs/${job.id}`, { data: { dueOn: job.dueOn, startsAt: null } })
  }
})

test('a station file stands in place of the simulated weather, and bad rows are named', async ({
  page,
}) => {
  await openSettings(page, 'Weather')
  const day = dayFromToday(-3)
  const hours = Array.from(
    { length: 24 },
    (_, hour) => `${day} ${String(hour).padStart(2, '0')}:00,31.5,0,2`,
  )
  const station = ['Time,Temperature (°C),Rain (mm),Wind (m/s)', ...hours, 'yesterday,1,1,1'].join(
    '\n',
  )
  const give = (name: string, text: string) =>
    page
      .locator('.settings input[type=file]')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
  await give('station.csv', station)
  await expect(
    page.getByText(/One day taken from station\.csv\. One row was left out: time: expected/),
  ).toBeVisible()
  await give('other.csv', 'Hour;Warm\n1;2')
  await expect(page.getByText(/do not say which column is what/)).toBeVisible()
})

test('the week is printed: the board is left out, the list is whole', async ({ page }) => {
  await openDates(page)
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('.board')).toBeHidden()
  await expect(page.getByRole('heading', { name: /^Seven days from/ })).toBeVisible()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.length).toBeGreaterThan(5000)
})

test('the calendar file is handed over', async ({ page }) => {
  await openDates(page)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Calendar file' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/)
  expect(text.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(10)
})

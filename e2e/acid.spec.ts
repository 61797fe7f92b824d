import type { Page } from '@playwright/test'
import { choose, dayFromToday, expect, openStand, test } from './spudder.ts'

const acidOf = async (page: Page, name: string) => {
  await openStand(page, name)
  await page.getByRole('link', { name: /^Acid/ }).click()
}
const drawn = (page: Page) => page.locator('[data-mark=usual]').getAttribute('d')

/** A bed of its own for a test that changes things, with a pH. */
async function addBed(page: Page, name: string, pH: string): Promise<void> {
  await page.goto('/stands/new')
  await page.getByText('Shrubs and beds', { exact: true }).click()
  await page.getByLabel('Name').fill(name)
  await choose(page.getByLabel('Plant', { exact: true }), 'Azalea and rhododendron')
  await page.getByLabel('Area', { exact: false }).first().fill('2000 ft2')
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
  const [, standId = ''] = /stands\/([^/]+)/.exec(page.url()) ?? []
  const answer = await page.request.post(`/api/stands/${standId}/readings`, {
    data: { id: crypto.randomUUID(), kind: 'pH', value: Number(pH), method: 'laboratory', takenOn: dayFromToday(0) }, // prettier-ignore
  })
  expect(answer.ok()).toBe(true)
  await page.goto(`/stands/${standId}/acid`)
}

test('a vineyard on lime is told not to try, with the figure and what to do instead', async ({
  page,
}) => {
  await acidOf(page, 'South vineyard block')
  await expect(page.getByRole('heading', { name: 'Do not try' })).toBeVisible()
  await expect(page.getByText(/23 % free lime: it takes \d+,000 lb sulfur\/acre/)).toBeVisible()
  await expect(page.getByText('A plant or variety that bears lime.')).toBeVisible()
})

test('a plan under way shows its path through two retests, and what they taught', async ({
  page,
}) => {
  await acidOf(page, 'Blueberry terrace')
  await expect(page.getByText(/2 retests have pulled the path through/)).toBeVisible()
  await expect(page.locator('.path .point')).toHaveCount(2)
  await expect(page.getByRole('slider')).toHaveCount(2)
  // What this plan taught is there for the next.
  await page.goto('/lessons')
  await page.getByRole('tab', { name: 'Ground' }).click()
  const ground = page.getByRole('region', { name: 'Acid for one pH' })
  await expect(ground.getByRole('row', { name: /Blueberry terrace.*mmol\/kg/ })).toBeVisible()
  await expect(page.getByText(/tested again on .*, pH 6\.1; on .*, pH 5\.6/)).toBeVisible()
})

test('steps are dragged along the ribbon, the path follows, and the plan becomes jobs', async ({
  page,
}) => {
  await addBed(page, 'Camellia bed', '6.8')
  await expect(page.getByRole('heading', { name: /works slowly|can work/ })).toBeVisible()
  await choose(page.getByLabel('Texture'), 'Sandy loam')
  await page.getByText('none', { exact: true }).first().click()
  await expect(page.locator('[data-mark=usual]')).toBeVisible()
  await expect(page.getByRole('status')).toBeHidden()

  const second = page.getByRole('slider', { name: 'Step 2' })
  const before = { path: await drawn(page), words: await second.getAttribute('aria-valuetext') }
  await second.scrollIntoViewIfNeeded()
  const box = await second.boundingBox()
  const [x, y] = [(box?.x ?? 0) + 8, (box?.y ?? 0) + 14]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 60, y, { steps: 8 })
  await page.mouse.up()
  await expect(second).not.toHaveAttribute('aria-valuetext', before.words ?? '')
  await expect.poll(() => drawn(page)).not.toBe(before.path)

  // Too near the first: said, and not to be stored.
  const store = page.getByRole('button', { name: 'Plan these steps' })
  await page.getByLabel('Step 2 on').fill(await page.getByLabel('Step 1 on').inputValue())
  await expect(page.getByText(/0 days after another sulfur step/)).toBeVisible()
  await expect(store).toBeDisabled()
  await page.getByRole('button', { name: 'Recalculate steps' }).click()
  await store.click()
  await expect(page.getByRole('heading', { name: 'Steps planned, as jobs' })).toBeVisible()

  await page.getByRole('link', { name: /^Jobs/ }).click()
  await expect(page.locator('.fold-head', { hasText: /fall apart, step 1 of/ })).toBeVisible()
  await expect(page.getByText('Test pH again: does the plan hold?').first()).toBeVisible()
  await expect(page.getByText(/Sulfur dust irritates/).first()).toBeVisible()
  await page.getByRole('link', { name: 'Open the sheet for outside' }).first().click()
  await expect(page.getByRole('heading', { name: 'Spreader' })).toBeVisible()
  await expect(page.getByText(/halve it: .* one way, .* across/)).toBeVisible()
  await page.getByRole('link', { name: 'Back to the jobs' }).click()
  await page.getByRole('button', { name: 'Record it' }).first().click()
  await expect(page.getByRole('heading', { name: 'Recorded' })).toBeVisible()
  await page.reload()
  await page.getByRole('link', { name: /^Acid/ }).click()
  await expect(page.locator('.steps .done')).toHaveCount(1)
})

test('what makes no sense is answered with what to do, and acid comes with its cautions', async ({
  page,
}) => {
  await addBed(page, 'Pieris bed', '6.5')
  const target = page.getByLabel('To pH')
  await target.fill('2')
  await expect(page.getByText(/Target pH: give a number from 3.5 to 8.5, not 2/)).toBeVisible()
  await target.fill('7.4')
  await expect(page.getByText('lime, as pure CaCO₃')).toBeVisible()
  await target.fill('5.2')
  await page.getByLabel('Down to').fill('0 in')
  await expect(page.getByText(/Depth: give a number from 0.02 to 1 m, not 0 m/)).toBeVisible()
  await page.getByLabel('Down to').fill('6 in')
  await choose(page.getByLabel('Acid into it'), 'sulfuric acid 93 %')
  await expect(page.getByText(/Acid into water, never water into acid/)).toBeVisible()
  await expect(page.locator('[data-mark=usual]')).toBeVisible()
})

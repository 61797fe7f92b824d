import type { StandStoryDto } from '@spudder/contract/stand'
import type { Page } from '@playwright/test'
import { choose, dayFromToday, expect, openStand, test } from './spudder.ts'

test.describe.configure({ mode: 'serial' })

const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps of the case' }).getByRole('link', { name })

/** A point of a leaf that no other leaf lies over: somewhere along its outline, near its tip. */
const openPoint = (page: Page, leaf: string) =>
  page.locator(`[data-leaf="${leaf}"]`).evaluate((group) => {
    const outline = group.querySelector('path')
    if (!outline) throw new Error('a leaf without an outline')
    const toScreen = outline.getScreenCTM()
    for (let share = 0.49; share > 0.2; share -= 0.01) {
      const at = outline.getPointAtLength(outline.getTotalLength() * share)
      const { x, y } = new DOMPoint(at.x - 0.6, at.y + 1).matrixTransform(toScreen ?? undefined)
      if (group.contains(document.elementFromPoint(x, y))) return { x, y }
    }
    throw new Error('a leaf that cannot be touched')
  })

/** Paints the youngest blades of a tuft, which stand in its middle. */
async function paintYoungest(page: Page): Promise<void> {
  for (const leaf of ['leaf-13', 'leaf-12', 'leaf-11', 'leaf-10']) {
    const { x, y } = await openPoint(page, leaf)
    await page.mouse.click(x, y)
  }
}

async function addColour(page: Page, value: string, day: string): Promise<void> {
  await page.getByLabel('Value, 1 to 9').fill(value)
  await page.getByLabel('On', { exact: true }).fill(day)
  await page.getByRole('button', { name: 'Add colour' }).click()
  await expect(page.getByLabel('Value, 1 to 9')).toHaveValue('')
}

test('from a yellow leaf to a green one, through two crashes', async ({ page, spudder }) => {
  await openStand(page, 'Bowling green')

  await test.step('the look: paint, roots, pH', async () => {
    await page.getByLabel('3, yellow').check({ force: true })
    await paintYoungest(page)
    await expect(page.getByText('stripes along the blade, severity 3')).toBeVisible()
    await expect(page.getByLabel('the youngest leaves only')).toBeChecked()
    await page.getByRole('button', { name: /^Roots/ }).click()
    await expect(page.getByRole('radio', { name: 'white', exact: true })).toBeChecked()
    await page.getByLabel('pH measured').fill('7.8')
    await page.getByRole('button', { name: 'Add pH' }).click()
    await expect(page.getByText(/Known:\s*7.8/)).toBeVisible()
  })

  await test.step('the verdict: iron tied up by pH, with its reasons', async () => {
    const first = page.locator('.causes > li').first()
    await expect(first.locator('.fold-head').first()).toContainText('Iron tied up by high pH')
    await first.locator('.fold-head').first().click()
    await expect(first).toContainText('pH while the leaves grew')
    await expect(first).toContainText('the youngest go short first')
    await expect(first).toContainText('even the smallest veins stay green')
    await page.getByRole('button', { name: 'Save look' }).click()
    await expect(page).toHaveURL(/verdict$/)
  })

  await test.step('the plug is pulled: nothing acknowledged is lost', async () => {
    await spudder.kill()
    await spudder.start()
    await page.reload()
    const heading = page.getByRole('heading', { level: 2, name: 'Iron tied up by high pH' })
    await expect(heading).toBeVisible()
  })

  const appliedOn = dayFromToday(-18)
  await test.step('the remedy: EDDHA in the soil, the sulfate on the leaf', async () => {
    await page.getByRole('link', { name: 'Choose the remedy' }).click()
    await expect(page.locator('.sources > li').first()).toContainText('Ferrous sulfate')
    await expect(page.locator('.sources > li').first()).toContainText('works')
    await page.getByText('into the soil', { exact: true }).click()
    const best = page.locator('.sources > li').first()
    await expect(best).toContainText('Fe-EDDHA')
    await expect(best.getByRole('radio')).toBeChecked()
    const last = page.locator('.sources > li').last()
    await expect(last).toContainText(/Ferrous (ammonium )?sulfate/)
    await expect(last).toContainText('fails here')
  })

  await test.step('its amount for 15,543 ft², in fills, on a day', async () => {
    // 2 oz/1000 ft² × 15.543 = 31.1 oz; 5 gal × 15.543 = 77.7 gal.
    await expect(page.locator('.amount')).toContainText('31.1 oz')
    await expect(page.locator('.amount')).toContainText('77.7 gal')
    await page.getByText('Sprayer, tank, water, partners').click()
    await page.getByLabel('Tank, backpack or bucket').fill('25 gal')
    await expect(page.locator('.amount')).toContainText('3 × full tank of 25 gal with 10 oz')
    await page.locator('.amount').getByText('how', { exact: true }).click()
    await expect(page.locator('.amount')).toContainText('product = rate × area')
    await page.getByLabel('Apply on').fill(appliedOn)
    await page.getByRole('button', { name: /^Plan for/ }).click()
    await expect(page).toHaveURL(/jobs$/)
  })

  await test.step('the entry, with what was really used', async () => {
    const due = page.locator('.fold.job').first()
    await expect(due).toContainText('due')
    await expect(due).toContainText('Fe-EDDHA')
    await page.getByLabel('Done on').fill(appliedOn)
    await page.getByLabel('Product used').fill('28 oz')
    await page.getByRole('button', { name: 'Record it' }).click()
    const recorded = page.getByRole('region', { name: 'Entries' })
    await expect(recorded).toContainText('28 oz')
    await expect(recorded).toContainText('planned 31.1 oz')
    await expect(recorded).toContainText('Marla Quist')
  })

  await test.step('the plug is pulled again', async () => {
    await spudder.kill()
    await spudder.start()
    await page.reload()
    await expect(page.getByRole('region', { name: 'Entries' })).toContainText('28 oz')
  })

  await test.step('the watch: colours over days against what was to be expected', async () => {
    await step(page, 'Watch').click()
    await expect(page.getByRole('img', { name: /^Leaf colour since the treatment/ })).toBeVisible()
    await addColour(page, '5', dayFromToday(-9))
    await addColour(page, '6.5', dayFromToday(-3))
    await addColour(page, '7', dayFromToday(0))
    await expect(page.locator('.word')).toHaveText('on course')
    await expect(page.locator('.sentence')).toContainText(
      /colour .* of 9 expected by day 18, 6\.\d seen/,
    )
    // Her eye was measured, and says too much: what was typed stands beside what was judged.
    await expect(
      page.getByText(/^Said: colour 7 of 9\. By the eye of Marla Quist it counts as colour 6\.\d/),
    ).toBeVisible()
  })

  await test.step('ribbon and estate reflect it', async () => {
    await expect(page.locator('.now')).toContainText('colour 7 of 9')
    const applied = page.locator('.ribbon title', { hasText: 'applied: Fe-EDDHA' })
    await expect(applied).toHaveCount(1)
    await page.getByRole('link', { name: 'Spudder' }).click()
    const ribbon = page.getByRole('img', { name: /^Bowling green: green, colour 7 of 9/ })
    await expect(ribbon).toBeVisible()
  })

  await test.step('what is stored says the same', async () => {
    const place = (await (await page.request.get('/api/places')).json())[0]
    const estate = await page.request.get(`/api/places/${place.id}/estate?from=2020-01-01`)
    const row = (await estate.json()).rows.find(
      ({ stand }: StandStoryDto) => stand.name === 'Bowling green',
    )
    const story: StandStoryDto = await (
      await page.request.get(`/api/stands/${row.stand.id}`)
    ).json()
    expect(story.looks).toHaveLength(1)
    expect(story.remedies[0]?.verdict[0]?.causeId).toBe('iron-tied-up-by-pH')
    const [entry, ...others] = story.entries
    expect(others).toEqual([])
    expect(entry?.productKg).toBeCloseTo(28 * 0.028349523125, 9)
    expect(story.jobs.find(({ kind }) => kind === 'apply')?.status).toBe('done')
  })
})

test('a correction of yesterday does not talk the verdict out of iron', async ({ page }) => {
  await openStand(page, 'Gardenia house')
  await step(page, 'Look').click()
  await page.getByLabel('pH measured').fill('8')
  await page.getByLabel('On', { exact: true }).first().fill(dayFromToday(-30))
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText(/Known:.*\b8 \(/)).toBeVisible()
  const first = page.locator('.causes > li .fold-head').first()
  await expect(first).toContainText('Iron tied up by high pH')

  await choose(page.getByLabel('What', { exact: true }), 'pH corrected')
  await page.getByLabel('On', { exact: true }).last().fill(dayFromToday(-1))
  await page.getByLabel('From pH').fill('8')
  await page.getByLabel('To pH').fill('6')
  await page.getByRole('button', { name: 'Tell' }).click()
  await page.getByLabel('pH measured').fill('6')
  await page.getByLabel('On', { exact: true }).first().fill(dayFromToday(0))
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText(/Known:.*\b6 \(/)).toBeVisible()
  await expect(first).toContainText('Iron tied up by high pH')
  await expect(page.locator('.exposure')).toContainText(/^7\.\d|^8\.\d/)
})

test('an entry is corrected by a new one, the old one stays to be read', async ({ page }) => {
  await openStand(page, 'South vineyard block')
  await step(page, 'Jobs').click()
  const entries = page.getByRole('region', { name: 'Entries' })
  await entries.getByRole('button', { name: 'Correct', exact: true }).click()
  await entries.getByLabel('Product used').fill('20 lb')
  await entries.getByLabel('Why it is corrected').fill('Two bags were brought back.')
  await entries.getByRole('button', { name: 'Save correction' }).click()
  await expect(entries.getByRole('listitem')).toHaveCount(2)
  await expect(entries).toContainText('Two bags were brought back.')
  await expect(entries).toContainText('kept as it was')
})

test('a new place starts empty and leads to its first stand', async ({ page }) => {
  await page.route('**/api/places', async (route) => {
    if (route.request().method() !== 'GET') return route.continue()
    return route.fulfill({ json: [] })
  })
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Where do you grow?' })).toBeVisible()
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(page.getByText('Name: give 1 to 80 characters.')).toBeVisible()
  await page.unroute('**/api/places')
  await page.getByLabel('Name of the place').fill('Second farm')
  await page.getByLabel('Latitude').fill('far north')
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(page.getByText('Latitude: give a number from')).toBeVisible()
  await page.getByLabel('Latitude').fill('44.5')
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Estate' })).toBeVisible()
})

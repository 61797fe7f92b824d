import type { StandStoryDto } from '@spudder/contract/stand'
import type { Page } from '@playwright/test'
import { choose, dayFromToday, expect, openStand, startOver, test } from './spudder.ts'

test.describe.configure({ mode: 'serial' })

const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps of the case' }).getByRole('link', { name })
const say = (page: Page, group: string, words: string) =>
  page.getByRole('group', { name: group }).getByText(words, { exact: true }).click()
const lead = (page: Page) => page.locator('.causes > li .fold-head').first()

async function addStand(page: Page, name: string, kind: string, plant: string): Promise<void> {
  await page.goto('/stands/new')
  await page.getByText(kind, { exact: true }).click()
  await page.getByLabel('Name').fill(name)
  await choose(page.getByLabel('Plant', { exact: true }), plant)
  await page.getByLabel(/Area/).fill('1000 ft2')
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
}
async function storyOf(page: Page): Promise<StandStoryDto> {
  const [, id = ''] = /stands\/([^/]+)/.exec(page.url()) ?? []
  return (await page.request.get(`/api/stands/${id}`)).json()
}

test('two touches lead from the estate to a first verdict, three keys do too', async ({ page }) => {
  await addStand(page, 'North lawn', 'Turf', 'Kentucky bluegrass')
  await openStand(page, 'North lawn')
  await page.locator('[data-leaf="leaf-13"]').press('Enter')
  await expect(lead(page)).toContainText('%')
  await expect(page.getByRole('region', { name: 'Check next' })).toBeVisible()
  await startOver(page)

  await page.locator('[data-leaf="leaf-13"]').focus()
  await page.keyboard.press('Enter')
  await expect(lead(page)).toContainText(/Iron|Manganese/)
  await startOver(page)
})

test('a check is answered on the spot, and the verdict moves with it', async ({ page }) => {
  await addStand(page, 'South lawn', 'Turf', 'Tall fescue')
  await say(page, 'Leaves affected', 'all leaves alike')
  await say(page, 'Where on the ground', 'patches that follow the ground')
  const next = page.getByRole('region', { name: 'Check next' })
  await expect(next).toContainText('Pull at the turf')
  const pull = next.locator('li', { hasText: 'Pull at the turf' }).first()
  await pull.locator('.fold-head').first().click()
  await expect(pull).toContainText(/it lifts like a carpet.*another remedy: .*larvae/s)
  await next.getByRole('button', { name: /it lifts like a carpet/ }).click()
  await expect(lead(page)).toContainText('larvae')
  await expect(next).not.toContainText('Pull at the turf')
})

test('rings are no shortage: what to do, what not to buy, whom to call', async ({ page }) => {
  await addStand(page, 'Ring green', 'Turf', 'Bermudagrass')
  await say(page, 'Leaves affected', 'all leaves alike')
  await say(page, 'Where on the ground', 'rings or arcs')
  await say(page, 'Roots', 'brown and soft')
  await page.getByRole('button', { name: 'Save look' }).click()
  await expect(page.locator('.cause')).toContainText('Root-rot ring disease')
  await expect(page.getByText('do not buy iron').first()).toBeVisible()
  const ending = page.getByRole('region', { name: /What to do: Root-rot/ })
  await expect(ending).toContainText('Send a plug from the edge of a ring')
  await expect(ending).toContainText('it hides the rings for a week')
  await expect(ending).toContainText('licensed applicator')
  await expect(page.getByRole('link', { name: 'Choose the remedy' })).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'What would change my mind' })).toBeVisible()

  await test.step('what helps beside a product is told, and planned in its rounds', async () => {
    await page.getByText('Prevention in pairs, a month ahead').click()
    await expect(page.getByText(/28 days apart/)).toBeVisible()
    await expect(page.getByText(/licensed applicator where the law/)).toBeVisible()
    await page.getByRole('button', { name: 'Plan it' }).click()
    await expect(page.getByRole('status').filter({ hasText: /Planned for .* and / })).toBeVisible()
    await step(page, 'Jobs').click()
    await expect(page.locator('.fold-head', { hasText: 'a month ahead, 2 of 2' })).toBeVisible()
  })
})

test('what was seen and told that cannot both be right is named; mites are found under the lens', async ({
  page,
}) => {
  await addStand(page, 'Lens bed', 'Shrubs and beds', 'Azalea and rhododendron')
  await say(page, 'Leaves affected', 'leaves here and there')
  await say(page, 'Roots', 'white')
  await page.getByText(/^What came out/).click()
  await say(page, 'Plant clinic', 'root rot')
  await page.getByRole('button', { name: 'Save look' }).click()
  await expect(page.getByText(/White roots and a clinic that found root rot/)).toBeVisible()
  await step(page, 'Look').click()
  await say(page, 'Plant clinic', 'found nothing living')
  await say(page, 'Leaf under a hand lens, both sides', 'mites, insects, webbing or honeydew')
  await page.getByRole('button', { name: 'Save look' }).click()
  await expect(page.locator('.cause')).toContainText('Mites or insects on the leaf')
  await expect(page.getByText(/White roots and a clinic/)).toHaveCount(0)
})

test('how a stand grows is kept, and counts: spacing, and a pH of its own', async ({ page }) => {
  await addStand(page, 'Own shrubs', 'Shrubs and beds', 'Another shrub')
  await page.getByRole('link', { name: 'measure, change' }).click()
  await page.getByLabel('From plant to plant').fill('48 in')
  await page.getByLabel('From row to row').fill('8 ft')
  await page.getByLabel('It likes a pH from').fill('5')
  await page.getByLabel('To', { exact: true }).fill('6')
  await page.getByRole('button', { name: 'Save how it grows' }).click()
  await expect(page.getByText('Saved. New plans and verdicts count on it.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('From plant to plant')).toHaveValue('48 in')
  const { stand } = await storyOf(page)
  expect(stand.measures).toMatchObject({ pHLow: 5, pHHigh: 6 })
  expect(stand.measures?.betweenRowsM).toBeCloseTo(2.438, 2)
})

test('the leaf-paint test is planned from the verdict, and its answer goes back into it', async ({
  page,
}) => {
  await addStand(page, 'Hibiscus bed', 'Shrubs and beds', 'Hibiscus')
  await say(page, 'Leaves affected', 'the youngest leaves only')
  await page.getByRole('button', { name: 'Save look' }).click()
  const paint = page
    .getByRole('region', { name: 'Check next' })
    .locator('li', { hasText: 'Paint leaves with iron' })
    .first()
  const plan = paint.getByRole('button', { name: /^Plan it, answer in 7 days/ })
  // The order of checks is still being worked out: a list laid anew shuts what was open.
  await expect(async () => {
    if (!(await plan.isVisible())) await paint.locator('.fold-head').first().click()
    await expect(plan).toBeVisible({ timeout: 3000 })
  }).toPass()
  await plan.click()
  await expect(paint).toContainText('Planned: the answer is due')
  await step(page, 'Jobs').click()
  const job = page.locator('.fold.job', { hasText: 'Paint leaves with iron' })
  await expect(job).toContainText('Brush each with one dilute sulfate')
  await expect(job).toContainText('Gloves and goggles')
  await job.getByRole('link', { name: /Say on the look/ }).click()
  await page.getByText(/^What came out/).click()
  await say(page, 'Leaf-paint test: what greened', 'the manganese leaf')
  await expect(lead(page)).toContainText('Manganese short')
  await page.getByRole('button', { name: 'Save look' }).click()
  await expect(page).toHaveURL(/verdict$/)
  const { jobs } = await storyOf(page)
  expect(jobs.find(({ checkId }) => checkId === 'leaf-paint')?.status).toBe('done')
})

test('two causes at once: striped young leaves, pale old ones, high pH, no nitrate', async ({
  page,
}) => {
  await addStand(page, 'Brow sorghum', 'Row crop', 'Grain sorghum')
  const paint = (leaf: number) => page.locator(`[data-leaf="leaf-${leaf}"]`).press('Enter')
  for (const leaf of [9, 8, 7]) await paint(leaf)
  await page.getByText('evenly pale, veins too', { exact: true }).click()
  for (const leaf of [1, 2, 3]) await paint(leaf)
  await expect(page.getByText(/the oldest leaves evenly pale/)).toBeVisible()
  await say(page, 'Growth', 'slow')
  await say(page, 'Feed while these leaves grew', 'low')
  await page.getByLabel('pH measured').fill('8')
  await choose(page.getByLabel('By', { exact: true }), 'laboratory')
  await page.getByLabel('On', { exact: true }).first().fill(dayFromToday(-30))
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(lead(page)).toContainText('Iron tied up by high pH, with nitrogen short')
})

test('drop kits: magnesium with its spread; calcium over the total is refused', async ({
  page,
}) => {
  await openStand(page, 'Lettuce raft loop')
  await step(page, 'Bench').click()
  await page.getByLabel('Total hardness (GH): drops').fill('17')
  await page.getByLabel('Calcium: drops').fill('31')
  await expect(page.getByRole('alert')).toContainText('calcium is a part of it: count both again')
  await expect(page.getByRole('button', { name: 'Save readings' })).toBeDisabled()

  await page.getByLabel('Total hardness (GH): drops').fill('31')
  await page.getByLabel('Calcium: drops').fill('17')
  await expect(page.locator('.magnesium')).toContainText('60.7 ± 4.3 mg/L')
  await expect(page.locator('.magnesium')).toContainText('magnesium is not short')
  await page.getByRole('button', { name: 'Save readings' }).click()
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText(/Magnesium\s*60.7/)
})

test('the pH pen measures only after a calibration, and keeps its slope', async ({ page }) => {
  await openStand(page, 'Long Down sorghum')
  await step(page, 'Bench').click()
  await expect(page.getByRole('button', { name: 'Read the sample' })).toBeDisabled()
  // An electrode that is never quite still comes out unfit now and then: one calibrates again.
  await expect(async () => {
    await page.getByRole('button', { name: 'Buffer 7' }).click()
    await page.getByRole('button', { name: 'Buffer 4' }).click()
    await expect(page.locator('.slope')).toContainText('Fit to measure with', { timeout: 3000 })
  }).toPass()
  await page.getByRole('button', { name: 'Read the sample' }).click()
  await page.getByRole('button', { name: 'Save pH' }).click()
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText(/slope \d\d(\.\d)? %/)
})

test('what the laboratory sent back is shown, then stored whole, and three schools read it', async ({
  page,
}) => {
  await openStand(page, 'Bowling green')
  await step(page, 'Bench').click()
  await page.getByText('Laboratory', { exact: true }).click()
  await page.getByRole('button', { name: 'Open the results' }).click()
  await expect(page.getByText(/2 of 2 rows read/)).toBeVisible()
  await page.getByRole('button', { name: /^Save all \d+ readings/ }).click()
  await expect(page.getByRole('status')).toContainText('were stored')
  const schools = page.getByRole('region', { name: 'Soil iron by three schools' })
  await expect(schools.locator('strong')).toHaveCount(3)
  await schools.getByRole('radio').nth(2).click()
  await page.reload()
  await expect(schools.getByRole('radio').nth(2)).toBeChecked()
})

test('a file of 5,000 rows comes in with progress; a broken row is named and stops it', async ({
  page,
}) => {
  await openStand(page, 'Events lawn')
  await step(page, 'Bench').click()
  await page.getByText('Laboratory', { exact: true }).click()
  const rows = Array.from({ length: 5000 }, (_, index) => {
    const day = new Date(Date.UTC(2010, 0, 1 + index)).toISOString().slice(0, 10)
    return `${day},Events lawn,${(6 + (index % 15) / 10).toFixed(1)},${20 + (index % 30)}`
  })
  const file = (body: readonly string[]) => ({
    name: 'five-thousand.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Date,Sample,pH,Soil NO3-N (ppm)\n${body.join('\n')}\n`),
  })
  const open = page.getByLabel('Open a CSV file')
  await open.setInputFiles(file(rows.with(4321, '2021-11-01,Events lawn,74,25')))
  await expect(page.getByRole('alert')).toContainText(/Line 4323, pH: pH: 74.*can only be/)
  await expect(page.getByRole('button', { name: /^Save all/ })).toBeDisabled()

  await open.setInputFiles(file(rows))
  await expect(page.getByText('5000 of 5000 rows read')).toBeVisible()
  await page.getByRole('button', { name: 'Save all 10000 readings' }).click()
  await expect(page.getByRole('status')).toContainText('10000 readings')
  const { readings } = await storyOf(page)
  expect(readings.filter(({ instrument }) => instrument === 'My laboratory')).toHaveLength(10_000)
})

test('a photo lies beside the look and stays with the case', async ({ page }) => {
  await openStand(page, 'Gardenia house')
  await step(page, 'Look').click()
  const png = await page.screenshot({ clip: { x: 0, y: 300, width: 200, height: 150 } })
  await page
    .getByLabel(/Add a photo/)
    .setInputFiles({ name: 'leaf.png', mimeType: 'image/png', buffer: png })
  const photos = page.getByRole('region', { name: 'Photos' })
  await expect(photos.getByRole('img')).toBeVisible()
  await expect(photos).toContainText('no day in the picture')
  const width = () =>
    photos.getByRole('img').evaluate((image) => (image as HTMLImageElement).naturalWidth)
  await expect.poll(width).toBe(200)
  // It is shown from the device before the server has it.
  await expect.poll(async () => (await storyOf(page)).photos.length).toBeGreaterThan(0)
  const { photos: kept, cases } = await storyOf(page)
  expect(kept[0]?.caseId).toBe(cases.find(({ closedOn }) => closedOn === null)?.id)

  await page
    .getByLabel(/Add a photo/)
    .setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(photos.getByRole('alert')).toContainText('give a JPEG or PNG picture')
})

test('a number read in the wrong unit is asked about before it is kept', async ({ page }) => {
  await openStand(page, 'Gardenia house')
  await step(page, 'Bench').click()
  await page.getByText('A number at hand', { exact: true }).click()
  await choose(page.getByLabel('Test', { exact: true }), /^EC, pour-through/)
  await page.getByLabel('Value, dS/m').fill('1900')
  await page.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByRole('alert')).toContainText('Was it read in µS/cm? Then it is 1.9 dS/m')
  await page.getByRole('button', { name: 'Yes, take 1.9' }).click()
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText(/pour-through\s*1.9/)
})

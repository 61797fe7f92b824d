import type { StandStoryDto } from '@spudder/contract/stand'
import { choose, expect, test } from './spudder.ts'
import { lawn, numbered, plan, standWithCase } from './stand-with-case.ts'

test.use({ serviceWorkers: 'allow' })

test('ground is measured by tape, by drawing and from a map, and bad measures are told', async ({
  page,
}) => {
  const name = numbered('Taped lawn')
  await page.goto('/stands/new')
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Area').first().fill('-20 ft2')
  await expect(page.getByText('Give an area such as 4500 ft2.')).toBeVisible()
  await page.getByText('widths along a line', { exact: true }).click()
  await page.getByLabel('Length of the line').fill('40 m')
  await page.getByLabel('Widths across it').fill('0, 8, 10, 6, 0 m')
  await expect(page.getByText('2,583 ft²')).toBeVisible()

  await test.step('half typed, it survives a reload', async () => {
    await page.getByLabel('Widths across it').fill('0, 8, 1')
    await page.reload()
    await expect(page.getByLabel('Name')).toHaveValue(name)
    await expect(page.getByLabel('Widths across it')).toHaveValue('0, 8, 1')
    await page.getByLabel('Widths across it').fill('0, 8, 10, 6, 0 m')
  })
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  await expect(page.getByText('2,583 ft²')).toBeVisible()

  await test.step('drawn with the pointer on the grid', async () => {
    await page.getByRole('link', { name: 'measure, change' }).click()
    await page.getByText('draw it', { exact: true }).click()
    const grid = page.getByRole('group', { name: /^Grid/ })
    await grid.scrollIntoViewIfNeeded()
    const box = await grid.boundingBox()
    if (!box) throw new Error('no grid')
    // A square of the grid is 10 ft; these are four corners of 10 by 5 squares.
    const unit = box.width / (20 * 24 + 16)
    const at = (x: number, y: number) => [box.x + (8 + x * 24) * unit, box.y + (8 + (13 - y) * 24) * unit] as const // prettier-ignore
    for (const [x, y] of [[2, 2], [12, 2], [12, 7], [2, 7]] as const) await page.mouse.click(...at(x, y)) // prettier-ignore
    await expect(page.getByText('5,000 ft²')).toBeVisible()
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('Saved. New plans count on it.')).toBeVisible()
    await expect(page.getByRole('img', { name: `The ground of ${name}` })).toBeVisible()
  })

  await test.step('read from a map file, and a file that is none is told', async () => {
    await page.getByText('map file', { exact: true }).click()
    const give = (fileName: string, text: string) =>
      page.getByLabel('Open a GeoJSON file').setInputFiles({
        name: fileName,
        mimeType: 'application/json',
        buffer: Buffer.from(text),
      })
    await give('holiday.json', '{"photos": 3}')
    await expect(page.getByText('holiday.json: give a GeoJSON file with a "type".')).toBeVisible()
    const ring = [[-1.5, 51], [-1.499, 51], [-1.499, 51.001], [-1.5, 51.001], [-1.5, 51]] // prettier-ignore
    await give('field.geojson', JSON.stringify({ type: 'Polygon', coordinates: [ring] }))
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.locator('.about')).toContainText('83,755 ft²')
  })
})

test('the label is a hard limit, in whatever unit the rate is typed', async ({ page }) => {
  await standWithCase(page, lawn)
  await page.getByText('onto the leaf', { exact: true }).click()
  await page.getByRole('radio', { name: /Ferrous sulfate crystals/ }).check({ force: true })
  await expect(page.getByText(/allows at most\s*4 oz\/1000 ft2/)).toBeVisible()
  const rate = page.getByLabel(/^(Strength of the spray|Product per area)$/)
  for (const over of [
    '12.3 kg/ha',
    '4.1 oz/1000 ft2',
    '11 lb/acre',
    '6 %',
    '3 lb iron/acre',
    '1.3 g/m2',
  ]) {
    await rate.fill(over)
    await expect(
      page.getByText('Over the label: it allows at most 4 oz/1000 ft2'),
      over,
    ).toBeVisible()
    await expect(plan(page), over).toBeDisabled()
  }
  // So much salt burns in little water, whatever the label allows.
  await rate.fill('3.9 oz/1000 ft2')
  await expect(page.getByText(/is too much: over 4.5 % leaves burn/)).toBeVisible()
  await expect(plan(page)).toBeDisabled()
  await page.getByLabel('Water', { exact: true }).first().fill('1.4 gal/1000 ft2')
  for (const within of ['12.2 kg/ha', '3.9 oz/1000 ft2', '2 %', '1 lb Fe/acre']) {
    await rate.fill(within)
    await expect(page.getByText(/Over the label/), within).toHaveCount(0)
    await expect(plan(page), within).toBeEnabled()
  }
  await rate.fill('1 oz/in')
  await expect(page.getByText(/Give the length of row or drip line/)).toBeVisible()
  await expect(plan(page)).toBeDisabled()

  await test.step('two plans on one day count together', async () => {
    await rate.fill('3 oz/1000 ft2')
    await plan(page).click()
    await expect(page).toHaveURL(/jobs$/)
    await page.getByRole('link', { name: /^Remedy/ }).click()
    await page.getByRole('radio', { name: /Ferrous sulfate crystals/ }).check({ force: true })
    await rate.fill('2 oz/1000 ft2')
    await plan(page).click()
    await expect(page.getByText(/With what else is on .*Over the label/).first()).toBeVisible()
  })
})

test('the same rate in 1 and in 4 gal/1000 ft² is told apart; 400 gal/acre is no spray', async ({
  page,
}) => {
  await standWithCase(page, lawn)
  await page.getByText('onto the leaf', { exact: true }).click()
  const rate = page.getByLabel(/^(Strength of the spray|Product per area)$/)
  const water = page.getByLabel('Water', { exact: true }).first()
  await rate.fill('1 oz/1000 ft2')
  await water.fill('0.9 gal/1000 ft2')
  await expect(page.getByText(/runs off the leaf/)).toHaveCount(0)
  await rate.fill('1 oz/1000 ft2')
  await water.fill('4 gal/1000 ft2')
  await expect(page.getByText(/Much of this runs off the leaf: 4.4 times/)).toBeVisible()
  await expect(plan(page)).toBeEnabled()
  await water.fill('400 gal/acre')
  await expect(
    page.getByText(/This is a drench, no spray: 10 times the 40 gal\/acre/),
  ).toBeVisible()
  await expect(plan(page)).toBeDisabled()
})

test('a 2-inch trunk at 1 oz per inch is 2 oz, 4 tbsp, in a 5 gal bucket', async ({ page }) => {
  await standWithCase(page, {
    context: 'tree',
    plantId: 'pin-oak',
    size: { kind: 'trunks', count: 1, diameterM: 0.0508 },
  })
  await page.getByText('into the soil', { exact: true }).click()
  await page
    .getByRole('radio', { name: /^Fe-EDDHA.*$/ })
    .last()
    .check({ force: true })
  await page.getByText('the same in other words').click()
  await page.getByLabel('A level').fill('2 tbsp')
  await page.getByLabel('Of it weighs').fill('1 oz')
  await expect(page.getByText('4 level tbsp')).toBeVisible()
  await page.getByText('Sprayer, tank, water, partners').click()
  await choose(page.getByLabel('Sprayer'), 'Drench bucket')
  await plan(page).click()
  await page.getByRole('link', { name: 'Open the sheet for outside' }).first().click()
  const amounts = page.getByRole('region', { name: 'Amounts' })
  await expect(amounts).toContainText('5 gal water')
  await expect(amounts).toContainText('2 oz product')
  await expect(amounts).toContainText('= 4 level tbsp')
})

test('a spray with a partner: jar test, plan, and the sheet outside without signal', async ({
  page,
  context,
}) => {
  const standId = await standWithCase(page, {
    ...lawn,
    measures: { outline: [[0, 0], [40, 0], [40, 23.2], [0, 23.2]] }, // prettier-ignore
  })
  await page.getByText('onto the leaf', { exact: true }).click()
  await page.getByText('Sprayer, tank, water, partners').click()
  await choose(page.getByLabel('Sprayer'), 'Blue backpack')
  await expect(page.getByLabel('Tank, backpack or bucket')).toHaveValue('4 gal')

  await test.step('a new partner waits for its jar test', async () => {
    await page.getByRole('button', { name: 'Add something else to the tank' }).click()
    await choose(page.getByLabel('What it is'), 'spreader, non-ionic')
    await page.getByLabel('Its name').fill('Spreader N')
    await page.getByLabel('Dose, by its own label').fill('0.5 fl oz/gal')
    await expect(page.getByText(/No jar test of Spreader N/)).toBeVisible()
    await expect(plan(page)).toBeDisabled()
    await page.getByText('clear, or mixes again with a shake', { exact: true }).click()
    await page.getByRole('button', { name: 'Record the jar test' }).click()
    await expect(page.getByText(/Jar test \d+ \w+: clear/)).toBeVisible()
    await expect(plan(page)).toBeEnabled()
  })

  await test.step('the water is brought down with the acid of the place’s water', async () => {
    await choose(
      page.getByRole('combobox', { name: 'Water', exact: true }),
      'brought down with citric acid, powder',
    )
    await expect(page.getByLabel('Alkalinity, mg/L CaCO3')).toHaveValue('285')
    await expect(page.getByText(/citric acid, powder into the water of a fill/)).toBeVisible()
  })

  await test.step('half typed, all of it survives a reload', async () => {
    await page.getByLabel('pH wanted').fill('5.')
    await page.reload()
    await expect(page.getByLabel('Its name')).toHaveValue('Spreader N')
    await expect(page.getByLabel('pH wanted')).toHaveValue('5.')
    await page.getByLabel('pH wanted').fill('5.5')
  })
  await plan(page).click()
  await expect(page).toHaveURL(/jobs$/)
  const story: StandStoryDto = await (await page.request.get(`/api/stands/${standId}`)).json()
  expect(story.remedies[0]).toMatchObject({
    partners: [{ name: 'Spreader N' }],
    conditioning: { acidId: 'citric' },
  })

  await page.getByRole('link', { name: 'Open the sheet for outside' }).first().click()
  await test.step('the sheet has it all, and stays one page on paper', async () => {
    await expect(page.getByText(/Bring the water to pH 5.5/)).toBeVisible()
    await expect(page.getByText(/Add Spreader N, 0.5 fl oz\/gal/)).toBeVisible()
    await expect(page.getByText(/ends \d+ ft along/).first()).toBeVisible()
    await expect(page.getByText(/label is the law/)).toBeVisible()
    for (const format of ['A4', 'Letter']) {
      const pdf = (await page.pdf({ format })).toString('latin1')
      expect(pdf.match(/\/Type\s*\/Page\b/g), format).toHaveLength(1)
    }
  })

  await test.step('without signal it opens again, with what was ticked off', async () => {
    await page.setViewportSize({ width: 390, height: 844 })
    await expect(page.getByText('Taken along: opens without signal')).toBeVisible()
    const read = page.waitForResponse((answer) => answer.url().endsWith('/ticks') && answer.request().method() === 'GET') // prettier-ignore
    await page.getByRole('checkbox').first().check()
    await read
    await context.setOffline(true)
    await expect(page.getByText('No signal: this works on')).toBeVisible()
    await page.reload()
    await expect(page.getByText(/Bring the water to pH 5.5/)).toBeVisible()
    await expect(page.getByRole('checkbox').first()).toBeChecked()
    const isTooWide = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth)
    expect(isTooWide).toBe(false)
    await context.setOffline(false)
  })
})

test('a sprayer that stands still is refused; one that was measured counts', async ({ page }) => {
  await page.goto('/sprayers')
  const name = numbered('Cart')
  await page.getByText('boom sprayer', { exact: true }).click()
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Tank').fill('0 gal')
  await page.getByLabel('Speed').fill('0 mph')
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  await expect(page.getByText('Speed: give a number from 0.3 to 40 km/h.')).toBeVisible()
  await expect(page.getByText('Tank: give a number from 0.1 to 100000 L.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Name')).toHaveValue(name)
  await page.getByLabel('Tank').fill('50 gal')
  await page.getByLabel('Speed').fill('3 mph')
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  const card = page.locator('article', { hasText: name })
  await expect(card).toContainText('nobody measured it yet')

  await card.getByRole('button', { name: `Calibrate ${name}` }).click()
  await card.getByLabel('Caught, one amount a nozzle').fill('23, 23, 29 fl oz')
  await expect(card.getByText('1 of them off by more than 10 %', { exact: false })).toBeVisible()
  await card.getByLabel('Caught', { exact: true }).fill('26 fl oz')
  await expect(card.getByText('26 gal/acre', { exact: false })).toBeVisible()
  await card.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(card).toContainText(/Measured .*one nozzle caught 26 fl oz/)
})

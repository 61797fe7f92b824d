import { choose, expect, openSettings, openStand, test } from './spudder.ts'

test('numbers are written, and read, as the place writes them', async ({ page, request }) => {
  const writing = page.getByLabel('Numbers and days')
  const trip = page.getByLabel('Cost of one trip')
  const save = () =>
    page.getByRole('button', { name: 'Save', exact: true }).locator('visible=true').click()
  const settings = async () => {
    const places = (await (await request.get('/api/places')).json()) as {
      settings: { locale?: string; work?: { tripCost?: number } }
    }[]
    return places[0]?.settings
  }
  await openSettings(page, 'Crew and rules')
  const before = await trip.inputValue()

  await test.step('a comma before decimals is chosen by what it looks like', async () => {
    await openSettings(page, 'Place')
    await choose(writing, '1.234,5 and 5 Nov 2026')
    await save()
    await expect.poll(async () => (await settings())?.locale).toBe('de-DE')
    await openSettings(page, 'Crew and rules')
    await trip.fill('18,5')
    await save()
    await expect.poll(async () => (await settings())?.work?.tripCost).toBe(18.5)
  })

  await test.step('every screen writes so, and reads so, after a reload too', async () => {
    await openStand(page, 'Blueberry terrace')
    await page.getByRole('link', { name: /^Acid/ }).click()
    await page.waitForURL(/acid$/)
    await page.reload()
    await expect(page.getByText('pH 6,4', { exact: true })).toBeVisible()
    await expect(page.locator('[data-mark=usual]')).toBeVisible()
    await expect(page.getByRole('img', { name: /^pH from 6,4 to \d,\d-\d,\d on/ })).toBeVisible()
    const target = page.getByLabel('To pH')
    await expect(target).toHaveValue('4,9')
    await target.fill('5,1')
    const amounts = page.getByText(/\d,\d(-[\d,]+)? lb\/100 ft²/).locator('visible=true')
    await expect(amounts.first()).toBeVisible()
    await expect(page.getByText(/give a number/)).toHaveCount(0)
  })

  await test.step('and goes back', async () => {
    await openSettings(page, 'Crew and rules')
    await expect(trip).toHaveValue('18,5')
    await trip.fill(before)
    await save()
    await expect.poll(async () => (await settings())?.work?.tripCost).not.toBe(18.5)
    await openSettings(page, 'Place')
    await choose(writing, '1,234.5 and 5 Nov 2026')
    await save()
    await expect.poll(async () => (await settings())?.locale).toBe('en-GB')
    await openStand(page, 'Blueberry terrace')
    await expect(page.getByRole('link', { name: /Bench pH 5\.6/ })).toBeVisible()
  })
})

test('a chart is read by keys, and goes out as a drawing and a picture', async ({ page }) => {
  await openStand(page, 'South vineyard block')
  await page.getByRole('link', { name: /^Watch/ }).click()
  const chart = page.getByRole('group', { name: /^Colour since the treatment: arrow keys/ })
  await chart.focus()
  await page.keyboard.press('End')
  const read = page.locator('figure').filter({ has: chart }).locator('[aria-live]')
  await expect(read).toHaveText(/\d+ \w+: (pale|yellow|green)/)
  await page.keyboard.press('Home')
  await expect(read).toHaveText(/\d+ \w+: (pale|yellow|green)/)
  const saved = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).click(),
    ])
    const chunks: Buffer[] = []
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer)
    return { name: download.suggestedFilename(), bytes: Buffer.concat(chunks) }
  }
  const drawing = await saved('Colour since the treatment as a drawing, SVG')
  expect(drawing.name).toBe('colour-since-the-treatment.svg')
  expect(drawing.bytes.toString('utf8')).toMatch(/^<svg [\s\S]*treated[\s\S]*<\/svg>$/)
  const picture = await saved('Colour since the treatment as a picture, PNG')
  // The mark of a PNG, and more in it than an empty sheet.
  expect(picture.bytes.subarray(1, 4).toString()).toBe('PNG')
  expect(picture.bytes.length).toBeGreaterThan(5000)
})

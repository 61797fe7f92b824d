import { expect, Spudder, test as base } from './spudder.ts'

/** A demo of its own: what other journeys add would stand among its rows. */
const test = base.extend<object, { demo: Spudder }>({
  demo: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads the fixtures wanted from it
    async ({}, use, { workerIndex }) => {
      const demo = await Spudder.create(`estate-${workerIndex}`, 5450 + 10 * workerIndex)
      await use(demo)
      await demo.stop()
    },
    { scope: 'worker', timeout: 600_000 },
  ],
  baseURL: async ({ demo }, use) => use(demo.url),
})

test('a first visit is shown around once, and again from Help', async ({ browser, demo }) => {
  const context = await browser.newContext({
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
  })
  const page = await context.newPage()
  await page.goto(demo.url)
  const tour = page.getByRole('dialog', { name: 'A ribbon for every stand' })
  await expect(tour).toBeVisible()
  for (const title of ['Today, and what is to come', 'The same stands as a table or a map']) {
    await page.getByRole('button', { name: 'Next' }).click()
    await expect(page.getByText(title)).toBeVisible()
  }
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByRole('button', { name: 'Finish' }).click()
  await expect(page.getByText('Anywhere, by its name')).toBeHidden()
  await page.reload()
  await expect(page.getByRole('link', { name: 'Bowling green' })).toBeVisible()
  await expect(tour).toBeHidden()
  await page.keyboard.press('?')
  await page.getByRole('button', { name: 'Show me around' }).click()
  await expect(tour).toBeVisible()
  await context.close()
})

test('stands are found, filtered by name, and worked on several at once', async ({ page }) => {
  await page.goto('/?view=table')
  const rows = page.locator('tbody .ant-table-row')
  await expect(rows.first()).toBeVisible()
  const choose = (name: string) => rows.filter({ hasText: name }).getByRole('checkbox').check()
  const undone = page.getByRole('button', { name: 'Undo' })

  await test.step('a filter is saved under a name and outlives a reload', async () => {
    await page.getByLabel('Find').fill('oak')
    await expect(rows).toHaveCount(1)
    await page.getByRole('button', { name: 'Save filter' }).click()
    await page.getByLabel('Name of the filter').fill('Oaks')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.reload()
    await page.getByLabel('Find').fill('')
    await expect(rows).not.toHaveCount(1)
    await page.getByRole('button', { name: 'Oaks', exact: true }).click()
    await expect(rows).toHaveCount(1)
    await page.locator('button', { hasText: 'Clear' }).click()
    await expect(rows).not.toHaveCount(1)
    await page.getByRole('button', { name: 'Remove Oaks' }).press('Enter')
    await expect(page.getByRole('button', { name: 'Oaks', exact: true })).toHaveCount(0)
  })
  await test.step('looks are planned and tests ordered for both', async () => {
    await choose('Events lawn')
    await choose('Azalea border')
    await page.getByRole('button', { name: 'Plan a look' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Plan' }).click()
    await expect(page.getByText(/A look at 2 stands is planned/)).toBeVisible()
    await choose('Events lawn')
    await choose('Azalea border')
    await page.getByRole('button', { name: 'Order a test' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Order' }).click()
    await expect(page.getByText(/Samples of 2 stands go to the laboratory/)).toBeVisible()
  })
  await test.step('their sheets lie one after another, ready to print', async () => {
    await choose('Lettuce raft loop')
    await choose('Azalea border')
    await page.getByRole('link', { name: 'Print sheets' }).click()
    await expect(page.getByRole('heading', { name: 'In this order' })).toHaveCount(2)
    await page.goBack()
  })
  await test.step('archiving is asked first, and undone', async () => {
    await choose('Long Down sorghum')
    await page.getByRole('button', { name: 'Archive' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Archive' }).click()
    await expect(rows.filter({ hasText: 'Long Down sorghum' })).toHaveCount(0)
    await undone.click()
    await expect(rows.filter({ hasText: 'Long Down sorghum' })).toHaveCount(1)
  })
})

test('ribbons are dragged sideways through time, and letting go over a name opens nothing', async ({
  page,
}) => {
  await page.goto('/')
  const name = page.getByRole('link', { name: 'Bowling green' })
  await expect(name).toBeVisible()
  const dates = page.locator('svg.axis')
  const before = await dates.textContent()
  const box = await name.boundingBox()
  if (!box) throw new Error('no name to take hold of')
  const y = box.y + box.height / 2
  await page.mouse.move(700, y)
  await page.mouse.down()
  await page.mouse.move(1000, y, { steps: 6 })
  await page.mouse.up()
  await expect.poll(() => dates.textContent()).not.toBe(before)
  await page.mouse.move(box.x + 4, y)
  await page.mouse.down()
  await page.mouse.move(box.x + 40, y, { steps: 4 })
  await page.mouse.up()
  await expect(name).toBeVisible()
  await page.mouse.click(box.x + 4, y)
  await expect(page.getByRole('heading', { name: 'Bowling green' })).toBeVisible()
})

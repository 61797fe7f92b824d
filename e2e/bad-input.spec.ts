import { addTree, choose, dayFromToday, expect, openStand, startOver, test } from './spudder.ts'

test('a stand: each field says what it wants, what was typed stays, and nothing is stored', async ({
  page,
}) => {
  await page.goto('/stands/new')
  await page.getByLabel('Area').fill('4500 parsecs')
  await expect(page.getByText(/Give a unit such as/)).toBeVisible()
  await page.getByLabel('Area').fill('4500')
  await expect(page.getByText(/the unit is missing/)).toBeVisible()
  await page.getByRole('button', { name: /^Add (stand|sprayer)/ }).click()
  await expect(page.getByText('Name: give 1 to 80 characters.')).toBeVisible()
  await expect(page.getByLabel('Area')).toHaveValue('4500')
  await page.reload()
  await expect(page.getByLabel('Area')).toHaveValue('4500')
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Bowling green' })).toBeVisible()
  await expect(page.getByText('4500')).toHaveCount(0)
})

test('a case: impossible figures are refused beside their field all the way down', async ({
  page,
}) => {
  await addTree(page, 'Gate oaks')
  await page.getByLabel('pH measured').fill('15')
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText('pH: give a number from 2.5 to 11.')).toBeVisible()
  await page.getByLabel('pH measured').fill('seven')
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText('pH: give a number from 2.5 to 11.')).toBeVisible()
  await page.getByLabel('pH measured').fill('7.7')
  await page.getByLabel('On', { exact: true }).first().fill(dayFromToday(40))
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText(/give a day up to today/)).toBeVisible()
  await page.getByLabel('On', { exact: true }).first().fill(dayFromToday(0))
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText(/Known:\s*7.7/)).toBeVisible()

  await page.getByText('the youngest leaves only').click()
  await page.reload()
  await expect(page.getByLabel('the youngest leaves only')).toBeChecked()
  await page.getByRole('button', { name: 'Save look' }).click()
  await page.getByRole('link', { name: 'Choose the remedy' }).click()
  await page.getByText('into the soil', { exact: true }).click()

  await page.getByLabel('Product per trunk diameter').fill('1 oz/1000 ft2')
  await expect(page.getByText(/Give a size by area for this rate/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Plan for/ })).toBeDisabled()
  await page.getByLabel('Product per trunk diameter').fill('9 oz/in')
  await expect(page.getByText(/9 oz\/in .*is too much: over 6 oz\/in/)).toBeVisible()
  await page.getByLabel('Product per trunk diameter').fill('4 oz/in')
  await expect(page.getByText(/4 oz\/in .*is more than usual: over 2 oz\/in/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Plan for/ })).toBeDisabled()
  await page.getByLabel('Why more than usual').fill('The arborist asked for twice as much.')
  await expect(page.getByRole('button', { name: /^Plan for/ })).toBeEnabled()
  await page.getByLabel('Iron in the product').fill('600')
  await expect(page.getByText(/percentage of iron on the label, from 0.1 to 80/)).toBeVisible()
  await page.getByLabel('Iron in the product').fill('6')
  await page.getByLabel('Product per trunk diameter').fill('1 oz/in')
  await page.getByLabel('Apply on').fill('')
  await page.getByRole('button', { name: /^Plan for/ }).click()
  await expect(page.getByText(/Apply on: give a day such as/)).toBeVisible()
  await page.getByLabel('Apply on').fill(dayFromToday(0))
  await page.getByRole('button', { name: /^Plan for/ }).click()

  await page.getByLabel('Product used').fill('-3 oz')
  await expect(page.getByText(/Give a weight such as/)).toBeVisible()
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByRole('region', { name: 'Entries' })).toHaveCount(0)
  await page.getByLabel('Product used').fill('11 oz')
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByRole('region', { name: 'Entries' })).toContainText('11 oz')
})

test('when the server is out of reach, what was typed waits on the device and is stored later, once', async ({
  page,
}) => {
  await addTree(page, 'Lodge oaks')
  await page.getByLabel('pH measured').fill('7.4')
  await page.route('**/api/**', (route) => route.abort())
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText(/One record waits on this device/)).toBeVisible()
  await expect(page.locator('.known > span')).toHaveCount(1)

  // The answer is lost, the reading is not: sent again it is stored once. What waits is also sent by
  // itself, so the loss is in place before the server can be reached again.
  let isLossy = true
  let tellOfLoss: () => void
  const lost = new Promise<void>((resolve) => {
    tellOfLoss = resolve
  })
  await page.route('**/readings', async (route) => {
    if (!isLossy) return route.continue()
    await route.fetch()
    await route.abort()
    tellOfLoss()
  })
  await page.unroute('**/api/**')
  await page.getByRole('button', { name: 'Send now' }).click()
  await lost
  // One may be under way again: what handles it stays, and lets the next through.
  isLossy = false
  await expect(page.getByText(/One record waits on this device/)).toBeHidden()
  await page.reload()
  await expect(page.locator('.known > span')).toHaveCount(1)
})

test('every other form of a stand says what is wrong beside the field and keeps what was typed', async ({
  page,
}) => {
  await openStand(page, 'South vineyard block')
  const step = (name: string) =>
    page
      .getByRole('navigation', { name: 'Steps of the case' })
      .locator('a', { has: page.locator('b', { hasText: new RegExp(`^${name}$`) }) })
      .click()

  await step('Look')
  await page.getByText('What happened before').click()
  await choose(page.getByLabel('What', { exact: true }), 'pH corrected')
  await page.getByLabel('From pH').fill('20')
  await page.getByRole('button', { name: 'Tell' }).click()
  await expect(page.getByText('pH before: give a number from 2.5 to 11.')).toBeVisible()
  await expect(page.getByText('pH after: give a number from 2.5 to 11.')).toBeVisible()
  await expect(page.getByLabel('From pH')).toHaveValue('20')
  await page.getByText('tan', { exact: true }).click()
  await page.getByLabel('Looked on').fill(dayFromToday(9))
  await page.getByRole('button', { name: 'Save look' }).click()
  await expect(page.getByText(/Looked on: give a day up to today/)).toBeVisible()
  await startOver(page)

  await step('Jobs')
  const job = page.locator('.fold.job').first()
  await job.getByLabel('New day').fill('')
  await job.getByRole('button', { name: 'Move' }).click()
  await expect(job.getByText(/Day: give a day such as/)).toBeVisible()
  const entries = page.getByRole('region', { name: 'Entries' })
  await entries.getByRole('button', { name: 'Correct', exact: true }).first().click()
  await entries.getByLabel('Product used').fill('a bag or two')
  await entries.getByRole('button', { name: 'Save correction' }).click()
  await expect(entries.getByText(/Give a weight such as 2 lb/)).toBeVisible()
  await expect(entries.getByText(/Why it is corrected: give 1 to 500 characters/)).toBeVisible()

  await step('Watch')
  await page.getByLabel('Value, 0 to 80').fill('120')
  await page.getByRole('button', { name: 'Add colour' }).click()
  await expect(page.getByText('Chlorophyll meter: give a number from 0 to 80.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Value, 0 to 80')).toHaveValue('120')
})

import { addTree, dayFromToday, expect, test } from './spudder.ts'

test('a stand: each field says what it wants, what was typed stays, and nothing is stored', async ({
  page,
}) => {
  await page.goto('/stands/new')
  await page.getByLabel('Area').fill('4500 parsecs')
  await expect(page.getByText(/Give a unit such as/)).toBeVisible()
  await page.getByLabel('Area').fill('4500')
  await expect(page.getByText(/the unit is missing/)).toBeVisible()
  await page.getByRole('button', { name: 'Add it' }).click()
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
  await page.getByRole('button', { name: 'Store this look' }).click()
  await page.getByRole('link', { name: 'Choose the remedy' }).click()
  await page.getByText('into the soil', { exact: true }).click()

  await page.getByLabel('Product per trunk diameter').fill('1 oz/1000 ft2')
  await expect(page.getByText(/Give a rate such as 1 oz\/in of trunk/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Put it on/ })).toBeDisabled()
  await page.getByLabel('Product per trunk diameter').fill('9 oz/in')
  await expect(page.getByText(/Above the usual rates/)).toBeVisible()
  await page.getByLabel('Iron in the product').fill('600')
  await expect(page.getByText(/percentage of iron on the label, from 0.1 to 80/)).toBeVisible()
  await page.getByLabel('Iron in the product').fill('6')
  await page.getByLabel('Product per trunk diameter').fill('1 oz/in')
  await page.getByLabel('Put it on').fill('')
  await page.getByRole('button', { name: /^Put it on/ }).click()
  await expect(page.getByText(/Apply on: give a day such as/)).toBeVisible()
  await page.getByLabel('Put it on').fill(dayFromToday(0))
  await page.getByRole('button', { name: /^Put it on/ }).click()

  await page.getByLabel('Product used').fill('-3 oz')
  await expect(page.getByText(/Give a weight such as/)).toBeVisible()
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByRole('region', { name: 'Entries' })).toHaveCount(0)
  await page.getByLabel('Product used').fill('11 oz')
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByRole('region', { name: 'Entries' })).toContainText('11 oz')
})

test('when the server is out of reach, what was typed stays and is sent later, once', async ({
  page,
}) => {
  await addTree(page, 'Lodge oaks')
  await page.getByLabel('pH measured').fill('7.4')
  await page.route('**/api/**', (route) => route.abort())
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.locator('.problem').getByText(/No connection. Nothing is lost/)).toBeVisible()
  await expect(page.getByLabel('pH measured')).toHaveValue('7.4')
  await page.unroute('**/api/**')

  // The answer is lost, the reading is not: sending it again stores it once.
  await page.route('**/readings', async (route) => {
    await route.fetch()
    await route.abort()
  })
  const lost = page.waitForEvent('requestfailed', (request) => request.method() === 'POST')
  await page.getByRole('button', { name: 'Add pH' }).click()
  await lost
  await expect(page.locator('.problem').getByText(/No connection/)).toBeVisible()
  await page.unroute('**/readings')
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByLabel('pH measured')).toHaveValue('')
  await expect(page.locator('.known span')).toHaveCount(1)
})

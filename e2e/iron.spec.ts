import type { ProductDto } from '@spudder/contract/shelf'
import type { Page } from '@playwright/test'
import { readFile } from 'node:fs/promises'
import { expect, openStand, test } from './spudder.ts'

const offers = (page: Page) => page.locator('[data-group=main] > li')
const openRemedy = async (page: Page, stand: string) => {
  await openStand(page, stand)
  await page
    .getByRole('navigation', { name: 'Steps of the case' })
    .getByRole('link', { name: 'Remedy' })
    .click()
  await expect(offers(page).first()).toBeVisible()
}

test('on lime: EDDHA into the soil, sulfate onto the leaf, and why', async ({ page }) => {
  await openRemedy(page, 'South vineyard block')

  await test.step('into the soil EDDHA leads and the sulfates are among what fails', async () => {
    await page.getByText('into the soil', { exact: true }).click()
    await expect(offers(page).first()).toContainText('Fe-EDDHA granules')
    await expect(offers(page).first()).toContainText('works')
    await page.getByText(/that fail here/).click()
    const last = page.locator('[data-group=failing] > li').last()
    await expect(last).toContainText(/Ferrous (ammonium )?sulfate/)
    await expect(last).toContainText('lost')
    await offers(page).first().getByText('why', { exact: true }).click()
    await expect(offers(page).first()).toContainText(
      /At pH 7\.9 .* of use in the soil \(calculated\)/,
    )
  })

  await test.step('the curves stand over this soil, with the schools as brackets', async () => {
    const chart = page.getByRole('img', { name: /^Share of iron that stays dissolved/ })
    await expect(chart).toBeVisible()
    await expect(chart.getByText('pH 7.9 here')).toBeVisible()
    await expect(chart.getByText('EDTA', { exact: true }).first()).toBeVisible()
    await page.getByText('how, and where calculation and trade differ').click()
    await expect(page.getByText('Differs.').first()).toBeVisible()
  })

  await test.step('calcium dragged down lets DTPA live, and the order follows', async () => {
    const dtpa = page.locator('.sources > li', { hasText: /^Fe-DTPA/ }).locator('.share')
    const before = Number.parseInt((await dtpa.textContent()) ?? '', 10)
    const slider = page.getByRole('slider', { name: /^Calcium/ })
    await slider.press('Home')
    await expect
      .poll(async () => Number.parseInt((await dtpa.textContent()) ?? '', 10))
      .toBeGreaterThan(before + 15)
    await page.getByRole('button', { name: 'Back to this soil' }).click()
    await expect(dtpa).toHaveText(`${before} %`)
  })

  await test.step('what would change the order is said once nothing moves', async () => {
    await expect(page.getByText(/At pH \d\.\d and below, Fe-DTPA would lead/)).toBeVisible()
  })

  await test.step('onto the leaf the cheap bag leads and EDDHA is the wrong way', async () => {
    await page.getByText('onto the leaf', { exact: true }).click()
    await expect(offers(page).first()).toContainText('Ferrous sulfate crystals')
    // What fails stays unfolded from before.
    const eddha = page.locator('[data-group=failing] > li', { hasText: 'Fe-EDDHA' }).first()
    await eddha.getByText('why', { exact: true }).click()
    await expect(eddha).toContainText('Wrong route: too big a molecule')
  })

  await test.step('a lasting fix is taken beside the quick one, with its test', async () => {
    await page.getByRole('checkbox', { name: /^Feed ammonium/ }).check()
    await expect(page.getByLabel('In your words')).toHaveValue(/Ammonium sulfate as the only/)
    await expect(page.getByLabel(/^Test pH again on/)).not.toHaveValue('')
    await page.reload()
    await expect(page.getByLabel('In your words')).toHaveValue(/Ammonium sulfate as the only/)
  })
})

test('a label is read for this soil and goes onto the shelf', async ({ page }) => {
  await openRemedy(page, 'South vineyard block')
  await page.getByText('Read a label for this stand').click()
  const text = page.getByLabel('Type or paste what the label says')
  await text.fill('N 5, Mg 1, S 7, Mn 2, Fe 9 (all chelated by EDDHA, EDTA, citrate)')
  await page.getByRole('button', { name: 'Read label' }).click()
  await expect(
    page.getByText('It cannot all be Fe-EDDHA: at most 29.9 % of the iron.'),
  ).toBeVisible()
  const ways = page.locator('.routes > li')
  await expect(ways.first()).toContainText('onto the leaf')
  await expect(ways.last()).toContainText('by the ceilings that schools keep: 0 % to 30 %')

  await test.step('nonsense is refused beside the field and kept as typed', async () => {
    await page.getByLabel('Fe, total %').fill('190')
    await expect(page.getByText('A bag holds 100 %: give iron from 0 to 100.')).toBeVisible()
    await page.reload()
    await page.getByText('Read a label for this stand').click()
    await expect(page.getByLabel('Fe, total %')).toHaveValue('190')
    await page.getByLabel('Fe, total %').fill('9')
  })

  await page.getByRole('button', { name: 'Add product' }).click()
  await expect(page).toHaveURL(/shelf$/)
  await page.getByLabel('Name', { exact: true }).fill('Nine percent, trial pail')
  await page.getByLabel('Price of a pack').fill('20')
  await page.getByLabel('In the pack').fill('1 lb')
  await page.getByRole('button', { name: 'Add product' }).click()
  await expect(page.getByRole('status')).toContainText('Nine percent, trial pail is on the shelf')
  // 20 / (0.4536 kg × 0.09).
  await expect(page.getByRole('row', { name: /Nine percent/ })).toContainText('$490')
})

test('the shelf goes out as CSV and comes back in', async ({ page }) => {
  await page.goto('/shelf')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the shelf as CSV' }).click()
  const path = await (await download).path()
  const csv = await readFile(path, 'utf8')
  expect(csv).toContain('Fe-EDDHA granules, 5 lb tub')

  const [head = '', ...rows] = csv.trim().split('\n')
  const tub = rows.find((row) => row.includes('EDDHA granules')) ?? ''
  const file = (text: string) => ({
    name: 'shed.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  })
  const input = page.locator('input[type=file]')
  await input.setInputFiles(
    file(`${head}\n${tub.replace('5 lb tub', 'second tub').replace(',6,', ',600,')}\n`),
  )
  await expect(page.getByRole('alert')).toContainText('Line 2, Fe %: A bag holds 100 %')
  await input.setInputFiles(file(`${head}\n${tub.replace('5 lb tub', 'second tub')}\n`))
  await page.getByRole('button', { name: 'Save all 1' }).click()
  await expect(page.getByText('1 products of shed.csv are on the shelf.')).toBeVisible()
  const places = (await (await page.request.get('/api/places')).json()) as { id: string }[]
  const answer = await page.request.get(`/api/places/${places[0]?.id}/products`)
  const shelf = (await answer.json()) as ProductDto[]
  expect(shelf.find(({ name }) => name.includes('second tub'))).toMatchObject({
    sourceId: 'fe-eddha',
    packPrice: 58,
    label: { orthoOrtho: '4.8' },
  })
})

test('the reference opens to sources, constants and schools', async ({ page }) => {
  await page.goto('/reference')
  await expect(page.getByRole('row', { name: /^Fe-EDDHA/ })).toContainText('6 %')
  await page.getByRole('tab', { name: 'Constants' }).click()
  await page.getByText('DTPA', { exact: true }).click()
  await expect(page.getByRole('row', { name: /^Fe \+ L = FeL/ })).toContainText('28')
  await page.getByRole('tab', { name: 'Calculation and trade' }).click()
  await expect(page.getByRole('row', { name: /^HEDTA/ })).toContainText('Trust practice here')
})

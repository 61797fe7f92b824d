import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { choose, expect, test } from './spudder.ts'
import { lawn, numbered, plan, standWithCase } from './stand-with-case.ts'

test('an own product is called by its name from the plan to the record', async ({ page }) => {
  const name = numbered('House liquid 6 %')
  const form = 'Ferrous sulfate, spray grade'
  const [place] = await (await page.request.get('/api/places')).json()
  const label = { analysis: { Fe: '6' }, chelated: '', waterSoluble: '', orthoOrtho: '', derivedFrom: 'ferrous sulfate' } // prettier-ignore
  const data = { id: randomUUID(), name, sourceId: 'ferrous-sulfate', label, lot: '', stain: 'rust', organic: 'unknown', hazards: '', note: '' } // prettier-ignore
  const made = await page.request.post(`/api/places/${place.id}/products`, { data })
  expect(made.status(), await made.text()).toBe(201)
  const standId = await standWithCase(page, lawn)
  const main = page.getByRole('main')

  await test.step('planned', async () => {
    await page.getByText('onto the leaf', { exact: true }).click()
    await page.getByRole('radio', { name: new RegExp(name) }).check({ force: true })
    await choose(page.getByLabel('And again'), '1 more time')
    await plan(page).click()
    await expect(page).toHaveURL(/jobs$/)
    await expect(main).toContainText(`${name}, repeat 1 of 1`)
    await expect(main.locator('.job-sheet').first()).toContainText(name)
    await expect(page.getByRole('link', { name: /^Remedy/ })).toContainText(name)
    await expect(main).not.toContainText(form)
  })

  await test.step('recorded from its sheet', async () => {
    await page.getByRole('link', { name: 'Open the sheet for outside' }).first().click()
    await expect(page.getByText('In this order')).toBeVisible()
    await expect(page.getByRole('heading', { name })).toBeVisible()
    await page.getByRole('button', { name: 'Done: record it' }).click()
    await page.getByRole('button', { name: 'Record it', exact: true }).click()
    await page.goto(`/stands/${standId}/jobs`)
    await expect(page.getByRole('region', { name: 'Entries' })).toContainText(name)
  })

  await test.step('corrected', async () => {
    const entries = page.getByRole('region', { name: 'Entries' })
    await entries.getByRole('button', { name: 'Correct', exact: true }).click()
    await entries.getByLabel('Product used').fill('8 oz')
    await entries.getByLabel('Why it is corrected').fill('Weighed again.')
    await entries.getByRole('button', { name: 'Save correction' }).click()
    await expect(entries.getByRole('listitem')).toHaveCount(2)
    await expect(entries.getByText(name)).toHaveCount(2)
    await expect(entries).not.toContainText(form)
  })

  const save = async (act: Promise<void>) => {
    const [download] = await Promise.all([page.waitForEvent('download'), act])
    return readFileSync(await download.path(), 'utf8')
  }
  await test.step('found in the record and exported', async () => {
    await page.getByRole('link', { name: 'Record', exact: true }).click()
    await page.getByLabel('Find').fill(name)
    await expect(page.getByText('2 lines, the newest first')).toBeVisible()
    await expect(main.locator('ol > li').first()).toContainText(name)
    const csv = await save(page.getByRole('button', { name: 'CSV' }).click())
    expect(csv.split('\r\n').filter((line) => line.includes(name))).toHaveLength(2)
  })

  await test.step('in the calendar', async () => {
    await page.goto('/dates')
    const calendar = await save(page.getByRole('link', { name: 'Calendar file' }).click())
    expect(calendar.replaceAll('\r\n ', '')).toContain(`${name}\\, repeat 1 of 1`)
  })
})

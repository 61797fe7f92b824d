import { expect, test } from './spudder.ts'

test('an eye is tried on drawn turf, goes on after a reload, is told beside the others, and a sitting is struck out', async ({
  page,
  request,
}) => {
  const [place] = await (await request.get('/api/places')).json()
  const sittings = async () =>
    (await (await request.get(`/api/places/${place.id}/eye-sittings`)).json()) as {
      readonly said: number[]
      readonly shown: { readonly truth: number }[]
      readonly createdBy: string
    }[]
  const before = await sittings()
  await page.goto('/eye')
  const table = page.getByRole('region', { name: 'Eyes', exact: true })
  await expect(table.getByRole('row', { name: /Tobin Ashgrove/ })).toBeVisible()

  await page.getByRole('button', { name: 'Begin a sitting' }).click()
  const picture = page.getByRole('img', { name: 'The picture to rate' })
  const rated = page.getByRole('status').filter({ hasText: 'of 24 rated' })
  const rate = async (from: number, to: number) => {
    for (let at = from; at < to; at++) {
      await expect(picture).toBeVisible()
      await page.locator('.values label').filter({ hasText: /^7$/ }).click()
      await expect(rated).toHaveText(`${at + 1} of 24 rated`)
    }
  }
  await rate(0, 10)
  await page.reload()
  await expect(rated).toHaveText('10 of 24 rated')
  await rate(10, 24)
  await page.getByLabel('Screen it was looked at on').fill('shed laptop')
  await page.getByRole('button', { name: 'Keep the sitting' }).click()
  await expect(page.getByRole('button', { name: 'Begin a sitting' })).toBeVisible()
  await expect.poll(async () => (await sittings()).length).toBe(before.length + 1)
  const kept = (await sittings()).at(-1)
  expect(kept?.said).toEqual(Array(24).fill(7))
  // What is true was worked out by the server; each picture came twice.
  expect(new Set(kept?.shown.map(({ truth }) => truth)).size).toBe(12)

  // Whoever says 7 of everything is far off at the low end, and strays.
  const row = table.getByRole('row', { name: /Marla Quist/ })
  await expect(row).toContainText('today')
  await expect(page.getByText(/says .* than Marla Quist/).first()).toBeVisible()
  await page.getByText('how', { exact: true }).first().click()
  await expect(page.getByText('a linear mixed model')).toBeVisible()

  await page.getByText(/^Sittings \(/).click()
  const mine = page.getByRole('listitem').filter({ hasText: 'shed laptop' })
  await mine.getByRole('button', { name: /^Correct: / }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Why').fill('Said 7 to everything.')
  await dialog.getByRole('button', { name: 'Strike it out' }).click()
  await expect.poll(async () => (await sittings()).length).toBe(before.length)
  await expect(row).not.toContainText('today')
  await page.goto('/history')
  await expect(page.getByText(/Eye tried on turf colour/).first()).toBeVisible()
})

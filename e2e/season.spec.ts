import type { SeasonDto } from '@spudder/contract/season-review'
import type { StandStoryDto } from '@spudder/contract/stand'
import { readFile } from 'node:fs/promises'
import { pdfPages } from './pdf-text.ts'
import { expect, test } from './spudder.ts'

test('a season is reviewed: what a green day cost and why, on paper on one page, and the next starts from looks that are planned and taken back', async ({
  page,
  request,
}) => {
  const [place] = await (await request.get('/api/places')).json()
  const year = new Date().getFullYear()
  const season = async () =>
    (await (await request.get(`/api/places/${place.id}/season?season=${year}`)).json()) as SeasonDto
  const before = await season()
  await page.goto('/')
  await page.keyboard.press('/')
  await page.keyboard.type('season')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Season' })).toBeVisible()
  await expect(page.getByText(/A green day cost \$\d/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'What to do otherwise' }).getByRole('listitem').first()).toBeVisible() // prettier-ignore
  const worked = page.getByRole('region', { name: 'What worked where' })
  await expect(worked.getByRole('row').filter({ hasText: 'in 100' }).first()).toBeVisible()
  await page.getByText('how', { exact: true }).first().click()
  await expect(page.getByText('days of which it can be said', { exact: true })).toBeVisible()

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF' }).click(),
  ])
  const pages = await pdfPages(await readFile(await download.path()))
  expect(pages).toHaveLength(1)
  expect(pages[0]).toContain('A green day cost')
  expect(pages[0]).toContain('What to do otherwise')

  const next = page.getByRole('region', { name: 'The next season' })
  const first = next.getByRole('table').first().locator('tbody tr').filter({ hasText: 'not yet' })
  const wanted = await first.count()
  expect(wanted).toBeGreaterThan(0)
  await next.getByRole('button', { name: /^Plan th/ }).click()
  await expect.poll(async () => (await season()).looks.length).toBe(before.looks.length + wanted)
  await expect(first).toHaveCount(0)
  const known = new Set(before.looks.map(({ standId, dueOn }) => `${standId} ${dueOn}`))
  const [planned] = (await season()).looks.filter(({ standId, dueOn }) => !known.has(`${standId} ${dueOn}`)) // prettier-ignore
  const story = (await (
    await request.get(`/api/stands/${planned?.standId}`)
  ).json()) as StandStoryDto
  expect(story.jobs.some(({ kind, dueOn }) => kind === 'look' && dueOn === planned?.dueOn)).toBe(true) // prettier-ignore
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await season()).looks.length).toBe(before.looks.length)
})

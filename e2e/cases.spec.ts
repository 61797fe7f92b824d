import type { StandStoryDto } from '@spudder/contract/stand'
import type { Page } from '@playwright/test'
import { addTree, dayFromToday, expect, openStand, showSpan, spanShown, test } from './spudder.ts'

test.describe.configure({ mode: 'serial' })

const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps of the case' }).getByRole('link', { name })
const say = (page: Page, words: string) => page.getByText(words, { exact: true }).first().click()

/** Takes a look in words alone and stores it. */
async function lookInWords(page: Page, ...words: readonly string[]): Promise<void> {
  for (const each of words) await say(page, each)
  await page.getByRole('button', { name: 'Save look' }).click()
  await expect(page).toHaveURL(/verdict$/)
}

async function storyOf(page: Page): Promise<StandStoryDto> {
  const [, id = ''] = /stands\/([^/]+)/.exec(page.url()) ?? []
  return (await page.request.get(`/api/stands/${id}`)).json()
}

test('a dose with fish is shared over three days, and each is recorded by itself', async ({
  page,
}) => {
  await openStand(page, 'Lettuce raft loop')
  await step(page, 'Jobs').click()
  // pH is tested before anything is poured.
  await expect(page.locator('.fold.job').first()).toContainText('Test pH and nitrate')
  const first = page.locator('.fold.job', { hasText: 'Fe-DTPA, dose 1 of 3' })
  await first.locator('.fold-head').first().click()
  // (2 − 0.5) mg/L × 5,200 L ÷ 10 % is 78 g; a third of it is 26 g or 0.917 oz.
  await expect(first).toContainText('dose 1 of 3')
  await expect(first).toContainText('0.917 oz')
  await expect(first).toContainText('33 % of the whole dose')
  await expect(first).toContainText('farthest from any fish')
  await expect(first).toContainText('Fish and worms: dose in steps')
  await first.getByRole('button', { name: 'Record it' }).click()
  await expect(first).toHaveCount(0)
  // It is shown as done as soon as it is kept here; then it goes to the server.
  await expect
    .poll(async () => (await storyOf(page)).entries.at(-1)?.productKg)
    .toBeCloseTo(0.026, 6)
  const { jobs } = await storyOf(page)
  const done = jobs.filter(({ kind, status }) => kind === 'apply' && status === 'done')
  expect(done.length).toBeGreaterThan(0)
})

test('a job is moved to a day that suits, and dropped when it is not wanted', async ({ page }) => {
  await openStand(page, 'Lettuce raft loop')
  await step(page, 'Jobs').click()
  const dose = page.locator('.fold.job', { hasText: 'Fe-DTPA, dose 3 of 3' })
  await dose.locator('.fold-head').first().click()
  await dose.getByLabel('New day').fill(dayFromToday(5))
  await dose.getByRole('button', { name: 'Move' }).click()
  await expect.poll(async () => {
    const { jobs } = await storyOf(page)
    return jobs.find(({ title, status }) => title === 'Fe-DTPA, dose 3 of 3' && status === 'planned')?.dueOn
  }).toBe(dayFromToday(5)) // prettier-ignore
  const looks = page.locator('.fold.job', { hasText: 'Look whether it is green' })
  const before = await looks.count()
  await looks.first().locator('.fold-head').first().click()
  await looks.first().getByRole('button', { name: 'Drop the job' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Drop it' }).click()
  await expect(looks).toHaveCount(before - 1)
})

test('a sick root is not sold iron: the remedy says so and what to do instead', async ({
  page,
}) => {
  await addTree(page, 'Wet corner oaks')
  await lookInWords(
    page,
    'all leaves alike',
    'brown and soft',
    'standing water',
    'low and wet spots',
  )
  await expect(page.locator('.cause')).toContainText('Roots that cannot take it up')
  await expect(page.getByText(/Not iron: do not buy iron for this/).first()).toBeVisible()
  const ending = page.getByRole('region', { name: /^What to do: Roots/ })
  await expect(ending).toContainText('Let it dry and drain')
  await expect(ending).toContainText('sick roots cannot take it')
  await expect(page.getByRole('link', { name: 'Choose the remedy' })).toHaveCount(0)
  await step(page, 'Remedy').click()
  await expect(page.locator('.stop').first()).toContainText('do not buy iron for this')
})

test('on the leaf at pH 7.8 the cheap salt leads and DTPA works too; the amount goes by the tree', async ({
  page,
}) => {
  await addTree(page, 'Drive oaks')
  await page.getByLabel('pH measured').fill('7.8')
  await page.getByRole('button', { name: 'Add pH' }).click()
  await expect(page.getByText(/Known:\s*7.8/)).toBeVisible()
  await lookInWords(page, 'the youngest leaves only', 'white')
  await page.getByRole('link', { name: 'Choose the remedy' }).click()
  const dtpa = page.locator('.sources > li', { hasText: 'Fe-DTPA' })
  await expect(dtpa).toContainText('works')
  await page.getByText(/^\d+ more$/).click()
  await dtpa.getByRole('radio').check()
  // 0.5 % of 2 gal a tree for three trees: 22.71 L × 5 g.
  await expect(page.locator('.amount')).toContainText('4.01 oz')
  await expect(page.locator('.amount')).toContainText('6 gal')
  await page.getByLabel('Apply on').fill(dayFromToday(1))
  await page.getByLabel('In your words').fill('Mulch, and no more lime on the drive.')
  await page.getByLabel('Test pH again').fill(dayFromToday(180))
  await page.getByRole('button', { name: /^Plan for/ }).click()
  await expect(page.locator('.fold.job')).toHaveCount(4)
  const { remedies, jobs } = await storyOf(page)
  expect(remedies[0]).toMatchObject({ route: 'leaf', sourceId: 'fe-dtpa' })
  expect(remedies[0]?.lasting).toContain('no more lime')
  expect(jobs.find(({ kind }) => kind === 'test')?.dueOn).toBe(dayFromToday(180))
})

test('a case that is closed says how it ended; a new look opens another', async ({ page }) => {
  await openStand(page, 'Drive oaks')
  await step(page, 'Watch').click()
  await page.getByText('Close the case').click()
  await page.getByRole('button', { name: 'Close it' }).click()
  await expect(page.getByText('Outcome: choose green or given up.')).toBeVisible()
  await say(page, 'given up')
  await page.getByLabel(/What would you want to know/).fill('Felled for the new road.')
  await page.getByRole('button', { name: 'Close it' }).click()
  await expect(page.locator('.case')).toContainText('given up: Felled for the new road.')
  await step(page, 'Look').click()
  await lookInWords(page, 'the youngest leaves only')
  const { cases, jobs } = await storyOf(page)
  expect(cases.map(({ outcome }) => outcome)).toEqual(['given-up', null])
  expect(jobs.every(({ status }) => status === 'dropped')).toBe(true)
})

test('the choice of dark and of time on view holds from screen to screen', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Dark', exact: true }).click()
  await showSpan(page, 'season')
  await page.getByRole('link', { name: 'Pin oak avenue', exact: true }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await expect(spanShown(page, 'season')).toHaveCount(1)
  await expect(page).toHaveTitle('Pin oak avenue · Spudder')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.getByRole('link', { name: 'Spudder' }).click()
  await expect(page).toHaveTitle('Estate · Spudder')
})

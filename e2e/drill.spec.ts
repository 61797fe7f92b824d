import { expect, test } from './spudder.ts'

interface Kept {
  readonly kind: string
  readonly saidId: string
  readonly asked: readonly string[]
  readonly score: { readonly truth: readonly string[]; readonly regret: number }
}

test('cases are drilled: a plant is pointed at, a whole case goes on after a reload and is scored, one is struck out', async ({
  page,
  request,
}) => {
  const [place] = await (await request.get('/api/places')).json()
  const drills = async () =>
    (await (await request.get(`/api/places/${place.id}/drills`)).json()) as Kept[]
  const before = (await drills()).length
  await page.goto('/drill')
  await page.getByRole('button', { name: 'Begin a case' }).click()
  await expect(page.getByRole('heading', { name: /Which of these plants shows/ })).toBeVisible()
  await page.getByRole('button', { name: 'Plant 2' }).click()
  await expect(page.getByRole('status').filter({ hasText: /^(Right|No):/ })).toBeVisible()
  await expect(page.getByText(/good practitioner/).first()).toBeVisible()
  await expect.poll(async () => (await drills()).length).toBe(before + 1)
  const leaf = (await drills()).at(-1)
  expect(leaf).toMatchObject({ kind: 'leaf', asked: [] })
  expect(leaf?.score.truth).toHaveLength(1)

  await page.getByRole('button', { name: 'Enough for now' }).click()
  await page.getByText('Whole case', { exact: true }).click()
  await page.getByRole('button', { name: 'Begin a case' }).click()
  const known = page.getByRole('region', { name: 'What is known' })
  await expect(known).not.toContainText('Roots')
  await page.getByRole('button', { name: /^Look at the roots/ }).click()
  await expect(known).toContainText('Roots')
  await page.reload()
  await expect(known).toContainText('Roots')
  await expect(page.getByText(/^Spent so far: 10 min · free/)).toBeVisible()
  await page.getByLabel('Treat for').fill('Nitrogen')
  await page.getByTitle('Nitrogen short', { exact: true }).click()
  await page.getByRole('button', { name: 'Treat, and see what comes' }).click()
  await expect(page.getByText('what comes of your treatment, drawn')).toBeVisible()
  await expect.poll(async () => (await drills()).length).toBe(before + 2)
  expect((await drills()).at(-1)).toMatchObject({
    kind: 'case',
    asked: ['roots'],
    saidId: 'nitrogen-short',
  })
  await page.getByText('how', { exact: true }).first().click()
  await expect(page.getByText(/does not know the truth either/)).toBeVisible()

  await page.getByRole('button', { name: /^Correct: Drill of/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Why').fill('Somebody else was at it.')
  await dialog.getByRole('button', { name: 'Strike it out' }).click()
  await expect.poll(async () => (await drills()).length).toBe(before + 1)
  await page.getByRole('button', { name: 'Enough for now' }).click()
  const standing = page.getByRole('region', { name: 'Where you stand' })
  await expect(standing).toContainText(`${before + 1} cases`)
  await expect(standing).toContainText('would have treated wrongly in')

  // A closed case of the place, as it stood when somebody acted, and what greened it.
  await page.getByText('Case of ours', { exact: true }).click()
  await page.getByRole('button', { name: 'Begin a case' }).click()
  await expect(known).toContainText('pH while the leaves grew')
  await expect(page.getByText('Events lawn')).toHaveCount(0)
  await page.getByText('Iron tied up by high pH', { exact: true }).click()
  await page.getByRole('button', { name: 'That is it' }).click()
  const heading = page.getByRole('status').filter({ hasText: /^(Right|No):/ })
  await expect(heading).toHaveText(/^Right: it greened when it was treated for iron/)
  await expect(page.getByText(/^Events lawn, .*Ferrous sulfate.*closed as green/)).toBeVisible()
  await expect.poll(async () => (await drills()).at(-1)).toMatchObject({ kind: 'own' })
})

import type { Page } from '@playwright/test'
import { expect, openStand, test } from './spudder.ts'

const steps = (page: Page) => page.getByRole('navigation', { name: 'Steps of the case' })
const failure = (page: Page) => page.getByText(/could not be worked out/)

/** Opens a part of a stand's page. */
async function openPart(page: Page, name: string, part: string): Promise<void> {
  await openStand(page, name)
  await page.waitForURL(/stands\/[\w-]{36}/)
  const [, id] = /stands\/([\w-]{36})/.exec(page.url()) ?? []
  await page.goto(`/stands/${id}/${part}`)
}

/** Lets no worker of a name start until it is told to. */
async function withoutWorker(page: Page, name: string): Promise<() => Promise<void>> {
  const scripts = `**/assets/${name}.worker-*.js`
  await page.route(scripts, (route) => route.fulfill({ status: 404, body: '' }))
  return () => page.unroute(scripts)
}

/**
 * A worker that cannot start says so on its screen, and is started again from there.
 * @returns whether it was started by hand: what comes in late is asked anew, and can mend it by itself
 */
async function breaksAndMends(
  page: Page,
  name: string,
  open: () => Promise<void>,
): Promise<boolean> {
  const mend = await withoutWorker(page, name)
  await open()
  await page.waitForLoadState('networkidle')
  await expect(failure(page), name).toBeVisible()
  await mend()
  const again = page.getByRole('button', { name: 'Try again' })
  let isPressed = false
  await expect(async () => {
    if ((await failure(page).count()) === 0) return
    await again.click({ timeout: 3000 })
    isPressed = true
  }).toPass()
  await expect(failure(page), name).toHaveCount(0)
  return isPressed
}

test('workers that cannot start say so on their screens, and are started again', async ({
  page,
}) => {
  let pressed = 0
  pressed += Number(
    await breaksAndMends(page, 'open-checks', async () => {
      await openStand(page, 'South vineyard block')
      await steps(page)
        .getByRole('link', { name: /Verdict/ })
        .click()
    }),
  )
  await expect(page.getByRole('region', { name: 'Check next' })).toBeVisible()

  pressed += Number(
    await breaksAndMends(page, 'path', async () => {
      await openPart(page, 'Blueberry terrace', 'acid')
    }),
  )
  await expect(page.getByRole('img', { name: /^pH from/ })).toBeVisible()

  pressed += Number(
    await breaksAndMends(page, 'planner', async () => {
      await page.goto('/dates')
      await page.getByRole('button', { name: 'Plan the season' }).click()
    }),
  )
  await expect(page.getByText('Expected loss')).toBeVisible()

  pressed += Number(
    await breaksAndMends(page, 'analyse', async () => {
      await openPart(page, 'Events lawn', 'trials')
    }),
  )
  await expect(page.getByRole('region', { name: 'What the ratings say' })).toContainText('iron')
  expect(pressed, 'started by hand').toBeGreaterThan(0)
})

test('a photo that could not be measured is kept, and measured once the worker starts', async ({
  page,
}) => {
  await openStand(page, 'South vineyard block')
  await steps(page).getByRole('link', { name: /Watch/ }).click()
  const photo = page.getByRole('button', { name: /^Photo / }).first()
  const address = await photo.locator('img').getAttribute('src')
  const buffer = await (await page.request.get(address ?? '')).body()
  const mend = await withoutWorker(page, 'photo')
  const add = (name: string) =>
    page.getByLabel('Add photos').setInputFiles({ name, mimeType: 'image/jpeg', buffer })
  await add('first.jpg')
  await expect(page.locator('.refusals')).toContainText('first.jpg: It could not be measured')
  await mend()
  await add('second.jpg')
  await expect(page.getByRole('button', { name: 'Photo second.jpg' })).toContainText(/0\.\d\d/)
})

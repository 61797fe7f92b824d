import type { StandStoryDto } from '@spudder/contract/stand'
import type { BrowserContextOptions, Page } from '@playwright/test'
import { keyboard, thumb, type Hands } from './hands.ts'
import { expect, Spudder, test as base } from './spudder.ts'

/** Presses, and fields written in, of the shortest way from the estate with nothing in it. */
const mostActions = { verdict: 8, amount: 12, job: 13, entry: 14 } as const

/** A server where nobody has entered anything yet. */
const test = base.extend<object, { empty: Spudder }>({
  empty: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads the fixtures wanted from it
    async ({}, use, { workerIndex }) => {
      const empty = await Spudder.create(`empty-${workerIndex}`, 5370 + 10 * workerIndex, false)
      await use(empty)
      await empty.stop()
    },
    { scope: 'worker', timeout: 600_000 },
  ],
})

const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps of the case' }).getByRole('link', { name })
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name })

/** From a place without a stand to a judgement of what was done; what it took on the way. */
async function wholeJourney(page: Page, url: string, { act, write, choose, done }: Hands) {
  await page.goto(url)
  const welcome = page.getByRole('heading', { name: 'Where do you grow?' })
  const estate = page.getByRole('heading', { level: 1, name: 'Estate' })
  await expect(welcome.or(estate)).toBeVisible()
  if (await welcome.isVisible()) {
    await write(page.getByLabel('Name of the place'), 'Long Meadow')
    await act(button(page, 'Start'))
  }
  await expect(estate).toBeVisible()
  const start = done()

  await act(page.getByRole('link', { name: 'Add a stand' }).first())
  await write(page.getByLabel('Name', { exact: true }), 'Front green')
  await choose(page.getByLabel('Plant', { exact: true }), 'Tall fescue')
  await write(page.getByLabel('Area', { exact: true }), '5000 ft2')
  await act(button(page, 'Add stand'))
  await expect(page.getByRole('heading', { level: 1, name: 'Front green' })).toBeVisible()
  await act(page.locator('[data-leaf="leaf-13"]'))
  await expect(page.locator('.causes > li').first()).toContainText('%')
  await act(button(page, 'Save look'))
  await expect(page).toHaveURL(/verdict$/)
  const verdict = done() - start

  await act(page.getByRole('link', { name: 'Choose the remedy' }))
  await expect(page.locator('.amount')).toContainText(/\d (oz|lb)/)
  const amount = done() - start

  await act(button(page, /^Plan for/))
  await expect(page).toHaveURL(/jobs$/)
  const job = done() - start

  const beforeSheet = done()
  await act(page.getByRole('link', { name: 'Open the sheet for outside' }))
  await expect(page.getByRole('heading', { name: 'In this order' })).toBeVisible()
  await act(page.getByRole('link', { name: 'Back to the jobs' }))
  const sheet = done() - beforeSheet
  await act(button(page, 'Record it').first())
  await expect(page.getByRole('region', { name: 'Entries' })).toBeVisible()
  const entry = done() - start - sheet

  await act(step(page, 'Watch'))
  await write(page.getByLabel('Value, 1 to 9'), '6')
  await act(button(page, 'Add colour'))
  await expect(page.locator('.word')).not.toBeEmpty()
  return { verdict, amount, job, entry }
}

const ways: Record<string, { hands: (page: Page) => Hands; screen: BrowserContextOptions }> = {
  'by keys alone': { hands: keyboard, screen: { viewport: { width: 1280, height: 800 } } },
  'by touch alone, on a phone': {
    hands: thumb,
    screen: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
  },
}

for (const [name, { hands, screen }] of Object.entries(ways)) {
  test(`from nothing to a judgement ${name}, in no more presses than allowed`, async ({
    browser,
    empty,
  }) => {
    const context = await browser.newContext({ ...screen, locale: 'en-GB' })
    await context.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
    const page = await context.newPage()
    const took = await wholeJourney(page, empty.url, hands(page))
    for (const [part, most] of Object.entries(mostActions)) {
      expect(took[part as keyof typeof took], part).toBeLessThanOrEqual(most)
    }
    const [standId = ''] = /(?<=stands\/)[^/]+/.exec(page.url()) ?? []
    const story = (await (
      await context.request.get(`${empty.url}/api/stands/${standId}`)
    ).json()) as StandStoryDto
    expect([story.looks.length, story.remedies.length, story.entries.length]).toEqual([1, 1, 1])
    await context.close()
  })
}

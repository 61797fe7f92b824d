import { AxeBuilder } from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, showSpan, spanShown, test } from './spudder.ts'

/** What a walk looks for: where only colours or only layouts are other, the rest was looked for. */
type Sought = 'all' | 'colours' | 'layout'

async function faultsOf(page: Page, sought: Sought): Promise<string[]> {
  // There are no frames, and what passed is not asked for: both together halve its time.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] })
  if (sought === 'colours') axe.withRules(['color-contrast', 'link-in-text-block'])
  if (sought === 'layout') axe.disableRules(['color-contrast', 'link-in-text-block'])
  const { violations } = await axe.analyze()
  return violations
    .filter(({ impact }) => impact !== 'minor')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 140)).join(' | ')}`)
}

/** Opens all that opens, so that what is inside is looked at too. */
const unfoldAll = (page: Page) =>
  page
    .locator('.fold-head[aria-expanded=false]')
    .evaluateAll((heads) => heads.forEach((head) => (head as HTMLElement).click()))

/** Every screen, by the stand on which it has most to show. */
const screens = [
  ['Gardenia house', 'look'],
  ['Gardenia house', 'verdict'],
  ['Lettuce raft loop', 'bench'],
  ['South vineyard block', 'remedy'],
  ['Lettuce raft loop', 'jobs'],
  ['South vineyard block', 'watch'],
  ['Pin oak avenue', 'watch'],
  ['Events lawn', 'trials'],
  ['Long Down sorghum', 'zones'],
  ['Azalea border', 'size'],
  ['Azalea border', 'remedy'],
  ['Blueberry terrace', 'acid'],
] as const
const desk = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }
/** Colours do not change with the size nor layouts with the scheme: three of the four tell all. */
const looks = [
  ['light', desk, 'all'],
  ['light', phone, 'layout'],
  ['dark', phone, 'colours'],
] as const

// Each looks for itself, so that two browsers share the walk.
test.describe.configure({ mode: 'parallel' })

for (const [scheme, viewport, sought] of looks) {
  test(`axe finds nothing on any screen, ${scheme}, ${viewport.width} wide`, async ({ page }) => {
    // Twenty screens, each looked through node by node.
    test.setTimeout(900_000)
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' })
    await page.setViewportSize(viewport)
    const check = async (name: string) => {
      expect(await faultsOf(page, sought), name).toEqual([])
      const isTooWide = await page.evaluate(
        () => document.documentElement.scrollWidth > window.innerWidth,
      )
      expect(isTooWide, `${name} scrolls sideways`).toBe(false)
    }
    await page.goto('/')
    await expect(page.getByRole('link', { name: 'Bowling green' })).toBeVisible()
    // Read once: through the estate to every screen would draw it twenty times.
    const links = page.locator('a[href^="/stands/"]')
    const addresses = new Map(
      await links.evaluateAll((all) =>
        all.map((link) => [link.textContent.trim(), link.getAttribute('href')] as const),
      ),
    )
    await check('estate')
    for (const view of ['table', 'map']) {
      await page.goto(`/?view=${view}`)
      await expect(page.getByLabel('Find')).toBeVisible()
      await expect(page.locator('.ant-table-row, .leaflet-interactive').first()).toBeVisible()
      await check(`estate as ${view}`)
    }
    // In the dark only colours are other, and forms and lists share theirs.
    const isShort = scheme === 'dark'
    if (!isShort) {
      await page.keyboard.press('/')
      await expect(page.getByRole('dialog')).toBeVisible()
      await check('palette')
      await page.keyboard.press('Escape')
      await expect(page.getByRole('dialog')).toHaveCount(0)
      await page.keyboard.press('?')
      for (const tab of ['First steps', 'Keys', 'Words']) {
        await page.getByRole('dialog').getByRole('tab', { name: tab }).click()
        await check(`help, ${tab}`)
      }
      await page.keyboard.press('Escape')
      await expect(page.getByRole('dialog')).toHaveCount(0)
      if (viewport === phone) {
        await page.getByRole('button', { name: 'Menu' }).click()
        await check('the menu of a phone')
        await page.keyboard.press('Escape')
      }
      await page.goto('/stands/new')
      await page.getByLabel('Plant', { exact: true }).press('ArrowDown')
      await check('new stand, with its plants listed')
      await page.goto('/places/new')
      await check('new place')
    }
    // Long tables look alike at every size; they are looked through once.
    const tables = viewport === desk ? ['/reference/constants', '/reference/tank'] : []
    for (const path of ['/shelf', ...(isShort ? [] : ['/reference/rates']), ...tables]) {
      await page.goto(path)
      await expect(page.locator('table').first()).toBeVisible()
      await check(path)
    }
    await page.goto('/dates')
    await page.locator('.chip').first().click()
    await check('dates')
    await page.goto('/day')
    await expect(page.getByRole('button', { name: /^Start/ }).first()).toBeVisible()
    await check('my day')
    await page.getByText('Everybody', { exact: true }).click()
    await expect(page.getByText('Nobody named')).toBeVisible()
    await check('the day of everybody')
    await page.goto('/settings')
    for (const tab of isShort
      ? []
      : ['Crew and rules', 'Mowing and watering', 'People', 'Keys of programs']) {
      await page.getByRole('tab', { name: tab }).click()
      await check(`settings, ${tab}`)
    }
    for (const path of isShort ? [] : ['/account', '/sign-in']) {
      await page.goto(path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await check(path)
    }
    await page.goto('/record')
    await expect(page.getByText(/lines, the newest first/)).toBeVisible()
    await check('record')
    await page.goto('/eye')
    await expect(page.getByRole('region', { name: 'Eyes', exact: true })).toBeVisible()
    await check('eye')
    await page.goto('/season')
    await expect(page.getByRole('region', { name: 'The next season' })).toBeVisible()
    await check('season')
    await page.goto('/drill')
    await expect(page.getByRole('region', { name: 'Where you stand' })).toBeVisible()
    await check('drill')
    await page.goto('/sprayers')
    await page.getByRole('button', { name: 'Calibrate Green-side cart' }).click()
    await page.getByText('boom sprayer', { exact: true }).click()
    await check('sprayers')
    for (const [stand, step] of screens) {
      await page.goto(`${addresses.get(stand)}/${step}`)
      await expect(page.getByRole('heading', { level: 1, name: stand })).toBeVisible()
      await expect(page.locator('nav')).not.toHaveCount(0)
      await unfoldAll(page)
      await check(`${step} of ${stand}`)
      if (step === 'look' && !isShort) {
        await page.getByLabel('Looked on').press('ArrowDown')
        await check('a calendar')
        await page.keyboard.press('Escape')
      }
    }
    await page.goto(`${addresses.get('Azalea border')}/jobs`)
    await page.getByRole('link', { name: 'Open the sheet for outside' }).first().click()
    await expect(page.getByText('In this order')).toBeVisible()
    await check('sheet')
  })
}

test('a look can be taken without a pointer', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Events lawn', exact: true })).toBeVisible()
  await page.keyboard.press('/')
  await page.keyboard.type('events')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Events lawn' })).toBeVisible()
  for (const leaf of ['leaf-11', 'leaf-12', 'leaf-13']) {
    await page.locator(`[data-leaf="${leaf}"]`).focus()
    await page.keyboard.press('Space')
  }
  await expect(
    page.getByRole('button', { name: /youngest|young: 3, yellow/ }).first(),
  ).toBeVisible()
  await page.getByRole('button', { name: /^Roots/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('radio', { name: 'white', exact: true })).toBeChecked()
  await page.getByRole('button', { name: 'Save look' }).focus()
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/verdict$/)
})

test('the estate moves in time by keys and shows what it moves', async ({ page }) => {
  await page.goto('/')
  const ribbons = page.getByRole('group', { name: /^Ribbons of leaf colour/ })
  await ribbons.focus()
  const axis = page.locator('.axis').first()
  const before = await axis.innerHTML()
  await page.keyboard.press('ArrowLeft')
  await expect.poll(() => axis.innerHTML()).not.toBe(before)
  await showSpan(page, 'month')
  await expect(spanShown(page, 'month')).toHaveCount(1)
})

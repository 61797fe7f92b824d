import type { Browser, Locator, Page } from '@playwright/test'
import { median } from './bench-core.ts'
import { lookAs, visitorPage } from './visitor-page.ts'

/** How long taps of one kind take until the next picture is on the screen, the middle one and the slowest [ms]. */
export interface Taps {
  readonly what: string
  readonly medianMs: number
  readonly longestMs: number
}

/** What answers a finger: most things as it lifts, a brush as it comes down. */
type Answers = 'click' | 'pointerdown'
type Noted = Readonly<Record<Answers, readonly number[]>>

/** Notes in the page how long it is from a finger until what came of it is painted. */
const watching = `
  globalThis.taps = { click: [], pointerdown: [] }
  for (const type of ['click', 'pointerdown'])
    addEventListener(type, ({ timeStamp }) => {
      requestAnimationFrame(() => setTimeout(() => taps[type].push(performance.now() - timeStamp)))
    }, true)`

/** A phone with a quarter of this machine's processor. */
async function slowPhone(browser: Browser): Promise<Page> {
  const page = await visitorPage(browser, {
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
    locale: 'en-GB',
  })
  await page.addInitScript({ content: watching })
  const session = await page.context().newCDPSession(page)
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  return page
}

/** What is tapped: as it is named, what answers, and where. */
interface Tapped {
  readonly what: string
  readonly answers: Answers
  readonly taps: readonly (() => Promise<void>)[]
}

/** Taps one thing after another, each when what came of the last is done. */
async function tapAll(page: Page, { what, answers, taps }: Tapped): Promise<Taps> {
  const noted = async () =>
    (await page.evaluate(() => (globalThis as unknown as { taps: Noted }).taps))[answers]
  const before = (await noted()).length
  for (const [index, tap] of taps.entries()) {
    await tap()
    await page.waitForFunction(
      ([type, least]) => (globalThis as unknown as { taps: Noted }).taps[type].length >= least,
      [answers, before + index + 1] as const,
    )
    await page.waitForTimeout(300)
    // What follows a tap late, a verdict on a slow phone, belongs to that tap and not to the next.
    await page.evaluate(
      () => new Promise<void>((quiet) => requestIdleCallback(() => quiet(), { timeout: 2000 })),
    )
  }
  const times = (await noted()).slice(before)
  return { what, medianMs: median(times), longestMs: Math.max(...times) }
}

/**
 * A finger in the middle of something, or at some share of it. By the screen alone: a tap on a locator asks
 * the page what lies under it while it is under way, and that is measured along.
 */
async function tapOn(target: Locator, [x, y]: readonly [number, number] = [0.5, 0.5]) {
  await target.scrollIntoViewIfNeeded()
  const box = await target.boundingBox()
  if (!box) throw new Error('what is to be tapped is not on the screen')
  await target.page().waitForTimeout(100)
  await target.page().touchscreen.tap(box.x + x * box.width, box.y + y * box.height)
}

const tapsOn = (targets: readonly Locator[]) => targets.map((target) => () => tapOn(target))

/** Where a drawn plant is touched, as shares of its width and height. */
const touches = [0.2, 0.35, 0.5, 0.65, 0.8].flatMap((x) => [0.3, 0.6].map((y) => [x, y] as const))

function brushTaps(page: Page): Tapped {
  const plant = page.locator('svg.figure').first()
  return {
    what: 'a leaf painted',
    answers: 'pointerdown',
    taps: touches.map((at) => () => tapOn(plant, at)),
  }
}

const some = async (found: Locator, most: number): Promise<Locator[]> => {
  await found.first().waitFor()
  return (await found.all()).slice(0, most)
}

/** Starts the first job some times over; that it is left in between is not measured along. */
async function startTaps(page: Page): Promise<Taps> {
  const tapOnce = async (what: string, name: string | RegExp) => {
    const button = page.getByRole('button', { name }).first()
    await button.waitFor()
    return tapAll(page, { what, answers: 'click', taps: tapsOn([button]) })
  }
  const what = 'a job started'
  const times: number[] = []
  for (let run = 0; run < 4; run += 1) {
    times.push((await tapOnce(what, /^Start: /)).medianMs)
    await tapOnce('left', 'Not at it any more')
  }
  return { what, medianMs: median(times), longestMs: Math.max(...times) }
}

async function openStand(page: Page, url: string, name: string, path: string): Promise<void> {
  await page.goto(url)
  const link = page.getByRole('link', { name, exact: true })
  const address = (await link.getAttribute('href')) ?? ''
  await page.goto(`${url}${address}${path}`, { waitUntil: 'networkidle' })
}

/** What is tapped outdoors, on the demo, and beside it a tap that does nothing. */
export async function outdoorTaps(browser: Browser, url: string): Promise<Taps[]> {
  const page = await slowPhone(browser)
  await openStand(page, url, 'Bowling green', '/look')
  const heading = page.locator('h1').first()
  const nothing = await tapAll(page, {
    what: 'nothing',
    answers: 'click',
    taps: tapsOn(Array.from({ length: 8 }, () => heading)),
  })
  const leaves = await tapAll(page, brushTaps(page))
  const group = page.getByRole('group', { name: 'Leaves affected' })
  const answers = await tapAll(page, {
    what: 'an answer of a look',
    answers: 'click',
    taps: tapsOn(await some(group.locator('label'), 4)),
  })
  await openStand(page, url, 'Azalea border', '/jobs')
  await page.getByRole('link', { name: 'Open the sheet for outside' }).first().tap()
  const ticks = await tapAll(page, {
    what: 'a box of a sheet',
    answers: 'click',
    taps: tapsOn(await some(page.locator('.tick'), 6)),
  })
  await page.goto(url)
  await lookAs(page, url, 'applicator')
  await page.goto(`${url}/day`, { waitUntil: 'networkidle' })
  const starts = await startTaps(page)
  await page.close()
  return [nothing, leaves, answers, ticks, starts]
}

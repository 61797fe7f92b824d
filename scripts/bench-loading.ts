import type { StandStoryDto } from '@spudder/contract/stand'
import type { Browser, Page } from '@playwright/test'
import { median } from './bench-core.ts'
import { visitorPage } from './visitor-page.ts'

/** How long a screen takes from the address to what it is for, in a browser that knows nothing yet. */
export interface Loading {
  /** Until the header, which every screen has, is drawn [ms]. */
  readonly shellMs: number
  /** Until the first of what was waited for is drawn [ms]. */
  readonly drawnMs: number
}

type Seen = Record<'shell' | 'drawn' | 'shift', number>

/** Notes within the page when things are drawn first, and how far things jumped. */
const watching = (selector: string) => `
  globalThis.seen = { shell: 0, drawn: 0, shift: 0 }
  const note = (name, selector) => {
    if (seen[name] > 0 || !document.querySelector(selector)) return
    seen[name] = -1
    requestAnimationFrame(() => setTimeout(() => (seen[name] = performance.now())))
  }
  new MutationObserver(() => {
    note('shell', 'header .brand')
    note('drawn', ${JSON.stringify(selector)})
  }).observe(document, { childList: true, subtree: true })
  new PerformanceObserver((list) => {
    for (const { value, hadRecentInput } of list.getEntries()) if (!hadRecentInput) seen.shift += value
  }).observe({ type: 'layout-shift', buffered: true })`

async function openWatched(
  browser: Browser,
  address: string,
  selector: string,
  slowdown: number,
): Promise<Page> {
  const page = await visitorPage(browser, {
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  })
  await page.addInitScript({ content: watching(selector) })
  const session = await page.context().newCDPSession(page)
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown })
  await page.goto(address, { waitUntil: 'commit' })
  await page.waitForFunction(() => {
    const { shell, drawn } = (globalThis as unknown as { seen: Seen }).seen
    return shell > 0 && drawn > 0
  })
  return page
}
const seenBy = (page: Page): Promise<Seen> =>
  page.evaluate(() => (globalThis as unknown as { seen: Seen }).seen)

/** Loads a screen several times; the middle of what it took. */
export async function loadingMs(
  browser: Browser,
  address: string,
  selector: string,
  slowdown: number,
): Promise<Loading> {
  const all: Seen[] = []
  for (let run = 0; run < 7; run += 1) {
    const page = await openWatched(browser, address, selector, slowdown)
    all.push(await seenBy(page))
    await page.close()
  }
  return {
    shellMs: median(all.map(({ shell }) => shell)),
    drawnMs: median(all.map(({ drawn }) => drawn)),
  }
}

/** How far things jump while a screen is loaded, until nothing more is asked for [layout shift, 1]. */
export async function layoutShift(
  browser: Browser,
  address: string,
  selector: string,
): Promise<number> {
  const page = await openWatched(browser, address, selector, 4)
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(500)
  const { shift } = await seenBy(page)
  await page.close()
  return shift
}

/** Where the remedy of the first stand with a case in work is chosen. */
export async function openRemedy(url: string): Promise<string> {
  const read = async <Answer>(path: string) =>
    (await (await fetch(`${url}/api${path}`)).json()) as Answer
  const [place] = await read<{ id: string }[]>('/places')
  const stands = await read<{ id: string }[]>(`/places/${place?.id}/stands`)
  for (const { id } of stands) {
    const story = await read<StandStoryDto>(`/stands/${id}`)
    if (story.cases.some(({ closedOn }) => closedOn === null)) return `${url}/stands/${id}/remedy`
  }
  throw new Error('no stand of the demo has an open case')
}

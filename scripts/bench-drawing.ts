import { chromium, type Browser, type Page } from '@playwright/test'
import { gzipSync } from 'node:zlib'
import { median } from './bench-core.ts'
import { visitorPage } from './visitor-page.ts'

export const openBrowser = (): Promise<Browser> =>
  chromium.launch({ executablePath: '/usr/bin/chromium' })

/** Time between frames while the estate is scrolled through, and while nothing moves [ms]. */
async function frameTimes(page: Page, scrollPerFrame: number): Promise<number[]> {
  return page.evaluate(
    (step) =>
      new Promise<number[]>((resolve) => {
        const times: number[] = []
        let last = performance.now()
        const tick = () => {
          const now = performance.now()
          times.push(now - last)
          last = now
          window.scrollBy(0, step)
          if (times.length < 120) requestAnimationFrame(tick)
          else resolve(times.slice(1))
        }
        requestAnimationFrame(tick)
      }),
    scrollPerFrame,
  )
}

export interface Drawing {
  readonly firstMs: number
  readonly rowsDrawn: number
  readonly frameMs: number
  readonly slowFrameMs: number
  readonly stillFrameMs: number
}

/** Opens the estate of a place over five years and scrolls through it, as a person would. */
export async function drawEstate(browser: Browser, url: string, placeId: string): Promise<Drawing> {
  const page = await visitorPage(browser, { viewport: { width: 1280, height: 800 } })
  // The loader of this script names functions by a helper that the page does not have.
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  await showPlace(page, placeId)
  const start = performance.now()
  await page.goto(url)
  await page.getByRole('link', { name: 'Stand 1', exact: true }).waitFor()
  const firstMs = performance.now() - start
  await page.getByText('5 years', { exact: true }).click()
  await page.waitForTimeout(800)
  const still = await frameTimes(page, 0)
  const moving = await frameTimes(page, 60)
  const rowsDrawn = await page.locator('.row .name').count()
  await page.close()
  const slow = moving.toSorted((a, b) => a - b)[Math.floor(moving.length * 0.95)] ?? Number.NaN
  return {
    firstMs,
    rowsDrawn,
    frameMs: median(moving),
    slowFrameMs: slow,
    stillFrameMs: median(still),
  }
}

/** Shows the page a place as if it were the only one: the first is the one at work. */
const showPlace = (page: Page, placeId: string) =>
  page.route('**/api/places', async (route) => {
    const answer = await route.fetch()
    const places = (await answer.json()) as { id: string }[]
    await route.fulfill({ json: places.filter(({ id }) => id === placeId) })
  })

export interface Stroke {
  readonly toBarsMs: number
  readonly toChecksMs: number
  readonly frameMs: number
}

/** Paints leaves of a look one after another, and measures until bars and checks have followed. */
export async function strokeMs(browser: Browser, url: string, placeId: string): Promise<Stroke> {
  const page = await visitorPage(browser, { viewport: { width: 1280, height: 800 } })
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  await showPlace(page, placeId)
  await page.goto(url)
  await page.getByRole('link', { name: 'Stand 1', exact: true }).click()
  await page.locator('[data-leaf="leaf-2"]').press('Enter')
  await page.waitForTimeout(800)
  const frames = await frameTimes(page, 0)
  const strokes = await page.evaluate(async () => {
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
    const text = (selector: string) => document.querySelector(selector)?.textContent ?? ''
    const leaves = [...document.querySelectorAll('[data-leaf]')]
    const patterns = [...document.querySelectorAll<HTMLElement>('.patterns input')]
    const times: { toBars: number; toChecks: number }[] = []
    for (let index = 0; index < 24; index += 1) {
      patterns[index % patterns.length]?.click()
      // The swatches and the last stroke are drawn before this one is made.
      for (let settled = 0; settled < 20; settled += 1) await frame()
      const [bars, checks] = [text('.causes'), text('.next')]
      const start = performance.now()
      const key = { key: 'Enter', bubbles: true, cancelable: true }
      leaves[index % leaves.length]?.dispatchEvent(new KeyboardEvent('keydown', key))
      let toBars = 0
      let toChecks = 0
      for (let waited = 0; waited < 60 && (toBars === 0 || toChecks === 0); waited += 1) {
        await frame()
        if (toBars === 0 && text('.causes') !== bars) toBars = performance.now() - start
        if (toChecks === 0 && text('.next') !== checks) toChecks = performance.now() - start
      }
      if (toBars > 0) times.push({ toBars, toChecks: Math.max(toChecks, toBars) })
    }
    return times
  })
  await page.close()
  return {
    toBarsMs: median(strokes.map(({ toBars }) => toBars)),
    toChecksMs: median(strokes.map(({ toChecks }) => toChecks)),
    frameMs: median(frames),
  }
}

/** JavaScript that the first load of the estate asks for, gzipped [kB]. */
export async function firstLoadKb(browser: Browser, url: string): Promise<number> {
  const page = await visitorPage(browser)
  const sizes: Promise<number>[] = []
  page.on('response', (response) => {
    if (!response.url().endsWith('.js')) return
    sizes.push(response.body().then((body) => gzipSync(body).length))
  })
  await page.goto(url, { waitUntil: 'networkidle' })
  const total = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0)
  await page.close()
  return total / 1000
}

export interface Drag {
  readonly dragMs: number
  readonly frameMs: number
}

/** Opens a case on the first stand, and drags the calcium of its soil: until the curves have moved. */
export async function dragMs(browser: Browser, url: string, placeId: string): Promise<Drag> {
  const page = await visitorPage(browser, { viewport: { width: 1280, height: 800 } })
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  await showPlace(page, placeId)
  await page.goto(url)
  await page.getByRole('link', { name: 'Stand 1', exact: true }).click()
  await page.waitForURL(/stands/)
  const [, standId = ''] = /stands\/([^/]+)/.exec(page.url()) ?? []
  const look = {
    id: crypto.randomUUID(),
    lookedOn: new Date().toISOString().slice(0, 10),
    findings: { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' },
    paint: {},
  }
  const answer = await page.request.post(`${url}/api/stands/${standId}/looks`, { data: look })
  if (!answer.ok()) throw new Error(`no look was stored: ${await answer.text()}`)
  await page.goto(`${url}/stands/${standId}/remedy`)
  await page.getByText('into the soil', { exact: true }).click()
  await page.getByRole('slider', { name: /^Calcium/ }).waitFor()
  await page.waitForTimeout(800)
  const frames = await frameTimes(page, 0)
  const times = await page.evaluate(async () => {
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
    const slider = document.querySelector('.soil-water [role=slider]')
    if (!slider) throw new Error('there is no slider of calcium')
    const step = { key: 'ArrowRight', keyCode: 39, bubbles: true, cancelable: true }
    const drawn = () =>
      [...document.querySelectorAll('.charts .line')].map((path) => path.getAttribute('d')).join()
    const all: number[] = []
    for (let steps = 0; steps < 40; steps += 1) {
      await frame()
      const before = drawn()
      const start = performance.now()
      slider.dispatchEvent(new KeyboardEvent('keydown', step))
      for (let waited = 0; waited < 30; waited += 1) {
        await frame()
        if (drawn() !== before) break
      }
      all.push(performance.now() - start)
    }
    return all
  })
  await page.close()
  return { dragMs: median(times), frameMs: median(frames) }
}

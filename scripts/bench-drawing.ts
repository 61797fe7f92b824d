import { chromium, type Browser, type Page } from '@playwright/test'
import { gzipSync } from 'node:zlib'
import { median } from './bench-core.ts'

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
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  // The loader of this script names functions by a helper that the page does not have.
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  // The first place is the one shown: hand the page the one to be measured.
  await page.route('**/api/places', async (route) => {
    const answer = await route.fetch()
    const places = (await answer.json()) as { id: string }[]
    await route.fulfill({ json: places.filter(({ id }) => id === placeId) })
  })
  const start = performance.now()
  await page.goto(url)
  await page.getByRole('link', { name: 'Stand 1', exact: true }).waitFor()
  const firstMs = performance.now() - start
  await page.getByRole('button', { name: '5 years' }).click()
  await page.waitForTimeout(800)
  const still = await frameTimes(page, 0)
  const moving = await frameTimes(page, 60)
  const rowsDrawn = await page.locator('.row').count()
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

/** JavaScript that the first load of the estate asks for, gzipped [kB]. */
export async function firstLoadKb(browser: Browser, url: string): Promise<number> {
  const page = await browser.newPage()
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

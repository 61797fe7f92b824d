import { cardShapes } from '@spudder/core/seen/photo'
import { asJpeg, expose, paintScene } from '@spudder/sim/camera'
import type { Browser, Page } from '@playwright/test'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { median } from './bench-core.ts'
import { root } from './processes.ts'

/** A photo of 12 megapixels with the card in it, as a phone would send it. */
async function largePhoto(): Promise<Buffer> {
  const painted = await paintScene({
    width: 2000,
    height: 1500,
    ground: '#6b5a45',
    canopy: {
      leafForm: 'ovate',
      greenness: 0.55,
      spread: 0.05,
      leafCount: 260,
      leafLength: 260,
      seed: 0.31,
      veinGreenness: 0.72,
    },
    card: { shapes: cardShapes(), x: 120, y: 110, pxPerMm: 6.4, turnDegrees: 5 },
  })
  const exposed = await expose(painted, { exposure: 0.8, red: 1.1, blue: 0.9, noise: 0.03 })
  const half = await asJpeg(exposed, '2026-06-01')
  return sharp(half).resize(4000, 3000).jpeg({ quality: 90 }).toBuffer()
}

export interface PhotoSpeed {
  readonly megapixels: number
  /** Decoding it whole, and nothing else: no pixel of it is read [ms]. */
  readonly decodeMs: number
  /** Decoding it whole into pixels that can be read [ms]. */
  readonly decodeAndReadMs: number
  /** Decoding and measuring, in the worker of the page [ms]. */
  readonly measureMs: number
  /** Frames of the page while the worker measures, and while nothing runs [ms]. */
  readonly frameMs: number
  readonly slowFrameMs: number
  readonly idleFrameMs: number
  /** How much more memory the process of the page held at most while many were measured, one after another [MB]. */
  readonly mostMegabytes: number
  readonly batch: number
}

/** How many photos a batch has. */
const batch = 50

/** Memory that a process holds [MB]. */
const megabytesOf = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024

/** The most that the pages of a browser held more than before, while something goes on. */
async function memoryDuring(browser: Browser, work: () => Promise<void>): Promise<number> {
  const session = await browser.newBrowserCDPSession()
  const { processInfo } = await session.send('SystemInfo.getProcessInfo')
  const pids = processInfo.filter(({ type }) => type === 'renderer').map(({ id }) => id)
  const held = () => pids.reduce((sum, pid) => sum + megabytesOf(pid), 0)
  const before = held()
  let most = before
  const watch = setInterval(() => (most = Math.max(most, held())), 10)
  try {
    await work()
  } finally {
    clearInterval(watch)
  }
  return most - before
}

/** Measures a photo so many times in the page's own worker; how long each took [ms]. */
const measureMany = (page: Page, of: { base64: string; address: string; count: number }) =>
  page.evaluate(async ({ base64, address, count }) => {
    const picture = new Blob([Uint8Array.from(atob(base64), (each) => each.charCodeAt(0))], {
      type: 'image/jpeg',
    })
    const measurer = new Worker(address, { type: 'module' })
    const times: number[] = []
    for (let number = 0; number < count; number++) {
      const start = performance.now()
      const told = await new Promise<{ answer?: object }>((resolve) => {
        measurer.onmessage = ({ data }: MessageEvent<{ answer?: object }>) => resolve(data)
        measurer.postMessage({ number, question: { picture, dabs: [] } })
      })
      // A worker that answers with nothing is fast, and measures nothing.
      if (!told.answer || !('measure' in told.answer)) throw new Error('the photo was not measured')
      times.push(performance.now() - start)
    }
    measurer.terminate()
    return times
  }, of)

/** Decodes a photo whole so many times, with its pixels or without; how long each took [ms]. */
const decodeMany = (page: Page, of: { base64: string; count: number; isRead: boolean }) =>
  page.evaluate(async ({ base64, count, isRead }) => {
    const picture = new Blob([Uint8Array.from(atob(base64), (each) => each.charCodeAt(0))], {
      type: 'image/jpeg',
    })
    const times: number[] = []
    for (let round = 0; round < count; round++) {
      const start = performance.now()
      const bitmap = await createImageBitmap(picture)
      if (isRead) {
        const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
        const context = canvas.getContext('2d', { willReadFrequently: true })
        context?.drawImage(bitmap, 0, 0)
        context?.getImageData(0, 0, bitmap.width, bitmap.height)
      }
      bitmap.close()
      times.push(performance.now() - start)
    }
    return times
  }, of)

/** Time between frames of the page while something goes on [ms]. */
async function framesDuring(page: Page, work: () => Promise<void>): Promise<number[]> {
  await page.evaluate(() => {
    const at = globalThis as unknown as { frames: number[] | undefined }
    const list: number[] = (at.frames = [])
    let last = performance.now()
    const tick = () => {
      const now = performance.now()
      list.push(now - last)
      last = now
      if (at.frames === list) requestAnimationFrame(tick)
    }
    requestAnimationFrame(tick)
  })
  await work()
  return page.evaluate(() => {
    const at = globalThis as unknown as { frames: number[] | undefined }
    const list = at.frames ?? []
    at.frames = undefined
    return list.slice(1)
  })
}

/** Measures a photo in the page's own worker, against decoding the same file alone. */
export async function photoSpeed(browser: Browser, url: string): Promise<PhotoSpeed> {
  const base64 = (await largePhoto()).toString('base64')
  const worker = readdirSync(join(root, 'web', 'dist', 'assets')).find((name) =>
    /^photo\.worker-.*\.js$/.test(name),
  )
  if (!worker) throw new Error('the worker of photos was not built')
  const address = `/assets/${worker}`
  const page = await browser.newPage()
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  await page.goto(url)
  const rounds = 8
  const decode = await decodeMany(page, { base64, count: rounds, isRead: false })
  const read = await decodeMany(page, { base64, count: rounds, isRead: true })
  const idle = await framesDuring(page, () => page.waitForTimeout(700))
  let measure: number[] = []
  const frames = await framesDuring(page, async () => {
    measure = await measureMany(page, { base64, address, count: rounds })
  })
  const mostMegabytes = await memoryDuring(browser, async () => {
    await measureMany(page, { base64, address, count: batch })
  })
  await page.close()
  const busy = frames.toSorted((a, b) => a - b)
  // The first one of each reads code and builds tables.
  const middle = (times: readonly number[]) => median(times.slice(1))
  return {
    megapixels: 12,
    decodeMs: middle(decode),
    decodeAndReadMs: middle(read),
    measureMs: middle(measure),
    frameMs: median(frames),
    slowFrameMs: busy[Math.floor(busy.length * 0.95)] ?? NaN,
    idleFrameMs: median(idle),
    mostMegabytes,
    batch,
  }
}

import { cardShapes } from '@spudder/core/seen/photo'
import { asJpeg, expose, paintScene } from '@spudder/sim/camera'
import type { Browser } from '@playwright/test'
import { readdirSync } from 'node:fs'
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
  /** Decoding into pixels that can be read, and nothing else [ms]. */
  readonly decodeMs: number
  /** Decoding and measuring, in the worker of the page [ms]. */
  readonly measureMs: number
  /** Frames of the page while the worker measures, and while nothing runs [ms]. */
  readonly frameMs: number
  readonly slowFrameMs: number
  readonly idleFrameMs: number
}

/** Measures a photo in the page's own worker, against decoding the same file alone. */
// The browser is sent one function, which must hold all it needs.
// eslint-disable-next-line max-lines-per-function
export async function photoSpeed(browser: Browser, url: string): Promise<PhotoSpeed> {
  const bytes = await largePhoto()
  const worker = readdirSync(join(root, 'web', 'dist', 'assets')).find((name) =>
    /^photo\.worker-.*\.js$/.test(name),
  )
  if (!worker) throw new Error('the worker of photos was not built')
  const page = await browser.newPage()
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  await page.goto(url)
  const times = await page.evaluate(
    async ({ base64, address }) => {
      const blob = new Blob([Uint8Array.from(atob(base64), (each) => each.charCodeAt(0))], {
        type: 'image/jpeg',
      })
      const frames = (list: number[], isOn: () => boolean) =>
        new Promise<void>((resolve) => {
          let last = performance.now()
          const tick = () => {
            const now = performance.now()
            list.push(now - last)
            last = now
            if (isOn()) requestAnimationFrame(tick)
            else resolve()
          }
          requestAnimationFrame(tick)
        })
      const decode: number[] = []
      for (let round = 0; round < 7; round++) {
        const start = performance.now()
        const bitmap = await createImageBitmap(blob)
        const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
        const context = canvas.getContext('2d', { willReadFrequently: true })
        context?.drawImage(bitmap, 0, 0)
        context?.getImageData(0, 0, bitmap.width, bitmap.height)
        bitmap.close()
        decode.push(performance.now() - start)
      }
      const idle: number[] = []
      const until = performance.now() + 700
      await frames(idle, () => performance.now() < until)
      const measurer = new Worker(address, { type: 'module' })
      const measure: number[] = []
      const busy: number[] = []
      let isRunning = true
      const watched = frames(busy, () => isRunning)
      for (let number = 0; number < 8; number++) {
        const start = performance.now()
        const told = await new Promise<{ answer?: object }>((resolve) => {
          measurer.onmessage = ({ data }: MessageEvent<{ answer?: object }>) => resolve(data)
          measurer.postMessage({ number, question: { picture: blob, dabs: [] } })
        })
        // A worker that answers with nothing is fast, and measures nothing.
        if (!told.answer || !('measure' in told.answer))
          throw new Error('the photo was not measured')
        measure.push(performance.now() - start)
      }
      isRunning = false
      await watched
      // The first one reads the worker's own code and builds its tables.
      return { decode: decode.slice(1), measure: measure.slice(1), busy, idle: idle.slice(1) }
    },
    { base64: bytes.toString('base64'), address: `/assets/${worker}` },
  )
  await page.close()
  const busy = times.busy.toSorted((a, b) => a - b)
  return {
    megapixels: 12,
    decodeMs: median(times.decode),
    measureMs: median(times.measure),
    frameMs: median(times.busy),
    slowFrameMs: busy[Math.floor(busy.length * 0.95)] ?? NaN,
    idleFrameMs: median(times.idle),
  }
}

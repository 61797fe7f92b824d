import { acidGround, pathOfPlan } from '@spudder/core/soil/acid-plan'
import { foretellAtOnce, type PathSetup } from '@spudder/core/soil/pH-path'
import type { Browser } from '@playwright/test'
import { visitorPage } from './visitor-page.ts'

const startsOn = '2026-04-15'
const days = 3 * 365
const draws = 1000
const layers = 3

function setupOf(): PathSetup {
  const ground = acidGround({ texture: 'sandy-loam', pH: 6.9, pHDoubt: 0.1, depthM: 0.18 })
  return pathOfPlan({
    ground,
    situation: 'bare',
    steps: ['2026-05-01', '2027-05-01'].map((day) => ({
      day,
      sourceId: 'sulfur-granules',
      kgPerM2: 0.1,
    })),
    water: { mmPerYear: 200, alkalinityMgPerLCaCO3: 150 },
    startsOn,
    days,
    climate: 'temperate',
    latitude: undefined,
  })
}

/**
 * The same arithmetic as a path a day, without its meaning: one power, two cubes, and for each layer
 * a table read between two places, two things dissolving, a balance and the way back to pH.
 */
function bareLoop(): number {
  const table = Float64Array.from({ length: 1200 }, (_, index) => Math.sin(index / 100) * 1e-3)
  const temperature = Float64Array.from({ length: days }, (_, day) => 11 + 6 * Math.cos(day / 58))
  const [charge, pH, native, added, acid] = Array.from({ length: 5 }, () => new Float64Array(layers).fill(1)) as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array] // prettier-ignore
  const kept = new Float32Array((days / 7 + 1) * 2)
  let sum = 0
  for (let draw = 0; draw < draws; draw++) {
    const rate = 1 + (draw % 7) * 0.1
    let shrunk = 0
    charge.fill(10)
    pH.fill(6.9)
    for (let day = 0; day < days; day++) {
      if (day % 7 === 0) {
        kept[day / 7] = pH[0] as number
        kept[days / 7 + day / 7] = pH[1] as number
      }
      shrunk += rate * Math.exp(0.1 * ((temperature[day] as number) - 25))
      for (let step = 0; step < 2; step++) {
        const left = 1 - shrunk / (9000 + step * 100)
        const freed = (1 - left * left * left) * 1e-3
        for (let layer = 0; layer < layers; layer++) acid[layer] = (acid[layer] as number) + freed * 0.3 // prettier-ignore
      }
      let above = 0
      for (let layer = 0; layer < layers; layer++) {
        const now = pH[layer] as number
        let change = (above - (acid[layer] as number)) * 0.004 - 1e-5
        acid[layer] = 0
        const gap = 6.9 - now
        if (gap > 0) {
          const gone = Math.min((native[layer] as number) * Math.min(1, 0.03 * gap), 1)
          native[layer] = (native[layer] as number) - gone
          change += gone
        }
        const other = 7.8 - now
        if (other > 0) {
          const gone = Math.min((added[layer] as number) * Math.min(1, 0.03 * other), 1)
          added[layer] = (added[layer] as number) - gone
          change += gone
        }
        const place = Math.min(1198, Math.max(0, now * 100))
        const low = place | 0
        const from = table[low] as number
        above = 0.7 * (from + ((table[low + 1] as number) - from) * (place - low))
        charge[layer] = (charge[layer] as number) + change - above * 0.004
      }
      for (let layer = 1; layer < layers; layer++) {
        const moved = ((charge[layer - 1] as number) - (charge[layer] as number)) * 3e-4
        charge[layer - 1] = (charge[layer - 1] as number) - moved
        charge[layer] = (charge[layer] as number) + moved
      }
      for (let layer = 0; layer < layers; layer++) {
        const held = charge[layer] as number
        pH[layer] = held < -60 ? 4 + held / 50 : held < 0 ? 6.5 + held / 22 : 6.5 + held / 9
      }
    }
    sum += pH[0] as number
  }
  return sum
}

function timeOf(run: () => unknown, often = 5): number {
  run()
  const times = Array.from({ length: often }, () => {
    const start = performance.now()
    run()
    return performance.now() - start
  })
  return times.toSorted((a, b) => a - b)[Math.floor(often / 2)] ?? NaN
}

/** A thousand draws through three years day by day, and the bare loop of the same arithmetic [ms]. */
export function pathMs(): { readonly path: number; readonly bare: number } {
  const setup = setupOf()
  return {
    path: timeOf(() => foretellAtOnce({ setup, retests: [], count: draws, seed: 0.5 })),
    bare: timeOf(bareLoop),
  }
}

/** The page while its worker follows a thousand draws, the target changed ten times. */
export async function pathOnPageMs(
  browser: Browser,
  url: string,
): Promise<{
  readonly longestFrameMs: number
  readonly stillFrameMs: number
  readonly answerMs: number
}> {
  const page = await visitorPage(browser, { viewport: { width: 1280, height: 800 } })
  await page.addInitScript({ content: 'globalThis.__name ??= (named) => named' })
  await page.goto(url)
  await page.getByRole('link', { name: 'Stand 1', exact: true }).click()
  await page.waitForURL(/stands/)
  const [, standId = ''] = /stands\/([^/]+)/.exec(page.url()) ?? []
  const takenOn = new Date().toISOString().slice(0, 10)
  const data = { id: crypto.randomUUID(), kind: 'pH', value: 7.2, method: 'laboratory', takenOn }
  const answer = await page.request.post(`${url}/api/stands/${standId}/readings`, { data })
  if (!answer.ok()) throw new Error(`no pH was stored: ${await answer.text()}`)
  await page.goto(`${url}/stands/${standId}/acid`)
  await page.locator('[data-mark=usual]').waitFor()
  await page.waitForTimeout(1500)
  const measured = await page.evaluate(async () => {
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
    const gaps = async (until: () => boolean) => {
      const all: number[] = []
      for (let last = performance.now(); all.length < 400 && !until();) {
        await frame()
        const now = performance.now()
        all.push(now - last)
        last = now
      }
      return all
    }
    let still = 0
    const idle = await gaps(() => (still += 1) > 60)
    const field = document.querySelector<HTMLInputElement>('.questions input')
    const drawn = () => document.querySelector('[data-mark=usual]')?.getAttribute('d')
    const [busy, answers]: [number[], number[]] = [[], []]
    for (let step = 0; field && step < 10; step += 1) {
      const before = drawn()
      const start = performance.now()
      field.value = (6.4 - step * 0.05).toFixed(2)
      field.dispatchEvent(new Event('input', { bubbles: true }))
      busy.push(...(await gaps(() => drawn() !== before)))
      answers.push(performance.now() - start)
      let rest = 0
      await gaps(() => (rest += 1) > 30)
    }
    return { idle, busy, answers }
  })
  await page.close()
  const middle = (all: number[]) => all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN
  return {
    longestFrameMs: Math.max(...measured.busy),
    stillFrameMs: middle(measured.idle),
    answerMs: middle(measured.answers),
  }
}

import { leafColour } from '@spudder/core/seen/colour'
import { cardShapes, measureScreen, screenShapes } from '@spudder/core/seen/photo'
import { converter } from 'culori'
import { describe, expect, it } from 'vitest'
import {
  expose,
  misprints,
  paintScene,
  printedBy,
  shownOn,
  type Exposure,
  type Scene,
  type ScreenCast,
} from './index.ts'

const lamp: Exposure = { exposure: 0.62, red: 1.12, blue: 0.8, mixing: 0.06, noise: 0.01, seed: 0.3 } // prettier-ignore
const window: Exposure = { exposure: 0.8, red: 0.92, blue: 1.15, noise: 0.015, seed: 0.7 }

/** A screen at a desk, the card held beside it. */
const desk = (cast: ScreenCast, change: Partial<Scene> = {}): Scene => ({
  width: 800,
  height: 420,
  ground: '#3a3a3c',
  canopy: { leafForm: 'ovate', greenness: 0.5, spread: 0, leafCount: 0, leafLength: 1, seed: 0.5 },
  card: { shapes: cardShapes(), x: 30, y: 60, pxPerMm: 3.2, turnDegrees: 2 },
  screen: { shapes: shownOn(screenShapes(), cast), x: 430, y: 60, pxPerMm: 3.2 },
  ...change,
})
const photographed = async (scene: Scene, light = lamp) =>
  measureScreen(await expose(await paintScene(scene), light))
const refusal = async (scene: Scene, light?: Exposure) => {
  const answer = await photographed(scene, light)
  return 'refused' in answer ? answer.refused : ''
}

const toLab = converter('lab')
const toLinear = converter('lrgb')
/** How much greener a screen shows a leaf colour, along the way they run, by an independent library of colours. */
function greenerOn(greenness: number, cast: ScreenCast): number {
  const light = toLinear(shownOn(leafColour(greenness), cast))
  const white = toLinear(shownOn('#ffffff', cast))
  if (!light || !white) throw new Error('no colour')
  const brightness = 0.2126 * white.r + 0.7152 * white.g + 0.0722 * white.b
  const seen = toLab({ mode: 'lrgb', r: light.r / brightness, g: light.g / brightness, b: light.b / brightness }) // prettier-ignore
  const [own, deeper] = [toLab(leafColour(greenness)), toLab(leafColour(greenness + 0.02))]
  if (!own || !deeper) throw new Error('no colour')
  const way = [(deeper.l - own.l) / 2, deeper.a - own.a, deeper.b - own.b]
  const off = [(seen.l - own.l) / 2, seen.a - own.a, seen.b - own.b]
  const dot = (a: number[], b: number[]) => a.reduce((sum, each, at) => sum + each * (b[at] ?? 0), 0) // prettier-ignore
  return (0.02 * dot(off, way)) / dot(way, way)
}

const evenly = { red: 1, green: 1, blue: 1 }
const casts: readonly (readonly [string, ScreenCast])[] = [
  ['true', evenly],
  ['dimmed', { red: 0.7, green: 0.7, blue: 0.7 }],
  ['warm for the evening', { red: 1, green: 0.9, blue: 0.75 }],
  ['cold', { red: 0.85, green: 0.96, blue: 1 }],
  ['steep', { ...evenly, gamma: 1.2 }],
]

describe('a simulated screen beside the printed card', () => {
  it.each(casts)('that is %s shows leaves as an independent library says', async (_, cast) => {
    for (const light of [lamp, window]) {
      const answer = await photographed(desk(cast), light)
      if ('refused' in answer) throw new Error(answer.refused)
      for (const { greenness, shown } of answer.measure.points)
        expect(Math.abs(shown - greenness - greenerOn(greenness, cast))).toBeLessThan(0.015)
    }
  })

  it('is told to be as bright as it is', async () => {
    const answer = await photographed(desk({ red: 0.7, green: 0.7, blue: 0.7 }))
    expect('measure' in answer && answer.measure.brightness).toBeCloseTo(0.7, 1)
  })

  it('is measured with the card on either side, and below', async () => {
    const card = { shapes: cardShapes(), x: 440, y: 90, pxPerMm: 3 }
    const screen = { shapes: screenShapes(), x: 40, y: 60, pxPerMm: 3.2 }
    expect(await refusal(desk(evenly, { card, screen }))).toBe('')
    const below = { width: 460, height: 640, card: { ...card, x: 60, y: 380 }, screen: { ...screen, x: 60, y: 40 } } // prettier-ignore
    expect(await refusal(desk(evenly, below))).toBe('')
  })

  it('is not measured where one of the two is missing, and it says which', async () => {
    expect(await refusal(desk(evenly, { card: undefined }))).toMatch(/printed card was not found/)
    expect(await refusal(desk(evenly, { screen: undefined }))).toMatch(/screen shows was not found/)
  })

  it('is not measured against a misprint, in odd light, or far too dark or bright', async () => {
    const card = {
      shapes: printedBy(misprints.blackAndWhite, cardShapes()),
      x: 30,
      y: 60,
      pxPerMm: 3.2,
    }
    expect(await refusal(desk(evenly, { card }))).toMatch(/black and white/)
    expect(await refusal(desk({ red: 0.3, green: 0.3, blue: 0.3 }))).toMatch(/Turn it up/)
    const dimRoom = { shapes: shownOn(cardShapes(), { red: 0.3, green: 0.3, blue: 0.3 }), x: 30, y: 60, pxPerMm: 3.2 } // prettier-ignore
    expect(await refusal(desk(evenly, { card: dimRoom }), { ...lamp, exposure: 1 })).toMatch(/Turn it down/) // prettier-ignore
  })
})

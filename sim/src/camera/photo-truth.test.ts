import { cardShapes, measurePhoto, type Dab } from '@spudder/core/seen/photo'
import { converter } from 'culori'
import { describe, expect, it } from 'vitest'
import {
  expose,
  paintCrop,
  paintScene,
  type Exposure,
  type RawPicture,
  type Scene,
} from './index.ts'

const toHsv = converter('hsv')

/** Index of a colour by an independent library of colours and the published formula. */
function indexOf(red: number, green: number, blue: number): number {
  const { h = 60, s, v } = toHsv({ mode: 'rgb', r: red / 255, g: green / 255, b: blue / 255 })
  return ((Math.min(180, Math.max(60, h)) - 60) / 60 + (1 - s) + (1 - v)) / 3
}

/** Painted once for all the lights it is seen in. */
const painted = new Map<string, Promise<RawPicture>>()
function paintedOnce(of: Scene): Promise<RawPicture> {
  const key = JSON.stringify(of)
  const known = painted.get(key) ?? paintScene(of)
  painted.set(key, known)
  return known
}

/** What the leaves of a scene really come to, where they really are. */
async function truthOf(scene: Scene): Promise<number> {
  const [painted, crop] = await Promise.all([paintedOnce(scene), paintCrop(scene)])
  let sum = 0
  let count = 0
  for (let at = 0; at < crop.data.length; at += 4) {
    // Wholly leaf: where leaf and ground share a pixel nobody can say what it is.
    if ((crop.data[at] ?? 0) < 250) continue
    sum += indexOf(painted.data[at] ?? 0, painted.data[at + 1] ?? 0, painted.data[at + 2] ?? 0)
    count += 1
  }
  return sum / count
}

const scene = (greenness: number, more: Partial<Scene> = {}): Scene => ({
  width: 640,
  height: 480,
  ground: '#6b5a45',
  canopy: {
    leafForm: 'ovate',
    greenness,
    spread: 0.04,
    leafCount: 120,
    leafLength: 105,
    seed: 0.37,
  },
  card: { shapes: cardShapes(), x: 70, y: 40, pxPerMm: 2.5, turnDegrees: 7 },
  ...more,
})

const lights: readonly (readonly [string, Exposure])[] = [
  ['noon', { exposure: 0.95, red: 1, blue: 1, noise: 0.01 }],
  ['a warm evening', { exposure: 0.6, red: 1.35, blue: 0.62, noise: 0.012 }],
  ['blue shade', { exposure: 0.45, red: 0.8, blue: 1.4, noise: 0.012 }],
  ['a dull day through a poor lens', { exposure: 0.35, red: 1.05, blue: 0.9, mixing: 0.08, haze: 0.015, noise: 0.008 }], // prettier-ignore
  ['light that falls off to one side', { exposure: 0.8, red: 1.1, blue: 0.85, falloff: 0.15, noise: 0.01 }], // prettier-ignore
]

const measured = async (of: Scene, exposure: Exposure, dabs: readonly Dab[] = []) =>
  measurePhoto(await expose(await paintedOnce(of), exposure), dabs)

describe.each([0.3, 0.5, 0.75, 0.9])('leaves of greenness %d', (greenness) => {
  it('come back within 0.02 in every light', async () => {
    const truth = await truthOf(scene(greenness))
    for (const [name, exposure] of lights) {
      const photo = await measured(scene(greenness), exposure)
      const off = Math.abs(photo.darkGreenIndex - truth)
      expect(photo.remarks, name).toEqual([])
      expect(off, name).toBeLessThan(0.02)
      expect(off, name).toBeLessThan(3 * photo.doubt)
    }
  })

  it('would not without the card', async () => {
    const bare = scene(greenness, { card: undefined })
    const [, evening] = lights[1] ?? []
    const photo = await measured(bare, evening ?? { exposure: 1, red: 1, blue: 1 })
    expect(photo.remarks[0]?.id).toBe('no-card')
    expect(photo.remarks[0]?.refuses).toBe(true)
  })
})

describe('weeds on a fifth of the picture', () => {
  const noon: Exposure = { exposure: 0.9, red: 1.1, blue: 0.9, noise: 0.01 }
  const dab: Dab = { is: 'not-plant', x: 0.85, y: 0.85, radius: 0.05, andAlike: true }

  it.each([
    ['dark ones in a pale crop', 0.45, '#1f6a4a'],
    ['bright ones in a dark crop', 0.85, '#b7c94a'],
  ])('%s change the result by less than 0.02 once one is dabbed', async (_, greenness, colour) => {
    const clean = scene(greenness)
    const weedy = scene(greenness, { weeds: { colour, share: 0.2 } })
    const [without, blind, dabbed] = await Promise.all([
      measured(clean, noon),
      measured(weedy, noon),
      measured(weedy, noon, [dab]),
    ])
    expect(Math.abs(blind.darkGreenIndex - without.darkGreenIndex)).toBeGreaterThan(0.03)
    expect(Math.abs(dabbed.darkGreenIndex - without.darkGreenIndex)).toBeLessThan(0.02)
    expect(dabbed.cover).toBeLessThan(blind.cover - 0.12)
  })
})

describe('what else a photo says', () => {
  const noon: Exposure = { exposure: 0.9, red: 1, blue: 1, noise: 0.008 }
  const veined = (veinGreenness?: number) => {
    const { canopy, ...rest } = scene(0.45)
    return { ...rest, canopy: { ...canopy, veinGreenness, leafCount: 40, leafLength: 260 } }
  }

  it('is green veins in a pale leaf, and none in an even one', async () => {
    const [even, some, many] = await Promise.all(
      [undefined, 0.6, 0.85].map((veins) => measured(veined(veins), noon)),
    )
    expect(some?.veinContrast).toBeGreaterThan((even?.veinContrast ?? NaN) + 0.01)
    expect(many?.veinContrast).toBeGreaterThan((some?.veinContrast ?? NaN) + 0.01)
  })

  it('is cover, as much as was painted', async () => {
    const painted = scene(0.7)
    const crop = await paintCrop(painted)
    const card = (106 * 58 * 2.5 ** 2) / (640 * 480)
    const leaves = crop.data.filter((byte, at) => at % 4 === 0 && byte > 127).length / (640 * 480)
    const photo = await measured(painted, noon)
    expect(Math.abs(photo.cover - leaves / (1 - card))).toBeLessThan(0.02)
  })

  it('is severity by share, worse in paler leaves, summing to one', async () => {
    const [pale, green] = await Promise.all([
      measured(scene(0.3), noon),
      measured(scene(0.9), noon),
    ])
    const mean = ({ severityShares }: { severityShares: readonly number[] }) =>
      severityShares.reduce((sum, share, severity) => sum + share * severity, 0)
    expect(mean(pale)).toBeGreaterThan(2.5)
    expect(mean(green)).toBeLessThan(0.7)
    expect(pale.severityShares.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9)
  })

  it.each<[string, Exposure, string]>([
    ['night', { exposure: 0.01, red: 1, blue: 1, noise: 0.002 }, 'dark'],
    ['the sun on wet leaves', { exposure: 9, red: 1, blue: 1 }, 'bright'],
    ['a shaking hand', { exposure: 0.9, red: 1, blue: 1, blur: 4 }, 'blurred'],
  ])('is refused or warned about after %s', async (_, exposure, id) => {
    const photo = await measured(scene(0.6), exposure)
    expect(photo.remarks.map((remark) => remark.id)).toContain(id)
  })
})

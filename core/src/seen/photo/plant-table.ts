import { lab, rgb } from 'd3-color'
import { leafColour } from '../colour/index.ts'
import type { Rgb } from './colour.ts'
import { leastLightness, plantColours } from './data/plant-colours.ts'

const steps = 32
const bytesAStep = 256 / steps
const size = steps ** 3

/** What a colour says by itself: whether it is plant, and how green the leaf is, 0 to 1. */
export interface PlantTable {
  readonly isPlant: Uint8Array
  readonly greenness: Float32Array
}

/** Where a colour stands in the table. */
export const tableIndex = (red: number, green: number, blue: number): number =>
  ((red >> 3) << 10) | ((green >> 3) << 5) | (blue >> 3)

const leafSteps = 80
const leafLine = Array.from({ length: leafSteps + 1 }, (_, index) =>
  lab(leafColour(index / leafSteps)),
)

/** Greenness of the leaf colour that lies nearest; lightness counts half, for it is light as much as leaf. */
function nearestGreenness(l: number, a: number, b: number): number {
  let best = 0
  let least = Infinity
  leafLine.forEach((leaf, index) => {
    const off = ((leaf.l - l) / 2) ** 2 + (leaf.a - a) ** 2 + (leaf.b - b) ** 2
    if (off < least) {
      least = off
      best = index
    }
  })
  return best / leafSteps
}

/** How far along the leaf colours one looks for the way they run [1]. */
const along = 0.06

/**
 * How much greener than a leaf colour another lies, along the way in which leaf colours run there: casts lead off it,
 * and the nearest one may then jump.
 * @param greenness of the leaf colour, 0 to 1
 * @param rgb bytes of the other; fractions and more than 255 allowed
 * @returns in greenness; not a number where a byte is none
 */
export function greenerBy(greenness: number, [red, green, blue]: Rgb): number {
  const own = lab(leafColour(greenness))
  const [from, to] = [Math.max(0, greenness - along), Math.min(1, greenness + along)]
  const [pale, deep] = [lab(leafColour(from)), lab(leafColour(to))]
  const way = [(deep.l - pale.l) / 2, deep.a - pale.a, deep.b - pale.b].map((each) => each / (to - from)) // prettier-ignore
  const { l, a, b } = lab(rgb(red, green, blue))
  const off = [(l - own.l) / 2, a - own.a, b - own.b]
  const dot = (one: readonly number[], other: readonly number[]) =>
    one.reduce((sum, each, at) => sum + each * (other[at] ?? NaN), 0)
  return dot(off, way) / dot(way, way)
}

function buildTable(): PlantTable {
  const isPlant = new Uint8Array(size)
  const greenness = new Float32Array(size)
  const middle = (index: number) => (index + 0.5) * bytesAStep
  for (let index = 0; index < size; index++) {
    const { l, a, b } = lab(rgb(middle(index >> 10), middle((index >> 5) & 31), middle(index & 31)))
    const hue = (Math.atan2(b, a) * 180) / Math.PI
    const { leastHue, mostHue, leastChroma } = plantColours
    const isLeafy = hue >= leastHue && hue <= mostHue && Math.hypot(a, b) >= leastChroma
    if (!isLeafy || l < leastLightness.value) continue
    isPlant[index] = 1
    greenness[index] = nearestGreenness(l, a, b)
  }
  return { isPlant, greenness }
}

let built: PlantTable | undefined

/** The table of all colours, 32 steps a channel; built when it is first wanted. */
export function plantTable(): PlantTable {
  built ??= buildTable()
  return built
}

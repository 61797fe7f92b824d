import { onScale } from '../colour/index.ts'
import { darkGreenIndex, lightTable, quickByteOf } from './colour.ts'
import {
  cardResidual,
  correctionFor,
  noCorrection,
  type ColourCorrection,
} from './correct-colour.ts'
import { doubtWithoutCard, greennessPerIndex, leastDoubt } from './data/limits.ts'
import { findCard, type FoundCard } from './find-card.ts'
import { remarksOn } from './judge-photo.ts'
import { printFault } from './judge-print.ts'
import { noPlant, type PhotoMeasure, type PictureLight } from './photo-measure.ts'
import { maskOf, pixelKinds, type Dab, type Planes } from './mask.ts'
import { requirePicture, type Picture } from './picture.ts'
import { plantTable, tableIndex } from './plant-table.ts'
import { veinContrast } from './vein-contrast.ts'

/** The picture as it would look under white light, a plane a channel. */
function planesOf({ width, height, data }: Picture, correction: ColourCorrection): Planes {
  const count = width * height
  const [red, green, blue] = [new Uint8Array(count), new Uint8Array(count), new Uint8Array(count)]
  const [[rr, rg, rb, r0], [gr, gg, gb, g0], [br, bg, bb, b0]] = correction as readonly [
    ColourCorrection[number],
    ColourCorrection[number],
    ColourCorrection[number],
  ]
  for (let pixel = 0, at = 0; pixel < count; pixel++, at += 4) {
    const r = lightTable[data[at] ?? 0] ?? 0
    const g = lightTable[data[at + 1] ?? 0] ?? 0
    const b = lightTable[data[at + 2] ?? 0] ?? 0
    red[pixel] = quickByteOf(rr * r + rg * g + rb * b + r0)
    green[pixel] = quickByteOf(gr * r + gg * g + gb * b + g0)
    blue[pixel] = quickByteOf(br * r + bg * g + bb * b + b0)
  }
  return { width, height, red, green, blue }
}

function lightIn({ width, height, data }: Picture, kinds: Uint8Array): PictureLight {
  // Sums over all pixels, kept apart and unpacked: this runs for every pixel of every photo.
  let light = 0
  let bytes = 0
  let squares = 0
  let steps = 0
  let chroma = 0
  let clipped = 0
  let plant = 0
  let count = 0
  // Every other row tells as much of light and lens as all.
  for (let y = 0; y < height; y += 2) {
    let left = data[y * width * 4 + 1] ?? 0
    for (let x = 0, pixel = y * width; x < width; x++, pixel++) {
      const r = data[pixel * 4] ?? 0
      const g = data[pixel * 4 + 1] ?? 0
      const b = data[pixel * 4 + 2] ?? 0
      light += lightTable[g] ?? 0
      bytes += g
      squares += g * g
      chroma += Math.max(r, g, b) - Math.min(r, g, b)
      steps += (g - left) * (g - left)
      left = g
      if (kinds[pixel] === pixelKinds.plant) {
        plant += 1
        if (r >= 254 || g >= 254) clipped += 1
      }
    }
    count += width
  }
  const spread = squares / count - (bytes / count) ** 2
  return {
    mean: light / count,
    clipped: clipped / Math.max(1, plant),
    sharpness: spread > 0 ? Math.sqrt(steps / count / spread) : 0,
    chroma: chroma / count,
  }
}

/** Pixels under the card: the area within its corners (the surveyor's formula). */
function cardPixels({ corners }: FoundCard): number {
  const twice = corners.reduce((sum, [ax, ay], index) => {
    const [bx, by] = corners[(index + 1) % corners.length] ?? [ax, ay]
    return sum + ax * by - bx * ay
  }, 0)
  return Math.abs(twice) / 2
}

/** Tiles by which the spread over the picture is told. */
const tiles = 6

interface Tally {
  readonly index: number
  readonly greenness: number
  readonly plant: number
  readonly tileMeans: readonly number[]
  readonly severityShares: readonly number[]
  readonly severityMap: Uint8Array
  readonly map: Float32Array
}

const severities = 6

function tallyOf(planes: Planes, kinds: Uint8Array): Tally {
  const { width, height, red, green, blue } = planes
  const { greenness } = plantTable()
  const severityOf = severityTable()
  const map = new Float32Array(kinds.length)
  const severityMap = new Uint8Array(kinds.length).fill(noPlant)
  const counts = new Float64Array(severities)
  const tileSums = new Float64Array(tiles * tiles)
  const tileCounts = new Float64Array(tiles * tiles)
  let index = 0
  let greens = 0
  let plant = 0
  const tileColumns = Uint8Array.from({ length: width }, (_, x) => Math.floor((x * tiles) / width))
  for (let y = 0, pixel = 0; y < height; y++) {
    const tileRow = Math.floor((y * tiles) / height) * tiles
    for (let x = 0; x < width; x++, pixel++) {
      if (kinds[pixel] !== pixelKinds.plant) continue
      const r = red[pixel] ?? 0
      const g = green[pixel] ?? 0
      const b = blue[pixel] ?? 0
      const value = darkGreenIndex(r, g, b)
      const colour = tableIndex(r, g, b)
      const leaf = greenness[colour] ?? 0
      const severity = severityOf[colour] ?? noPlant
      const tile = tileRow + (tileColumns[x] ?? 0)
      map[pixel] = value
      severityMap[pixel] = severity
      counts[severity] = (counts[severity] ?? 0) + 1
      tileSums[tile] = (tileSums[tile] ?? 0) + value
      tileCounts[tile] = (tileCounts[tile] ?? 0) + 1
      index += value
      greens += leaf
      plant += 1
    }
  }
  const least = (plant / tiles ** 2) * 0.2
  const tileMeans = [...tileSums]
    .map((sum, tile) => ({ sum, count: tileCounts[tile] ?? 0 }))
    .filter(({ count }) => count > least)
    .map(({ sum, count }) => sum / count)
  return {
    index: index / plant,
    greenness: greens / plant,
    plant,
    tileMeans,
    severityShares: [...counts].map((each) => each / Math.max(1, plant)),
    severityMap,
    map,
  }
}

let severityBuilt: Uint8Array | undefined
/** Severity of each colour of the table of plants; built when it is first wanted. */
function severityTable(): Uint8Array {
  severityBuilt ??= Uint8Array.from(plantTable().greenness, (greenness) =>
    Math.min(severities - 1, Math.max(0, Math.round(onScale('severity', greenness)))),
  )
  return severityBuilt
}

function spreadOf(values: readonly number[]): number {
  if (values.length < 2) return 0
  const mean = values.reduce((sum, each) => sum + each, 0) / values.length
  return Math.sqrt(values.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (values.length - 1))
}

/**
 * Greenness of the leaves in a picture: colours set right by the card where one is seen, plant told
 * from what is none by colour and by the dabs of a hand.
 * @param picture decoded and upright; about a megapixel is enough
 * @throws {CoreError} out-of-range where the bytes do not make up the pixels
 */
export function measurePhoto(picture: Picture, dabs: readonly Dab[] = []): PhotoMeasure {
  requirePicture(picture)
  const card = findCard(picture)
  const correction = card ? correctionFor(card.seen) : noCorrection
  const residual = card && cardResidual(card.seen, correction)
  const planes = planesOf(picture, correction)
  const kinds = maskOf(planes, dabs, card)
  const tally = tallyOf(planes, kinds)
  const light = lightIn(picture, kinds)
  const cover = tally.plant / Math.max(1, kinds.length - (card ? cardPixels(card) : 0))
  const { width, height } = picture
  const between = spreadOf(tally.tileMeans) / Math.sqrt(Math.max(1, tally.tileMeans.length))
  const doubt = Math.hypot(leastDoubt.value, between, residual ?? doubtWithoutCard.value)
  const measured = {
    width,
    height,
    darkGreenIndex: tally.index,
    doubt,
    greenness: tally.greenness,
    greennessDoubt: Math.min(0.5, doubt * greennessPerIndex.value),
    cover,
    veinContrast: veinContrast({ width, height, value: tally.map, kinds }),
    severityShares: tally.severityShares,
    severityMap: tally.severityMap,
    light,
    card: card && {
      corners: card.corners,
      widthPx: card.widthPx,
      unevenness: card.unevenness,
    },
    printFault: card && printFault(card),
    cardResidual: residual,
  }
  return { ...measured, remarks: remarksOn(measured) }
}

export interface GreennessMap {
  readonly width: number
  readonly height: number
  /** Greenness or index of each pixel. */
  readonly value: Float32Array
  /** 1 where a pixel is plant. */
  readonly kinds: Uint8Array
}

/** The map with four pixels in one; only where all four are plant is it plant. */
function halved({ width, height, value, kinds }: GreennessMap): GreennessMap {
  const [halfWidth, halfHeight] = [width >> 1, height >> 1]
  const means = new Float32Array(halfWidth * halfHeight)
  const plant = new Uint8Array(means.length)
  for (let y = 0; y < halfHeight; y++) {
    for (let x = 0; x < halfWidth; x++) {
      const at = 2 * y * width + 2 * x
      const below = at + width
      if (kinds[at] !== 1 || kinds[at + 1] !== 1 || kinds[below] !== 1 || kinds[below + 1] !== 1) {
        continue
      }
      const sum =
        (value[at] ?? 0) + (value[at + 1] ?? 0) + (value[below] ?? 0) + (value[below + 1] ?? 0)
      means[y * halfWidth + x] = sum / 4
      plant[y * halfWidth + x] = 1
    }
  }
  return { width: halfWidth, height: halfHeight, value: means, kinds: plant }
}

/** Sums of a map from the left upper corner to each place, one row and column more than the map. */
function sumsOf(width: number, height: number, values: Float32Array | Uint8Array): Float64Array {
  const sums = new Float64Array((width + 1) * (height + 1))
  for (let y = 0; y < height; y++) {
    let row = 0
    const above = y * (width + 1) + 1
    for (let x = 0; x < width; x++) {
      row += values[y * width + x] ?? 0
      sums[above + width + 1 + x] = (sums[above + x] ?? 0) + row
    }
  }
  return sums
}

/** Sum within the square about a pixel, by the sums of its corners. */
function squareSums(width: number, height: number, sums: Float64Array) {
  return (x: number, y: number, radius: number): number => {
    const left = Math.max(0, x - radius)
    const right = Math.min(width, x + radius + 1)
    const top = Math.max(0, y - radius) * (width + 1)
    const bottom = Math.min(height, y + radius + 1) * (width + 1)
    return (
      (sums[bottom + right] ?? 0) -
      (sums[bottom + left] ?? 0) -
      (sums[top + right] ?? 0) +
      (sums[top + left] ?? 0)
    )
  }
}

/**
 * How much greener the leaf is along its veins than between them: the mean of what lies above its
 * surroundings less the mean of what lies below, without what noise alone would make.
 * @returns on the scale of the map; 0 for an evenly coloured leaf, NaN without plant
 */
export function veinContrast(map: GreennessMap): number {
  const { width, height, value, kinds } = halved(map)
  const plant = squareSums(width, height, sumsOf(width, height, kinds))
  const green = squareSums(width, height, sumsOf(width, height, value))
  const wide = Math.max(3, Math.round(width / 40))
  let above = 0
  let aboveCount = 0
  let below = 0
  let belowCount = 0
  let noiseSum = 0
  for (let y = 1; y < height - 1; y++) {
    for (let x = 1; x < width - 1; x++) {
      // Only where leaf is all around: an edge of leaf is no vein.
      if (plant(x, y, 1) < 9) continue
      const pixel = y * width + x
      const own = value[pixel] ?? 0
      const off = own - green(x, y, wide) / plant(x, y, wide)
      if (off > 0) {
        above += off
        aboveCount += 1
      } else {
        below += off
        belowCount += 1
      }
      const cross = own - ((value[pixel - 1] ?? 0) + (value[pixel + 1] ?? 0)) / 2
      noiseSum += cross * cross
    }
  }
  const count = aboveCount + belowCount
  if (count === 0) return NaN
  const seen = above / Math.max(1, aboveCount) - below / Math.max(1, belowCount)
  // A pixel less its two neighbours varies by 1.5 times; half lie above the mean, half below.
  const noise = Math.sqrt(noiseSum / count / 1.5) * 2 * Math.sqrt(2 / Math.PI)
  return Math.sqrt(Math.max(0, seen * seen - noise * noise))
}

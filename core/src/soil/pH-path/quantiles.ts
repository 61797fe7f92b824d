/** Weights of some logarithms, summing to 1. */
export function normalised(logWeight: Float64Array): Float64Array {
  const most = logWeight.reduce((best, each) => Math.max(best, each), -Infinity)
  const weights = logWeight.map((each) => Math.exp(each - most))
  const total = weights.reduce((sum, each) => sum + each, 0)
  return weights.map((each) => each / total)
}

/** As how many even draws weighted ones count. */
export const effectiveCount = (weights: Float64Array): number =>
  1 / weights.reduce((sum, each) => sum + each * each, 0)

/**
 * Quantiles of weighted values.
 * @param weights summing to 1
 * @param shares rising, 0 to 1
 */
export function weightedQuantiles(
  values: ArrayLike<number>,
  weights: Float64Array,
  shares: readonly number[],
): number[] {
  const order = Uint32Array.from({ length: values.length }, (_, index) => index)
  order.sort((a, b) => (values[a] ?? 0) - (values[b] ?? 0))
  const found: number[] = []
  let sum = 0
  let place = 0
  for (const share of shares) {
    while (place < order.length - 1 && sum + (weights[order[place] ?? 0] ?? 0) < share) {
      sum += weights[order[place] ?? 0] ?? 0
      place += 1
    }
    found.push(values[order[place] ?? 0] ?? NaN)
  }
  return found
}

/** Slots of a pH for counting [1/pH]; and where they begin. */
const slotsPerPH = 200
const [firstPH, slotCount] = [0, 14 * slotsPerPH]

/**
 * The same of pH values, counted into slots of 0.005: sorting a thousand draws for every week
 * would take longer than running them.
 */
export function pHQuantiles(
  values: Float32Array,
  weights: Float64Array,
  shares: readonly number[],
): number[] {
  const slots = new Float64Array(slotCount)
  for (let index = 0; index < values.length; index++) {
    const slot = Math.floor(((values[index] as number) - firstPH) * slotsPerPH)
    const kept = Math.min(slotCount - 1, Math.max(0, slot))
    slots[kept] = (slots[kept] as number) + (weights[index] as number)
  }
  let [slot, sum] = [0, 0]
  return shares.map((share) => {
    while (slot < slotCount - 1 && sum + (slots[slot] as number) < share) {
      sum += slots[slot] as number
      slot += 1
    }
    const inSlot = (share - sum) / Math.max(1e-12, slots[slot] as number)
    return firstPH + (slot + Math.min(1, inSlot)) / slotsPerPH
  })
}

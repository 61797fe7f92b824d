import type { Draws } from './draws.ts'
import { normalCount } from './parameters.ts'
import { effectiveCount, normalised } from './quantiles.ts'
import { pathStepDays } from './run-path.ts'

/** A pH that was measured while the path ran. */
export interface Retest {
  /** Days from the start of the path [d]. */
  readonly day: number
  readonly pH: number
  /** One standard deviation, with that from spot to spot. */
  readonly doubt: number
}

/** Where the draws that agree with retests lie: their middle, and how they spread about it. */
export interface Proposal {
  readonly middle: Float64Array
  /** Lower triangle of the Cholesky factor of their covariance, row by row. */
  readonly factor: Float64Array
}

/** pH of a draw on a day, between the points kept. */
export function pathAt({ path, points }: Draws, draw: number, day: number): number {
  const place = Math.min(points - 1, Math.max(0, day / pathStepDays))
  const left = Math.floor(place)
  const from = path[draw * points + left] ?? NaN
  const to = path[draw * points + Math.min(points - 1, left + 1)] ?? from
  return from + (to - from) * (place - left)
}

/** Log of how likely what was measured is in a draw. */
export function agreement(draws: Draws, draw: number, retests: readonly Retest[]): number {
  return retests.reduce((sum, { day, pH, doubt }) => {
    const off = (pathAt(draws, draw, day) - pH) / doubt
    return sum - (off * off) / 2
  }, 0)
}

/** Draws that count below this call for a softer look at the retests first. */
const leastDraws = 60
/** Share of what draws hang together by that is let go, for want of many. */
const shrink = 0.25
/** A proposal is a little wider than what it was learnt from, so that tails are not lost. */
const widen = 1.25

/** Weights softened until enough draws count. */
function softened(logWeight: Float64Array): Float64Array {
  let power = 1
  let weights = normalised(logWeight)
  while (effectiveCount(weights) < leastDraws && power > 1e-3) {
    power *= 0.7
    weights = normalised(logWeight.map((each) => each * power))
  }
  return weights
}

/** Lower Cholesky factor of a covariance [row by row]. */
function choleskyOf(covariance: Float64Array, size: number): Float64Array {
  const factor = new Float64Array(size * size)
  for (let row = 0; row < size; row++) {
    for (let column = 0; column <= row; column++) {
      let sum = covariance[row * size + column] ?? 0
      for (let k = 0; k < column; k++) {
        sum -= (factor[row * size + k] ?? 0) * (factor[column * size + k] ?? 0)
      }
      factor[row * size + column] =
        row === column
          ? Math.sqrt(Math.max(1e-9, sum))
          : sum / (factor[column * size + column] ?? 1)
    }
  }
  return factor
}

/** Fits a bell to the numbers of weighted draws. */
export function proposalFrom({ normals, count, logWeight }: Draws): Proposal {
  const weights = softened(logWeight)
  const middle = new Float64Array(normalCount)
  for (let draw = 0; draw < count; draw++) {
    for (let i = 0; i < normalCount; i++) {
      middle[i] = (middle[i] ?? 0) + (weights[draw] ?? 0) * (normals[draw * normalCount + i] ?? 0)
    }
  }
  const covariance = new Float64Array(normalCount * normalCount)
  for (let draw = 0; draw < count; draw++) {
    const weight = weights[draw] ?? 0
    if (weight === 0) continue
    for (let i = 0; i < normalCount; i++) {
      const off = (normals[draw * normalCount + i] ?? 0) - (middle[i] ?? 0)
      for (let j = 0; j <= i; j++) {
        const place = i * normalCount + j
        const other = (normals[draw * normalCount + j] ?? 0) - (middle[j] ?? 0)
        covariance[place] = (covariance[place] ?? 0) + weight * off * other
      }
    }
  }
  const shrunk = covariance.map((each, place) => {
    const isDiagonal = place % (normalCount + 1) === 0
    return widen * (isDiagonal ? each + 0.01 : each * (1 - shrink))
  })
  return { middle, factor: choleskyOf(shrunk, normalCount) }
}

/**
 * Turns even draws of a proposal into draws of a draw, and says by how much its weight has to
 * make up for where it was drawn from.
 * @param z standard normal draws of the draw; overwritten by its own
 * @returns log of the chance at large minus that of the proposal
 */
export function drawFrom({ middle, factor }: Proposal, z: Float64Array): number {
  let correction = 0
  for (let i = normalCount - 1; i >= 0; i--) {
    const even = z[i] ?? 0
    let value = middle[i] ?? 0
    for (let j = 0; j <= i; j++) value += (factor[i * normalCount + j] ?? 0) * (z[j] ?? 0)
    const scale = factor[i * normalCount + i] ?? 1
    correction += (even * even) / 2 + Math.log(scale) - (value * value) / 2
    z[i] = value
  }
  return correction
}

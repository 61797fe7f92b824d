/** Shares of totals among species, without solids: ln K, stoichiometry and totals to be met. */
export interface BalanceProblem {
  readonly lnK: Float64Array
  readonly rows: readonly Float64Array[]
  readonly totals: Float64Array
}

export interface BalanceAnswer {
  readonly converged: boolean
  /** ln of the free components. */
  readonly x: Float64Array
  /** Concentrations of the species. */
  readonly amounts: Float64Array
  /** Worst balance, relative to what takes part in it. */
  readonly residual: number
  readonly iterations: number
}

/** Stricter than what is promised outside, 1e-9. */
const tolerance = 1e-12
/** What is taken where rounding lets no step improve further. */
const accepted = 1e-10
const mostIterations = 400
const largestStep = 12
const overflow = 690

function amountsAt({ lnK, rows }: BalanceProblem, x: Float64Array): Float64Array {
  const amounts = new Float64Array(rows.length)
  for (let i = 0; i < rows.length; i += 1) {
    const row = rows[i] as Float64Array
    let exponent = lnK[i] ?? 0
    for (let j = 0; j < x.length; j += 1) exponent += (row[j] ?? 0) * (x[j] ?? 0)
    amounts[i] = exponent > overflow ? Infinity : Math.exp(exponent)
  }
  return amounts
}

interface Slope {
  readonly gradient: Float64Array
  /** Sum of what enters each balance regardless of sign: what "small" is measured by. */
  readonly size: Float64Array
}

function slopeOf({ rows, totals }: BalanceProblem, amounts: Float64Array): Slope {
  const gradient = totals.map((total) => -total)
  const size = totals.map(Math.abs)
  for (let i = 0; i < rows.length; i += 1) {
    const row = rows[i] as Float64Array
    for (let j = 0; j < gradient.length; j += 1) {
      const part = (row[j] ?? 0) * (amounts[i] ?? 0)
      gradient[j] = (gradient[j] ?? 0) + part
      size[j] = (size[j] ?? 0) + Math.abs(part)
    }
  }
  return { gradient, size }
}

const worst = ({ gradient, size }: Slope): number =>
  gradient.reduce((most, value, j) => Math.max(most, Math.abs(value) / ((size[j] ?? 0) || 1)), 0)

/** Solves the damped Newton system by Cholesky on a matrix scaled to a unit diagonal. */
function newtonStep(
  { rows }: BalanceProblem,
  amounts: Float64Array,
  gradient: Float64Array,
  damping: number,
): Float64Array | undefined {
  const n = gradient.length
  const matrix = Array.from({ length: n }, () => new Float64Array(n))
  for (let i = 0; i < rows.length; i += 1) {
    const row = rows[i] as Float64Array
    const amount = amounts[i] ?? 0
    for (let j = 0; j < n; j += 1) {
      const factor = (row[j] ?? 0) * amount
      if (factor === 0) continue
      const line = matrix[j] as Float64Array
      for (let l = 0; l <= j; l += 1) line[l] = (line[l] ?? 0) + factor * (row[l] ?? 0)
    }
  }
  const scale = matrix.map((line, j) => 1 / Math.sqrt(line[j] || 1e-300))
  for (let j = 0; j < n; j += 1) {
    const line = matrix[j] as Float64Array
    for (let l = 0; l <= j; l += 1) line[l] = (line[l] ?? 0) * (scale[j] ?? 0) * (scale[l] ?? 0)
    line[j] = (line[j] ?? 0) + damping
  }
  return choleskySolve(
    matrix,
    gradient.map((value, j) => -value * (scale[j] ?? 0)),
  )?.map((value, j) => value * (scale[j] ?? 0))
}

/**
 * By hand: for systems of nine unknowns, a hundred thousand of them behind one chart, the general
 * decomposition of ml-matrix took 1.7 times as long (measured), and gave the same to the last digit.
 */
function choleskySolve(matrix: Float64Array[], right: Float64Array): Float64Array | undefined {
  const n = right.length
  const at = (j: number, l: number) => matrix[j]?.[l] ?? 0
  for (let j = 0; j < n; j += 1) {
    const line = matrix[j] as Float64Array
    for (let l = 0; l <= j; l += 1) {
      let sum = at(j, l)
      for (let m = 0; m < l; m += 1) sum -= at(j, m) * at(l, m)
      if (l < j) line[l] = sum / at(l, l)
      else if (sum <= 0) return undefined
      else line[j] = Math.sqrt(sum)
    }
  }
  const solved = right.slice()
  for (let j = 0; j < n; j += 1) {
    let sum = solved[j] ?? 0
    for (let l = 0; l < j; l += 1) sum -= at(j, l) * (solved[l] ?? 0)
    solved[j] = sum / at(j, j)
  }
  for (let j = n - 1; j >= 0; j -= 1) {
    let sum = solved[j] ?? 0
    for (let l = j + 1; l < n; l += 1) sum -= at(l, j) * (solved[l] ?? 0)
    solved[j] = sum / at(j, j)
  }
  return solved
}

/** The convex function whose lowest point meets every balance: sum of amounts less totals times x. */
function height({ totals }: BalanceProblem, x: Float64Array, amounts: Float64Array): number {
  let sum = 0
  for (const amount of amounts) sum += amount
  for (let j = 0; j < x.length; j += 1) sum -= (totals[j] ?? 0) * (x[j] ?? 0)
  return sum
}

function along(x: Float64Array, step: Float64Array, share: number): Float64Array {
  const moved = x.slice()
  for (let j = 0; j < x.length; j += 1) {
    const part = (step[j] ?? 0) * share
    moved[j] = (x[j] ?? 0) + Math.max(-largestStep, Math.min(largestStep, part))
  }
  return moved
}

const approaches = 40
const nearEnough = 2

/**
 * Brings the start within a few powers of e of the balances by sharing out what is too much:
 * cheap, and it spares Newton its slow way down from afar.
 */
function approach(problem: BalanceProblem, start: Float64Array): Float64Array {
  let x = start
  for (let round = 0; round < approaches; round += 1) {
    const amounts = amountsAt(problem, x)
    const { gradient, size } = slopeOf(problem, amounts)
    let most = 0
    const moved = x.map((value, j) => {
      const total = problem.totals[j] ?? 0
      const held = (gradient[j] ?? 0) + total
      // Only where all that takes part adds up is "too much" a ratio.
      if (total <= 0 || Math.abs(held - (size[j] ?? 0) + total) > 1e-9 * held) return value
      const off = Math.log(held / total)
      if (!Number.isFinite(off)) return value
      most = Math.max(most, Math.abs(off))
      return value - off / 2
    })
    if (most < nearEnough) break
    x = moved
  }
  return x
}

/**
 * Meets the balances of a system by Newton's method on the convex function whose gradient they are,
 * damped where the matrix is near singular and shortened where a step would climb. Newton on the
 * balances themselves, in logarithms, is known to fail from far away; this cannot run uphill.
 */
export function meetBalances(problem: BalanceProblem, start: Float64Array): BalanceAnswer {
  let x = approach(problem, start)
  let amounts = amountsAt(problem, x)
  let slope = slopeOf(problem, amounts)
  let residual = worst(slope)
  let damping = 1e-13
  let iterations = 0
  while (residual > tolerance && iterations < mostIterations) {
    iterations += 1
    const step = newtonStep(problem, amounts, slope.gradient, damping)
    if (!step) {
      damping = Math.max(damping * 100, 1e-12)
      if (damping > 1e3) break
      continue
    }
    const before = height(problem, x, amounts)
    let moved: Float64Array | undefined
    for (let share = 1; share > 1e-4; share /= 3) {
      const tried = along(x, step, share)
      const there = amountsAt(problem, tried)
      const after = height(problem, tried, there)
      const isLower = after < before
      // Near the bottom the height no longer tells steps apart; the balances still do.
      const isNearer = Number.isFinite(after) && worst(slopeOf(problem, there)) < residual
      if (isLower || isNearer) {
        moved = tried
        amounts = there
        break
      }
    }
    if (!moved) {
      damping = Math.max(damping * 100, 1e-10)
      if (damping > 1e3) break
      continue
    }
    x = moved
    damping = Math.max(damping / 10, 1e-14)
    slope = slopeOf(problem, amounts)
    residual = worst(slope)
  }
  return { converged: residual <= accepted, x, amounts, residual, iterations }
}

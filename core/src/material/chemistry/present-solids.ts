import type { BalanceAnswer, BalanceProblem } from './convex-newton.ts'
import type { ArrayedSystem } from './equilibrium-input.ts'

/** A solid that is present fixes one component in terms of the others. */
interface Elimination {
  readonly solid: number
  /** The component that it stands for. */
  readonly pivot: number
  /** Its stoichiometry and ln K after the solids before it are taken out. */
  readonly row: Float64Array
  readonly lnK: number
}

/** A system whose present solids are taken out as unknowns; same balances, fewer of them. */
export interface ReducedSystem {
  readonly problem: BalanceProblem
  /** The unknowns that are left, of all. */
  shorten(x: Float64Array): Float64Array
  /** All unknowns again, and how much of each present solid there is. */
  restore(answer: BalanceAnswer): { x: Float64Array; amounts: Map<number, number> }
  /** The absent solid that the water is most over, if any. */
  mostOver(x: Float64Array, byMoreThan: number): number | undefined
  /** The present solids with another one, which takes the place of one that it replaces. */
  takeIn(solid: number): number[]
}

const dot = (row: Float64Array, x: Float64Array): number => {
  let sum = 0
  for (let j = 0; j < x.length; j += 1) sum += (row[j] ?? 0) * (x[j] ?? 0)
  return sum
}

/** Takes what the eliminated components stand for out of a row; returns the change of its ln K. */
function takeOut(row: Float64Array, eliminations: readonly Elimination[]): number {
  let change = 0
  for (const each of eliminations) {
    const times = (row[each.pivot] ?? 0) / (each.row[each.pivot] ?? 1)
    if (times === 0) continue
    change += times * each.lnK
    for (let j = 0; j < row.length; j += 1) row[j] = (row[j] ?? 0) - times * (each.row[j] ?? 0)
    row[each.pivot] = 0
  }
  return change
}

/** The component that a solid is made out for: its scarcest, so that no small balance is lost in a large one. */
function scarcest(totals: Float64Array, row: Float64Array): number | undefined {
  const made = [...row.keys()].filter((j) => Math.abs(row[j] ?? 0) > 1e-9)
  const share = (j: number) => Math.abs((totals[j] ?? 0) / (row[j] ?? 1))
  return made.toSorted((a, b) => share(a) - share(b))[0]
}

function eliminate(
  system: ArrayedSystem,
  present: readonly number[],
): { eliminations: Elimination[]; dependent: number[] } {
  const eliminations: Elimination[] = []
  const dependent: number[] = []
  for (const solid of present) {
    const row = Float64Array.from(system.solidRows[solid] ?? [])
    const lnK = (system.solidLnK[solid] ?? 0) - takeOut(row, eliminations)
    const pivot = scarcest(system.totals, row)
    if (pivot === undefined) dependent.push(solid)
    else eliminations.push({ solid, pivot, row, lnK })
  }
  return { eliminations, dependent }
}

/** Rows after elimination, so that each present solid's pivot is gone from every later row too. */
export function withSolids(system: ArrayedSystem, present: readonly number[]): ReducedSystem {
  const { eliminations } = eliminate(system, present)
  const gone = new Set(eliminations.map(({ pivot }) => pivot))
  const kept = system.names.map((_, j) => j).filter((j) => !gone.has(j))
  const keep = (row: Float64Array) => Float64Array.from(kept, (j) => row[j] ?? 0)

  const lnK = system.lnK.slice()
  const fullRows = system.rows.map((row, i) => {
    const reduced = row.slice()
    lnK[i] = (lnK[i] ?? 0) + takeOut(reduced, eliminations)
    return reduced
  })
  const totals = system.totals.slice()
  // The same combination of balances in which the solids' amounts cancel.
  for (const { pivot, row } of eliminations) {
    const times = (totals[pivot] ?? 0) / (row[pivot] ?? 1)
    for (let j = 0; j < totals.length; j += 1) totals[j] = (totals[j] ?? 0) - times * (row[j] ?? 0)
  }
  const problem: BalanceProblem = { lnK, rows: fullRows.map(keep), totals: keep(totals) }

  function restore(answer: BalanceAnswer): { x: Float64Array; amounts: Map<number, number> } {
    const x = new Float64Array(system.names.length)
    kept.forEach((j, index) => (x[j] = answer.x[index] ?? 0))
    for (const { pivot, row, lnK: product } of eliminations.toReversed()) {
      x[pivot] = 0
      x[pivot] = (product - dot(row, x)) / (row[pivot] ?? 1)
    }
    return { x, amounts: solidAmounts(answer.amounts) }
  }

  /** What the water does not hold of the eliminated components lies in the solids. */
  function solidAmounts(amounts: Float64Array): Map<number, number> {
    const missing = system.totals.slice()
    system.rows.forEach((row, i) => {
      for (let j = 0; j < missing.length; j += 1) {
        missing[j] = (missing[j] ?? 0) - (row[j] ?? 0) * (amounts[i] ?? 0)
      }
    })
    return solveForSolids(system, eliminations, missing)
  }

  return {
    problem,
    shorten: keep,
    restore,
    mostOver(x, byMoreThan) {
      const over = system.solidRows.map((row, solid) => dot(row, x) - (system.solidLnK[solid] ?? 0))
      const absent = over.map((_, solid) => solid).filter((solid) => !present.includes(solid))
      const first = absent.toSorted((a, b) => (over[b] ?? 0) - (over[a] ?? 0))[0]
      return first !== undefined && (over[first] ?? 0) > byMoreThan ? first : undefined
    },
    takeIn(solid) {
      // The newcomer first: a solid that can no longer stand beside it is the one left out.
      const { dependent } = eliminate(system, [solid, ...present])
      return [solid, ...present].filter((each) => !dependent.includes(each))
    },
  }
}

/** Amounts of the present solids from what is missing of the components that they stand for. */
function solveForSolids(
  system: ArrayedSystem,
  eliminations: readonly Elimination[],
  missing: Float64Array,
): Map<number, number> {
  const size = eliminations.length
  const matrix = eliminations.map(({ pivot }) =>
    Float64Array.from([
      ...eliminations.map(({ solid }) => system.solidRows[solid]?.[pivot] ?? 0),
      missing[pivot] ?? 0,
    ]),
  )
  for (let column = 0; column < size; column += 1) {
    const below = matrix.slice(column)
    const best = below.toSorted((a, b) => Math.abs(b[column] ?? 0) - Math.abs(a[column] ?? 0))[0]
    if (!best) break
    matrix.splice(matrix.indexOf(best), 1)
    matrix.splice(column, 0, best)
    matrix.forEach((row, index) => {
      if (index === column) return
      const times = (row[column] ?? 0) / (best[column] ?? 1)
      for (let j = column; j <= size; j += 1) row[j] = (row[j] ?? 0) - times * (best[j] ?? 0)
    })
  }
  return new Map(
    eliminations.map(({ solid }, index) => [
      solid,
      (matrix[index]?.[size] ?? 0) / (matrix[index]?.[index] ?? 1),
    ]),
  )
}

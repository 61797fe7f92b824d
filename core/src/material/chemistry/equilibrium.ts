import { arrayed, type ArrayedSystem, type EquilibriumInput } from './equilibrium-input.ts'
import { meetBalances, type BalanceAnswer } from './convex-newton.ts'
import { withSolids } from './present-solids.ts'

/** Why a system could not be brought to equilibrium. */
export type EquilibriumFailure = 'balances-not-met' | 'solids-do-not-settle'

/** Concentrations at equilibrium, or that there are none to give; the type makes one look. */
export type Equilibrium =
  | {
      readonly converged: true
      /** Free components and species [M], by name. */
      readonly concentrations: Readonly<Record<string, number>>
      /** Solids that are present [moles a litre of water]. */
      readonly solids: Readonly<Record<string, number>>
      /** Worst mass balance, relative to its total. */
      readonly balance: number
      readonly iterations: number
    }
  | {
      readonly converged: false
      readonly reason: EquilibriumFailure
      readonly residual: number
      readonly iterations: number
    }

const mostRounds = 40
/** A solid is wanted when the water is over its product by this much (natural log). */
const supersaturated = 1e-9

/** Every free component starts at its total, the most that it can be. */
function startOf(totals: Float64Array): Float64Array {
  return totals.map((total) => Math.log(Math.max(Math.abs(total), 1e-12)))
}

interface Settled {
  readonly answer: BalanceAnswer
  readonly x: Float64Array
  readonly present: ReadonlyMap<number, number>
}

/** Brings in the solid that is most over its product, drops one that would have to be negative, until none changes. */
function settle(
  system: ArrayedSystem,
): Settled | { readonly failed: EquilibriumFailure; residual: number; iterations: number } {
  let present: number[] = []
  let iterations = 0
  let start = startOf(system.totals)
  for (let round = 0; round < mostRounds; round += 1) {
    const reduced = withSolids(system, present)
    const answer = meetBalances(reduced.problem, reduced.shorten(start))
    iterations += answer.iterations
    if (!answer.converged)
      return { failed: 'balances-not-met', residual: answer.residual, iterations }
    const { x, amounts } = reduced.restore(answer)
    start = x
    const negative = present.filter((solid) => (amounts.get(solid) ?? 0) < 0)
    if (negative.length > 0) {
      const lowest = negative.toSorted((a, b) => (amounts.get(a) ?? 0) - (amounts.get(b) ?? 0))[0]
      present = present.filter((solid) => solid !== lowest)
      continue
    }
    const wanted = reduced.mostOver(x, supersaturated)
    if (wanted === undefined) {
      return { answer: { ...answer, iterations }, x, present: amounts }
    }
    present = reduced.takeIn(wanted)
  }
  return { failed: 'solids-do-not-settle', residual: Number.NaN, iterations }
}

/** Worst difference between what a component's species and solids hold and its total. */
function balanceOf(system: ArrayedSystem, { answer, present }: Settled): number {
  let most = 0
  system.totals.forEach((total, j) => {
    let held = 0
    let size = Math.abs(total)
    const add = (part: number) => {
      held += part
      size = Math.max(size, Math.abs(part))
    }
    system.rows.forEach((row, i) => add((row[j] ?? 0) * (answer.amounts[i] ?? 0)))
    for (const [solid, amount] of present) add((system.solidRows[solid]?.[j] ?? 0) * amount)
    most = Math.max(most, Math.abs(held - total) / (size || 1))
  })
  return most
}

/**
 * Speciation at equilibrium of a closed system with totals, fixed activities and solids that come
 * and go. Balances are met to 1e-9 of their total, or the answer says that they are not.
 * @throws {CoreError} unknown-name, not-a-number, out-of-range
 * @source mass action and mass balance; the convex form is the dual of the lowest free energy
 */
export function solveEquilibrium(input: EquilibriumInput): Equilibrium {
  const system = arrayed(input)
  const settled = settle(system)
  if ('failed' in settled) {
    const { failed: reason, residual, iterations } = settled
    return { converged: false, reason, residual, iterations }
  }
  const { answer, present } = settled
  const balance = balanceOf(system, settled)
  if (!(balance <= 1e-9)) {
    return {
      converged: false,
      reason: 'balances-not-met',
      residual: balance,
      iterations: answer.iterations,
    }
  }
  return {
    converged: true,
    concentrations: Object.fromEntries(
      system.speciesNames.map((name, i) => [name, answer.amounts[i] ?? 0]),
    ),
    solids: Object.fromEntries(
      [...present].map(([solid, amount]) => [system.solidNames[solid] ?? '', amount]),
    ),
    balance,
    iterations: answer.iterations,
  }
}

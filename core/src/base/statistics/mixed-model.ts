import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { CoreError } from '../error/index.ts'

/** Something that groups of rows have in common and that strays from group to group. */
export interface RandomTerm {
  readonly name: string
  /** The group of each row. */
  readonly groups: readonly string[]
  /** What each row takes of its group's effect; absent: all of it, else a slope along these. */
  readonly along?: readonly number[] | undefined
}

/** Rows of y = fixed effects + effects of groups + rest. */
export interface MixedModel {
  readonly y: readonly number[]
  /** A column for each fixed effect, one value a row. */
  readonly fixed: readonly (readonly number[])[]
  readonly random: readonly RandomTerm[]
}

/** A sum of effects: how much of each fixed one, and of each group's by term and group. */
export interface Contrast {
  readonly fixed: readonly number[]
  readonly groups?: readonly {
    readonly term: string
    readonly group: string
    readonly by: number
  }[]
}

export interface Estimate {
  readonly mean: number
  readonly deviation: number
}

/** The model solved for given ratios of each term's deviation to that of the rest. */
export interface SolvedModel {
  /** −2 × the logarithm of the restricted likelihood, the rest's variance at its best. */
  readonly criterion: number
  readonly restVariance: number
  readonly degreesOfFreedom: number
  /** Best estimate of a sum of effects, with the doubt of what is to be foretold. */
  estimate: (contrast: Contrast) => Estimate
}

interface Laid {
  readonly rows: number
  readonly fixedCount: number
  /** Column of each group's effect, by term and group. */
  readonly columns: ReadonlyMap<string, number>
  /** The term of each random column, by its place among the terms. */
  readonly termOf: readonly number[]
  /** Products of all columns with each other: random, fixed, y. */
  readonly products: readonly (readonly number[])[]
}

const keyOf = (term: string, group: string): string => JSON.stringify([term, group])

function requireRows({ y, fixed, random }: MixedModel): void {
  const lengths = [
    ...fixed.map(({ length }) => length),
    ...random.flatMap(({ groups, along }) => [groups.length, along?.length ?? groups.length]),
  ]
  const isEven = lengths.every((length) => length === y.length)
  if (isEven && y.length > fixed.length && y.every(Number.isFinite)) return
  throw new CoreError('plots-too-few', { parameter: 'model', received: String(y.length) })
}

function layOut(model: MixedModel): Laid {
  requireRows(model)
  const columns = new Map<string, number>()
  const termOf: number[] = []
  const design: number[][] = model.y.map(() => [])
  for (const [term, { name, groups, along }] of model.random.entries()) {
    for (const [row, group] of groups.entries()) {
      const key = keyOf(name, group)
      const column = columns.get(key) ?? termOf.push(term) - 1
      columns.set(key, column)
      const values = design[row]
      if (values) values[column] = along?.[row] ?? 1
    }
  }
  const width = termOf.length + model.fixed.length + 1
  const full = design.map((values, row) =>
    Float64Array.from({ length: width }, (_, column) => {
      if (column < termOf.length) return values[column] ?? 0
      return model.fixed[column - termOf.length]?.[row] ?? model.y[row] ?? NaN
    }),
  )
  const matrix = new Matrix(full.map((row) => [...row]))
  return {
    rows: model.y.length,
    fixedCount: model.fixed.length,
    columns,
    termOf,
    products: matrix.transpose().mmul(matrix).to2DArray(),
  }
}

/** Solves lower · x = right, for as many rows as right has. */
function solveLower(lower: readonly (readonly number[])[], right: readonly number[]): number[] {
  const x: number[] = []
  for (const [at, value] of right.entries()) {
    const row = lower[at] ?? []
    let left = value
    for (let column = 0; column < at; column++) left -= (row[column] ?? 0) * (x[column] ?? 0)
    x.push(left / (row[at] ?? NaN))
  }
  return x
}

/** Where everything fits exactly, what is left is rounding: never nothing. */
const leastOf = (products: Laid['products']): number =>
  Math.max(Number.MIN_VALUE * 2 ** 60, Number.EPSILON * (products.at(-1)?.at(-1) ?? NaN))

function solveAt({ rows, fixedCount, columns, termOf, products }: Laid, ratios: readonly number[]) {
  const [randomCount, size] = [termOf.length, termOf.length + fixedCount]
  const scale = (column: number) => {
    const term = termOf[column]
    return term === undefined ? 1 : (ratios[term] ?? NaN)
  }
  const scales = Array.from({ length: size + 1 }, (_, column) => scale(column))
  const scaled = new Matrix(
    products.map((values, row) =>
      values.map((value, column) => {
        const own = row === column && row < randomCount ? 1 : 0
        return value * ((scales[row] ?? NaN) * (scales[column] ?? NaN)) + own
      }),
    ),
  )
  const cholesky = new CholeskyDecomposition(scaled)
  const lower = cholesky.lowerTriangularMatrix.to2DArray()
  const diagonal = lower.map((row, at) => row[at] ?? NaN)
  if (diagonal.slice(0, size).some((value) => !(value > 0))) {
    throw new CoreError('plots-too-few', { parameter: 'model', received: String(rows) })
  }
  const degreesOfFreedom = rows - fixedCount
  const restVariance = Math.max((diagonal[size] ?? NaN) ** 2, leastOf(products)) / degreesOfFreedom
  const logarithms = diagonal.slice(0, size).reduce((sum, value) => sum + 2 * Math.log(value), 0)
  const half = lower[size] ?? []
  return {
    criterion: logarithms + degreesOfFreedom * (1 + Math.log(2 * Math.PI * restVariance)),
    restVariance,
    degreesOfFreedom,
    estimate({ fixed, groups = [] }: Contrast): Estimate {
      const taken = Array.from({ length: size }, (_, column) => fixed[column - randomCount] ?? 0)
      for (const { term, group, by } of groups) {
        const column = columns.get(keyOf(term, group))
        if (column === undefined) {
          throw new CoreError('group-unknown', { parameter: term, received: group })
        }
        taken[column] = (taken[column] ?? 0) + by * (scales[column] ?? NaN)
      }
      const along = solveLower(lower, taken)
      const mean = along.reduce((sum, value, at) => sum + value * (half[at] ?? 0), 0)
      const length = along.reduce((sum, value) => sum + value * value, 0)
      return { mean, deviation: Math.sqrt(restVariance * length) }
    },
  }
}

export interface MixedSolver {
  /** @param ratios deviation of each term over that of the rest, one a term [1] */
  at: (ratios: readonly number[]) => SolvedModel
  /** The ratios that the rows make likeliest, by restricted maximum likelihood [1]. */
  likeliest: () => readonly number[]
}

const firstStep = 0.5
const lastStep = 1e-6

/**
 * Prepares a linear mixed model with effects of groups that are independent of each other.
 * @throws {CoreError} plots-too-few where rows do not fit together, are too few, or fixed effects
 *   cannot be told apart; group-unknown where an estimate asks for a group that no row has
 * @source Bates et al. 2015, J. Stat. Softw. 67(1), eq. 39 to 42; checked against R's lme4 (P)
 */
export function mixedModel(model: MixedModel): MixedSolver {
  const laid = layOut(model)
  const at = (ratios: readonly number[]) => solveAt(laid, ratios)
  return {
    at,
    likeliest() {
      // A search along each axis with ever smaller steps: few terms, and a smooth hill.
      let best = model.random.map(() => 1)
      let least = at(best).criterion
      for (let step = firstStep; step > lastStep;) {
        const before = least
        for (const term of best.keys()) {
          for (const by of [step, -step]) {
            const tried = best.map((ratio, each) => (each === term ? Math.abs(ratio + by) : ratio))
            const { criterion } = at(tried)
            if (criterion < least) [best, least] = [tried, criterion]
          }
        }
        if (least === before) step /= 2
      }
      return best
    },
  }
}

/** What is thought of a ratio before the rows are seen, up to a factor: half a Cauchy of scale 1. */
const beforehand = (ratio: number): number => 1 / (1 + ratio * ratio)

/** The ratios that are weighed, evenly spaced in their logarithm. */
const ratiosWeighed = [0.05, 0.12, 0.3, 0.7, 1.6, 3.6] as const

function everyRatio(count: number): readonly (readonly number[])[] {
  if (count === 0) return [[]]
  return everyRatio(count - 1).flatMap((others) => ratiosWeighed.map((one) => [...others, one]))
}

/** Estimates over all ratios, each as likely as the rows make it: doubt of the ratios is in them. */
export interface WeighedModel {
  estimate: (contrast: Contrast) => Estimate
  /** Mean variance of the rest, and of the effects of a term. */
  readonly restVariance: number
  varianceOf: (term: string) => number
}

/**
 * Solves a mixed model for a lattice of ratios and weighs the answers: with few groups one best
 * ratio alone would promise too much.
 * @throws {CoreError} as {@link mixedModel}; plots-too-few where Student's t has no variance yet
 * @source variance of the rest integrated out by its reference prior; ratios by a half Cauchy, as
 *   Gelman 2006, Bayesian Analysis 1:515 advises for few groups (P)
 */
export function weighMixedModel(model: MixedModel): WeighedModel {
  const spare = model.y.length - model.fixed.length
  if (spare <= 2) {
    throw new CoreError('plots-too-few', { parameter: 'model', received: String(model.y.length) })
  }
  const solver = mixedModel(model)
  const tried = everyRatio(model.random.length).map((ratios) => {
    const solved = solver.at(ratios)
    // In steps of the logarithm a ratio has its own size as the width of its cell.
    const prior = ratios.reduce((product, ratio) => product * beforehand(ratio) * ratio, 1)
    return { ratios, solved, criterion: solved.criterion - 2 * Math.log(prior) }
  })
  const least = Math.min(...tried.map(({ criterion }) => criterion))
  const raw = tried.map(({ criterion }) => Math.exp((least - criterion) / 2))
  const sum = raw.reduce((a, b) => a + b, 0)
  const weighed = tried
    .map(({ ratios, solved }, index) => ({ ratios, solved, weight: (raw[index] ?? 0) / sum }))
    .filter(({ weight }) => weight > 1e-6)
  const mean = (of: (each: (typeof weighed)[number]) => number) =>
    weighed.reduce((total, each) => total + each.weight * of(each), 0)
  return {
    restVariance: mean(({ solved }) => solved.restVariance),
    varianceOf(name) {
      const term = model.random.findIndex((each) => each.name === name)
      if (term < 0) throw new CoreError('group-unknown', { parameter: 'term', received: name })
      return mean(({ ratios, solved }) => solved.restVariance * (ratios[term] ?? NaN) ** 2)
    },
    estimate(contrast) {
      const each = weighed.map(({ solved, weight }) => ({
        weight,
        // Student's t has tails: its variance is that of the bell times this.
        tails: solved.degreesOfFreedom / (solved.degreesOfFreedom - 2),
        ...solved.estimate(contrast),
      }))
      const middle = each.reduce((total, { weight, mean: one }) => total + weight * one, 0)
      const variance = each.reduce(
        (total, { weight, mean: one, deviation, tails }) =>
          total + weight * (tails * deviation ** 2 + (one - middle) ** 2),
        0,
      )
      return { mean: middle, deviation: Math.sqrt(variance) }
    },
  }
}

import { group } from 'd3-array'
import { CholeskyDecomposition, Matrix, inverse } from 'ml-matrix'
import type { Estimate } from './mixed-model.ts'

/** Something that was seen once, at a point of what it depends on. */
export interface SeenAt {
  /** What belongs together: the stand on which it was seen. */
  readonly group: string
  /** A time of the group in which everything strays alike: a year with its weather. */
  readonly spell: string
  /** How much of each coefficient is in it, one number each. */
  readonly at: readonly number[]
  readonly value: number
  /** One deviation of the value, as far as it is known by how it was measured. */
  readonly deviation: number
  /** How long ago [d]. */
  readonly age: number
  /** How much of it counts, where others near to it say much the same; absent: all of it [1]. */
  readonly counts?: number | undefined
}

/** What is thought of a sum of coefficients before anything was seen, in the unit of the values. */
export interface LinesBefore {
  readonly coefficients: readonly Estimate[]
  /** About how far each coefficient of a group strays from that of all, one deviation. */
  readonly ofGroup: readonly number[]
  /** About how far a spell strays from its group, and a time from its spell. */
  readonly spellScale: number
  readonly timeScale: number
  /** Times of those scales that are tried, each as likely before as the next. */
  readonly tried: readonly number[]
  /** What was seen so long ago counts half as much [d]. */
  readonly halfLife: number
}

/** What was learnt of a sum of coefficients. */
export interface LearntLines {
  /** What it is on the whole at a point, for a group; for one never seen, of any [unit of the values]. */
  readonly whole: (at: readonly number[], group: string) => Estimate
  /** What it will be there in a spell that is to come. */
  readonly next: (at: readonly number[], group: string) => Estimate
}

interface Scales {
  readonly group: number
  readonly spell: number
}

/** The looks of one spell, summed up by how sure they are. */
interface SpellSums {
  readonly precision: Matrix
  readonly weighed: Matrix
  readonly at: Matrix
  readonly weight: number
  readonly value: number
  readonly logWeight: number
}
/** The spells of each group. */
type Summed = ReadonlyMap<string, readonly SpellSums[]>

function sumUp(
  rows: readonly SeenAt[],
  { coefficients, halfLife }: LinesBefore,
  timeVariance: number,
): SpellSums {
  const size = coefficients.length
  const [precision, weighed, sumAt] = [Matrix.zeros(size, size), Matrix.zeros(size, 1), Matrix.zeros(size, 1)] // prettier-ignore
  let [weight, sum, logWeight] = [0, 0, 0]
  for (const { at, value, deviation, age, counts: share = 1 } of rows) {
    // Old times count for less, which is not that they strayed further: else the scales would come out small.
    const counts = share * 2 ** (-Math.max(0, age) / halfLife)
    const variance = deviation ** 2 + timeVariance
    const column = Matrix.columnVector([...at])
    // What was thought of all is taken off first.
    const off = coefficients.reduce((left, { mean }, index) => left - mean * (at[index] ?? 0), value) // prettier-ignore
    const own = counts / variance
    precision.add(column.mmul(column.transpose()).mul(own))
    weighed.add(Matrix.mul(column, off * own))
    sumAt.add(Matrix.mul(column, own))
    weight += own
    sum += off * own
    logWeight -= (off * off * own + counts * Math.log(variance)) / 2
  }
  return { precision, weighed, at: sumAt, weight, value: sum, logWeight }
}

/** What the looks of a group say of its coefficients, how its spells stray taken out. */
function tellOf(spells: readonly SpellSums[], size: number, spellVariance: number) {
  const [precision, weighed] = [Matrix.zeros(size, size), Matrix.zeros(size, 1)]
  let logWeight = 0
  for (const spell of spells) {
    const shared = spellVariance / (1 + spellVariance * spell.weight)
    precision.add(spell.precision).sub(spell.at.mmul(spell.at.transpose()).mul(shared))
    weighed.add(spell.weighed).sub(Matrix.mul(spell.at, shared * spell.value))
    logWeight += spell.logWeight + (shared * spell.value ** 2) / 2
    logWeight -= Math.log(1 + spellVariance * spell.weight) / 2
  }
  return { precision, weighed, logWeight }
}

/** What is thought of the coefficients of a group, as plain numbers: it is asked of many points. */
interface Line {
  readonly mean: readonly number[]
  readonly covariance: readonly (readonly number[])[]
}
const lineOf = (mean: Matrix, covariance: Matrix): Line => ({
  mean: mean.to1DArray(),
  covariance: covariance.to2DArray(),
})

interface Solved {
  readonly logWeight: number
  readonly others: Line
  readonly groups: ReadonlyMap<string, Line>
  /** By which a spell, and a time in it, strays. */
  readonly strays: number
}

/** Rounding leaves a product somewhat uneven about its diagonal. */
const evened = (matrix: Matrix): Matrix => Matrix.add(matrix, matrix.transpose()).div(2)

function logDeterminant(matrix: Matrix): number {
  const { lowerTriangularMatrix } = new CholeskyDecomposition(evened(matrix))
  return 2 * lowerTriangularMatrix.diagonal().reduce((sum, each) => sum + Math.log(each), 0)
}

const product = (one: Matrix, other: Matrix): number => one.transpose().mmul(other).get(0, 0)

const dot = (one: readonly number[], other: readonly number[]): number =>
  one.reduce((sum, each, at) => sum + each * (other[at] ?? 0), 0)

/** Everything solved where all scales are given. */
function solve(summed: Summed, before: LinesBefore, scales: Scales): Omit<Solved, 'strays'> {
  const size = before.coefficients.length
  const groupVariance = before.ofGroup.map((each) => (scales.group * each) ** 2)
  const groupPrecision = Matrix.diag(groupVariance.map((each) => 1 / each))
  const precision = Matrix.diag(before.coefficients.map(({ deviation }) => 1 / deviation ** 2))
  const weighed = Matrix.zeros(size, 1)
  let logWeight = logDeterminant(precision) / 2
  const told = [...summed].map(([name, spells]) => {
    const own = tellOf(spells, size, (scales.spell * before.spellScale) ** 2)
    const inner = Matrix.add(groupPrecision, own.precision)
    const spread = inverse(inner)
    const pulled = Matrix.sub(Matrix.eye(size), spread.mmul(own.precision))
    precision.add(own.precision.mmul(pulled))
    weighed.add(Matrix.sub(own.weighed, own.precision.mmul(spread).mmul(own.weighed)))
    logWeight += own.logWeight + product(own.weighed, spread.mmul(own.weighed)) / 2
    logWeight -= (logDeterminant(inner) - logDeterminant(groupPrecision)) / 2
    return { name, spread, pulled, weighed: own.weighed }
  })
  const covariance = inverse(precision)
  const middle = covariance.mmul(weighed)
  logWeight += (product(weighed, middle) - logDeterminant(precision)) / 2
  const start = Matrix.columnVector(before.coefficients.map(({ mean }) => mean))
  const lines = told.map(({ name, spread, pulled, weighed: own }) => {
    const mean = Matrix.add(spread.mmul(own), pulled.mmul(middle)).add(start)
    const strayed = pulled.mmul(covariance).mmul(pulled.transpose())
    return [name, lineOf(mean, Matrix.add(spread, strayed))] as const
  })
  return {
    logWeight,
    others: lineOf(Matrix.add(middle, start), Matrix.add(covariance, Matrix.diag(groupVariance))),
    groups: new Map(lines),
  }
}

function spellsOf(seen: readonly SeenAt[]): ReadonlyMap<string, readonly (readonly SeenAt[])[]> {
  return new Map(
    [...group(seen, (each) => each.group)].map(([name, own]) => [
      name,
      [...group(own, ({ spell }) => spell).values()],
    ]),
  )
}

/** Every way the scales may be, each solved. */
function solveAll(seen: readonly SeenAt[], before: LinesBefore): readonly Solved[] {
  const byGroup = spellsOf(seen)
  const { tried, spellScale, timeScale } = before
  return tried.flatMap((time) => {
    const timeVariance = (time * timeScale) ** 2
    const summed: Summed = new Map(
      [...byGroup].map(([name, spells]) => [
        name,
        spells.map((rows) => sumUp(rows, before, timeVariance)),
      ]),
    )
    return tried.flatMap((ofGroup) =>
      tried.map((spell): Solved => ({
        ...solve(summed, before, { group: ofGroup, spell }),
        strays: (spell * spellScale) ** 2 + timeVariance,
      })),
    )
  })
}

/**
 * Learns a figure that runs with something else (the day of the year) as a sum of coefficients: a bell for
 * each of those of all groups, one for how groups stray, one for spells of a group, one for single times. How
 * wide the last three are is weighed over some times of what is thought. Old times count less and less.
 * @param seen, before [unit of the values]
 * @returns [unit of the values]
 * @source a hierarchical linear model, Gelman et al., Bayesian Data Analysis, ch. 15 (P)
 */
export function learnLines(seen: readonly SeenAt[], before: LinesBefore): LearntLines {
  const all = solveAll(seen, before)
  const most = Math.max(...all.map(({ logWeight }) => logWeight))
  const raw = all.map(({ logWeight }) => Math.exp(logWeight - most))
  const sum = raw.reduce((total, each) => total + each, 0)
  const estimate = (at: readonly number[], name: string, isNext: boolean): Estimate => {
    const each = all.map(({ groups, others, strays }, index) => {
      const { mean, covariance } = groups.get(name) ?? others
      const own = covariance.map((row) => dot(row, at))
      const variance = dot(own, at) + (isNext ? strays : 0)
      return { weight: (raw[index] ?? 0) / sum, mean: dot(mean, at), variance }
    })
    const mean = each.reduce((total, one) => total + one.weight * one.mean, 0)
    const variance = each.reduce(
      (total, one) => total + one.weight * (one.variance + (one.mean - mean) ** 2),
      0,
    )
    return { mean, deviation: Math.sqrt(variance) }
  }
  return {
    whole: (at, name) => estimate(at, name, false),
    next: (at, name) => estimate(at, name, true),
  }
}

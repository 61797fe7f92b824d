import fCdf from '@stdlib/stats-base-dists-f-cdf'
import { CoreError } from '../error/index.ts'

/** One plot, or one plot on one date: what was measured, and the level of each factor. */
export interface Observation {
  readonly y: number
  readonly levels: Readonly<Record<string, string>>
}

/** A term of the model: the factors whose levels together make its groups. */
export interface Term {
  readonly name: string
  readonly factors: readonly string[]
  /** Blocks and error strata are no questions; treatments are. */
  readonly role: 'block' | 'treatment' | 'error'
}

export interface AnovaRow {
  readonly name: string
  readonly role: Term['role'] | 'residual'
  readonly sumOfSquares: number
  readonly degreesOfFreedom: number
  readonly meanSquare: number
  /** The error it is held against, and what comes of it; only for treatments and blocks. */
  readonly against?: string | undefined
  readonly f?: number | undefined
  readonly p?: number | undefined
}

const residualName = 'residual'

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0
  for (let index = 0; index < a.length; index++) sum += (a[index] ?? 0) * (b[index] ?? 0)
  return sum
}

/** Takes out of a vector what already lies along others, twice, since once leaves rounding. */
function cleared(vector: Float64Array, basis: readonly Float64Array[]): Float64Array {
  const left = Float64Array.from(vector)
  for (let round = 0; round < 2; round++) {
    for (const each of basis) {
      const share = dot(left, each)
      for (let index = 0; index < left.length; index++) {
        left[index] = (left[index] ?? 0) - share * (each[index] ?? 0)
      }
    }
  }
  return left
}

const groupOf = ({ levels }: Observation, factors: readonly string[]): string =>
  JSON.stringify(factors.map((factor) => levels[factor] ?? ''))

/** Directions in which a term moves the values, beyond those of the terms before it. */
function directionsOf(
  rows: readonly Observation[],
  { factors }: Term,
  before: readonly Float64Array[],
): Float64Array[] {
  const fresh: Float64Array[] = []
  const groups = new Set(rows.map((row) => groupOf(row, factors)))
  for (const group of groups) {
    const marks = Float64Array.from(rows, (row) => (groupOf(row, factors) === group ? 1 : 0))
    const length = Math.sqrt(dot(marks, marks))
    const left = cleared(marks, [...before, ...fresh])
    const rest = Math.sqrt(dot(left, left))
    // What is left of a group that the others make up between them is rounding.
    if (rest > 1e-8 * length) fresh.push(left.map((each) => each / rest))
  }
  return fresh
}

function requireData(rows: readonly Observation[]): void {
  const bad = rows.find(({ y }) => !Number.isFinite(y))
  if (rows.length >= 2 && !bad) return
  throw new CoreError('plots-too-few', {
    parameter: 'rows',
    received: bad ? String(bad.y) : String(rows.length),
  })
}

/** The error that a term is held against: the first stratum whose groups hold those of the term. */
function strataOf(terms: readonly Term[], term: Term): string {
  const own = terms.find(
    ({ role, factors }) => role === 'error' && term.factors.every((each) => factors.includes(each)),
  )
  return own?.name ?? residualName
}

/**
 * Analysis of variance by terms in the order given, each for what those before it leave over; with
 * as many plots everywhere the order does not matter. Error terms split the ground: treatments laid
 * on whole plots are held against these.
 * @throws {CoreError} out-of-range for fewer than two plots or values that are no numbers
 * @source sequential sums of squares by projection; checked against NIST StRD and Yates 1935
 */
export function analyseVariance(
  rows: readonly Observation[],
  terms: readonly Term[],
): readonly AnovaRow[] {
  requireData(rows)
  const mean = rows.reduce((sum, { y }) => sum + y, 0) / rows.length
  const centred = Float64Array.from(rows, ({ y }) => y - mean)
  const ones = new Float64Array(rows.length).fill(1 / Math.sqrt(rows.length))
  // The mean as it was summed is rounded: what is left of it goes here.
  const values = cleared(centred, [ones])
  const basis: Float64Array[] = [ones]
  const sums = terms.map((term) => {
    const fresh = directionsOf(rows, term, basis)
    basis.push(...fresh)
    const sumOfSquares = fresh.reduce((sum, each) => sum + dot(values, each) ** 2, 0)
    return { ...term, sumOfSquares, degreesOfFreedom: fresh.length }
  })
  const left = cleared(values, basis)
  const residual = {
    name: residualName,
    role: 'residual' as const,
    factors: [],
    sumOfSquares: dot(left, left),
    degreesOfFreedom: rows.length - basis.length,
  }
  const squares = [...sums, residual].map(({ name, role, sumOfSquares, degreesOfFreedom }) => ({
    name,
    role,
    sumOfSquares,
    degreesOfFreedom,
    meanSquare: degreesOfFreedom > 0 ? sumOfSquares / degreesOfFreedom : NaN,
  }))
  return squares.map((row, index) => {
    const term = terms[index]
    if (!term || row.role === 'error' || row.role === 'residual') return row
    const against = strataOf(terms, term)
    const error = squares.find(({ name }) => name === against)
    if (!error || !(error.degreesOfFreedom > 0) || row.degreesOfFreedom === 0) return row
    const f = row.meanSquare / error.meanSquare
    const p = 1 - fCdf(f, row.degreesOfFreedom, error.degreesOfFreedom)
    return { ...row, against, f, p }
  })
}

/** The row of an analysis by its name. */
export function rowOf(table: readonly AnovaRow[], name: string): AnovaRow | undefined {
  return table.find((row) => row.name === name)
}

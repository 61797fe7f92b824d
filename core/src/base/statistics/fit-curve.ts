import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { CholeskyDecomposition, Matrix, QrDecomposition } from 'ml-matrix'
import { CoreError } from '../error/index.ts'

export interface CurveToFit {
  /** What the curve says at x with given parameters. */
  readonly model: (parameters: readonly number[], x: number) => number
  readonly x: readonly number[]
  readonly y: readonly number[]
  /** One deviation of each y; absent: all alike and unknown. */
  readonly doubts?: readonly number[] | undefined
  /** Where to begin, one value a parameter. */
  readonly start: readonly number[]
  /** What is known of the parameters before looking: each one bends the fit towards its mean. */
  readonly prior?: readonly { readonly mean: number; readonly deviation: number }[] | undefined
}

export interface CurveFit {
  readonly parameters: readonly number[]
  /** Standard deviation of each parameter. */
  readonly deviations: readonly number[]
  /** Covariance of the parameters, rows of columns. */
  readonly covariance: readonly (readonly number[])[]
  /** Sum of squared residuals of the data alone, in units of the doubts where these are given. */
  readonly residualSum: number
  readonly residualDeviation: number
  readonly degreesOfFreedom: number
  readonly hasConverged: boolean
}

const mostRounds = 400
/** Cube root of the spacing of doubles: the step at which central differences err least. */
const stepShare = Math.cbrt(Number.EPSILON)

type Residuals = (parameters: readonly number[]) => number[]

function residualsOf({ model, x, y, doubts, prior }: CurveToFit): Residuals {
  return (parameters) => [
    ...y.map(
      (value, index) => (value - model(parameters, x[index] ?? NaN)) / (doubts?.[index] ?? 1),
    ),
    ...(prior ?? []).map(
      ({ mean, deviation }, index) => (mean - (parameters[index] ?? NaN)) / deviation,
    ),
  ]
}

/** Change of every residual with every parameter, by central differences. */
function slopesOf(residuals: Residuals, at: readonly number[]): Matrix {
  const columns = at.map((value, index) => {
    const step = stepShare * (Math.abs(value) || 1)
    const [up, down] = [value + step, value - step].map((moved) =>
      residuals(at.map((each, other) => (other === index ? moved : each))),
    )
    return (up ?? []).map((each, row) => (each - (down?.[row] ?? NaN)) / (2 * step))
  })
  return new Matrix(columns).transpose()
}

const sumOfSquares = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value * value, 0)

/** The step of Levenberg and Marquardt: least squares, held back in the scale of each parameter. */
function dampedStep(slopes: Matrix, residuals: readonly number[], damping: number): number[] {
  const scales = Array.from({ length: slopes.columns }, (_, column) =>
    Math.sqrt(damping * (sumOfSquares(slopes.getColumn(column)) || 1)),
  )
  const rows = [...slopes.to2DArray(), ...Matrix.diag(scales).to2DArray()]
  const aims = [...residuals.map((each) => -each), ...scales.map(() => 0)]
  return new QrDecomposition(new Matrix(rows)).solve(Matrix.columnVector(aims)).to1DArray()
}

interface Descent {
  readonly parameters: readonly number[]
  readonly hasConverged: boolean
}

/** Walks down to where no step makes the squares less. */
function descend(residuals: Residuals, start: readonly number[]): Descent {
  let parameters = start
  let now = residuals(parameters)
  let damping = 1e-3
  for (let round = 0; round < mostRounds; round++) {
    const step = dampedStep(slopesOf(residuals, parameters), now, damping)
    const moved = parameters.map((value, index) => value + (step[index] ?? 0))
    const then = residuals(moved)
    const isSmall = step.every(
      (each, index) => Math.abs(each) <= 1e-12 * (Math.abs(parameters[index] ?? 0) + 1e-12),
    )
    if (sumOfSquares(then) < sumOfSquares(now)) {
      parameters = moved
      now = then
      damping = Math.max(damping / 10, 1e-15)
    } else {
      damping *= 10
    }
    if (isSmall || damping > 1e12) return { parameters, hasConverged: true }
  }
  return { parameters, hasConverged: false }
}

/**
 * Fits a curve by least squares (Levenberg and Marquardt), with the deviations that belong to it.
 * @throws {CoreError} out-of-range where there are fewer values than parameters that nothing is known of
 * @source Marquardt 1963, J. SIAM 11:431 (M); checked against NIST StRD
 */
export function fitCurve(curve: CurveToFit): CurveFit {
  const known = curve.prior?.length ?? 0
  const free = curve.y.length + known - curve.start.length
  if (free < 0 || curve.x.length !== curve.y.length) {
    throw new CoreError('points-too-few', {
      parameter: 'y',
      values: { least: curve.start.length - known },
      received: String(curve.y.length),
    })
  }
  const residuals = residualsOf(curve)
  const { parameters, hasConverged } = descend(residuals, curve.start)
  const left = residuals(parameters)
  const residualSum = sumOfSquares(left.slice(0, curve.y.length))
  const residualDeviation = free > 0 ? Math.sqrt(sumOfSquares(left) / free) : 0
  const slopes = slopesOf(residuals, parameters)
  const spread = curve.doubts ? 1 : residualDeviation ** 2
  const covariance = new CholeskyDecomposition(slopes.transpose().mmul(slopes))
    .solve(Matrix.eye(parameters.length))
    .mul(spread)
    .to2DArray()
  return {
    parameters,
    deviations: covariance.map((row, index) => Math.sqrt(row[index] ?? NaN)),
    covariance,
    residualSum,
    residualDeviation,
    degreesOfFreedom: free,
    hasConverged,
  }
}

/**
 * Deviation of the fitted curve at x, from that of its parameters: first order in their errors.
 * @param x [unit of the points' x]
 * @returns one standard deviation [unit of the points' y]
 * @source propagation of errors by the gradient
 */
export function curveDeviation(
  { parameters, covariance }: Pick<CurveFit, 'parameters' | 'covariance'>,
  model: CurveToFit['model'],
  x: number,
): number {
  const slopes = slopesOf((at) => [model(at, x)], parameters).getRow(0)
  const variance = slopes.reduce(
    (sum, slope, row) =>
      sum +
      slopes.reduce(
        (part, other, column) => part + slope * other * (covariance[row]?.[column] ?? 0),
        0,
      ),
    0,
  )
  return Math.sqrt(Math.max(0, variance))
}

/**
 * How many deviations to both sides hold a share of the chances, by Student's t.
 * @param share above 0 and below 1 [1]
 * @param degreesOfFreedom 1 or more [1]
 * @returns deviations [1]
 */
export const deviationsFor = (share: number, degreesOfFreedom: number): number =>
  tQuantile(1 - (1 - share) / 2, degreesOfFreedom)

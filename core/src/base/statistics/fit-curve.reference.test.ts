import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { describe, expect, it } from 'vitest'
import { curveDeviation, deviationsFor, fitCurve } from './index.ts'

/** Data and certified values: NIST Statistical Reference Datasets, nonlinear regression (P). */
const misra1a = {
  model: ([b1 = 0, b2 = 0]: readonly number[], x: number) => b1 * (1 - Math.exp(-b2 * x)),
  y: [10.07, 14.73, 17.94, 23.93, 29.61, 35.18, 40.02, 44.82, 50.76, 55.05, 61.01, 66.4, 75.47, 81.78], // prettier-ignore
  x: [77.6, 114.9, 141.1, 190.8, 239.9, 289, 332.8, 378.4, 434.8, 477.3, 536.8, 593.1, 689.1, 760],
  starts: [
    [500, 0.0001],
    [250, 0.0005],
  ],
  parameters: [2.3894212918e2, 5.5015643181e-4],
  deviations: [2.7070075241, 7.2668688436e-6],
  residualSum: 1.2455138894e-1,
  residualDeviation: 1.018787633e-1,
}
const rat42 = {
  model: ([b1 = 0, b2 = 0, b3 = 0]: readonly number[], x: number) =>
    b1 / (1 + Math.exp(b2 - b3 * x)),
  y: [8.93, 10.8, 18.59, 22.33, 39.35, 56.11, 61.73, 64.62, 67.08],
  x: [9, 14, 21, 28, 42, 57, 63, 70, 79],
  starts: [
    [100, 1, 0.1],
    [75, 2.5, 0.07],
  ],
  parameters: [7.2462237576e1, 2.6180768402, 6.7359200066e-2],
  deviations: [1.7340283401, 8.8295217536e-2, 3.4465663377e-3],
  residualSum: 8.0565229338,
  residualDeviation: 1.1587725499,
}

const digits = (got: number, certified: number) =>
  -Math.log10(Math.abs(got - certified) / Math.abs(certified) || 1e-16)

describe.each([
  ['Misra1a', misra1a],
  ['Rat42', rat42],
])('NIST %s', (_, set) => {
  it.each(set.starts)('comes out to six digits from %d, …', (...start) => {
    const fit = fitCurve({ ...set, start })
    expect(fit.hasConverged).toBe(true)
    set.parameters.forEach((value, index) =>
      expect(digits(fit.parameters[index] ?? NaN, value)).toBeGreaterThan(6),
    )
    set.deviations.forEach((value, index) =>
      expect(digits(fit.deviations[index] ?? NaN, value)).toBeGreaterThan(6),
    )
    expect(digits(fit.residualSum, set.residualSum)).toBeGreaterThan(6)
    expect(digits(fit.residualDeviation, set.residualDeviation)).toBeGreaterThan(6)
    expect(fit.degreesOfFreedom).toBe(set.y.length - start.length)
  })

  it('agrees with a reference library', () => {
    const { parameterValues } = levenbergMarquardt(
      { x: [...set.x], y: [...set.y] },
      (parameters: number[]) => (x: number) => set.model(parameters, x),
      {
        initialValues: [...(set.starts[1] ?? [])],
        damping: 1.5,
        gradientDifference: 1e-6,
        centralDifference: true,
        maxIterations: 500,
        errorTolerance: 0,
      },
    )
    const { parameters } = fitCurve({ ...set, start: set.starts[1] ?? [] })
    parameters.forEach((value, index) =>
      expect(digits(parameterValues[index] ?? NaN, value)).toBeGreaterThan(4),
    )
  })
})

describe('the doubt of a fitted curve', () => {
  const line = ([a = 0, b = 0]: readonly number[], x: number) => a + b * x
  const x = [0, 1, 2, 3, 4]
  const y = [1.1, 2.9, 5.2, 6.8, 9.1]

  it('of a straight line is that of the textbook: s √(1/n + (x − x̄)²/Sxx)', () => {
    const fit = fitCurve({ model: line, x, y, start: [0, 1] })
    for (const at of [0, 2, 7]) {
      const expected = fit.residualDeviation * Math.sqrt(1 / 5 + (at - 2) ** 2 / 10)
      expect(curveDeviation(fit, line, at)).toBeCloseTo(expected, 7)
    }
  })

  it('with doubts given rests on these, not on the scatter', () => {
    const fit = fitCurve({ model: line, x, y, doubts: x.map(() => 0.5), start: [0, 1] })
    expect(fit.deviations[1]).toBeCloseTo(0.5 / Math.sqrt(10), 7)
  })

  it('is bent by what was known before, as two weighings of one thing are', () => {
    const [parameter] = fitCurve({
      model: ([a = 0]) => a,
      x: [0],
      y: [4],
      doubts: [1],
      start: [0],
      prior: [{ mean: 1, deviation: 0.5 }],
    }).parameters
    expect(parameter).toBeCloseTo((4 / 1 + 1 / 0.25) / (1 / 1 + 1 / 0.25), 9)
  })

  it('holds 95 of 100 within 2.228 deviations at 10 degrees of freedom (t table)', () => {
    expect(deviationsFor(0.95, 10)).toBeCloseTo(2.228, 3)
  })

  it('is refused with fewer values than parameters, with what to bring', () => {
    expect(() => fitCurve({ model: line, x: [1], y: [1], start: [0, 1] })).toThrow(
      'at least 2 values',
    )
  })
})

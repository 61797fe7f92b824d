import { describe, expect, it } from 'vitest'
import { quantityOf, valueIn } from '../../base/quantity/index.ts'
import {
  boomRate,
  checkNozzles,
  flowAtPressure,
  flowForRate,
  nozzleFlow,
  rateFromCatch,
  speedForRate,
  speedOfRun,
  testAreaM2,
  testRunM,
} from './index.ts'

const metric = (value: number, unit: string, to: string) => valueIn(quantityOf(value, unit), to)
const within = (value: number, wanted: number, tolerance: number) =>
  expect(Math.abs(value - wanted)).toBeLessThanOrEqual(tolerance)
/** A boom in the units of US bulletins. */
const run = (mph: number, inches: number) => ({
  speedKmPerH: metric(mph, 'mph', 'km/h'),
  spacingM: metric(inches, 'in', 'm'),
})
const gpa = (gpm: number, mph: number, inches: number) =>
  metric(
    boomRate({ ...run(mph, inches), flowLPerMin: metric(gpm, 'gpm', 'L/min') }),
    'L/ha',
    'gal/acre',
  )

// Worked examples and tables of US extension bulletins on sprayer calibration, recalled and not
// re-read (M), to half of the last digit printed. They use 5940, itself rounded from 5940.3.
describe('boom formula of extension bulletins: GPA = 5940 × GPM ÷ (mph × in)', () => {
  it.each([
    [0.2, 4, 20, 14.85, 0.005],
    [0.4, 6, 20, 19.8, 0.05],
    [0.3, 5, 20, 17.8, 0.05],
    [0.5, 5, 30, 19.8, 0.05],
    [0.4, 8, 20, 14.85, 0.005],
  ])('%d gpm, %d mph, %d in', (flow, mph, inches, printed, tolerance) => {
    within(gpa(flow, mph, inches), printed, tolerance)
  })

  it.each([
    [20, 6, 20, 0.4],
    [15, 8, 30, 0.61],
    [10, 10, 20, 0.34],
    [40, 3, 20, 0.4],
  ])('turned round: %d GPA at %d mph and %d in wants a nozzle of', (wanted, mph, inches, gpm) => {
    const flow = flowForRate(run(mph, inches), metric(wanted, 'gal/acre', 'L/ha'))
    within(metric(flow, 'L/min', 'gpm'), gpm, 0.0051)
  })

  it('in metric bulletins: 0.8 L/min, 6 km/h, 0.5 m is 160 L/ha', () => {
    within(boomRate({ flowLPerMin: 0.8, speedKmPerH: 6, spacingM: 0.5 }), 160, 1e-9)
    within(speedForRate({ flowLPerMin: 0.8, spacingM: 0.5 }, 160), 6, 1e-9)
  })
})

describe('pressure (flow goes with its square root)', () => {
  it('40 to 60 psi is × 1.2247; four times the pressure doubles the flow', () => {
    within(flowAtPressure(1, metric(40, 'psi', 'bar'), metric(60, 'psi', 'bar')), 1.2247, 0.00005)
    within(flowAtPressure(1, 1, 4), 2, 1e-12)
  })

  it.each([
    ['01', 0.1, 0.39],
    ['015', 0.15, 0.59],
    ['02', 0.2, 0.79],
    ['03', 0.3, 1.18],
    ['04', 0.4, 1.58],
    ['05', 0.5, 1.97],
    ['06', 0.6, 2.37],
    ['08', 0.8, 3.16],
  ])('ISO 10625 size %s is %d gpm at 40 psi and %d L/min at 3 bar', (size, gpm, litres) => {
    within(metric(nozzleFlow(size, metric(40, 'psi', 'bar')), 'L/min', 'gpm'), gpm, 1e-9)
    within(nozzleFlow(size, 3), litres, 0.0051)
  })
})

describe('the 1/128-acre method', () => {
  it('is done on 340 ft², a square of 18.5 ft', () => {
    within(metric(testAreaM2, 'm2', 'ft2'), 340, 0.5)
    within(Math.sqrt(metric(testAreaM2, 'm2', 'ft2')), 18.5, 0.06)
  })

  it.each([
    [40, 102],
    [36, 113],
    [30, 136],
    [24, 170],
    [20, 204],
    [18, 227],
    [15, 272],
  ])('nozzles %d in apart: a run of %d ft', (inches, feet) => {
    within(metric(testRunM(metric(inches, 'in', 'm')), 'm', 'ft'), feet, 0.51)
  })

  it('ounces caught are gallons an acre', () => {
    const caught = metric(23, 'fl oz', 'L')
    within(metric(rateFromCatch(caught, testAreaM2), 'L/m2', 'gal/acre'), 23, 1e-9)
  })
})

describe('ground speed tables: seconds for a run', () => {
  it.each([
    [100, 3, 23],
    [100, 4, 17],
    [200, 3, 45],
    [200, 4, 34],
    [200, 5, 27],
    [200, 6, 23],
    [300, 5, 41],
    [300, 6, 34],
  ])('%d ft at %d mph take %d s', (feet, mph, seconds) => {
    const speed = metric(speedOfRun(metric(feet, 'ft', 'm'), seconds), 'km/h', 'mph')
    // Tables print whole seconds.
    within(speed / mph, 1, 0.6 / seconds)
  })
})

describe('a backpack over 1000 ft² (lawn sprayer bulletins)', () => {
  it('1 gal caught for the time of 1000 ft² is 43.56 gal/acre', () => {
    const rate = rateFromCatch(metric(1, 'gal', 'L'), metric(1000, 'ft2', 'm2'))
    within(metric(rate, 'L/m2', 'gal/acre'), 43.56, 1e-9)
  })
})

describe('nozzle check (common practice: over 10 % off the mean)', () => {
  it('flags the worn and the clogged one, and lets 10 % itself pass', () => {
    const { meanL, nozzles } = checkNozzles([1, 1, 1, 1.2, 0.8, 1])
    within(meanL, 1, 1e-12)
    expect(nozzles.map(({ isOff }) => isOff)).toEqual([false, false, false, true, true, false])
    expect(checkNozzles([1.1, 0.9]).nozzles.some(({ isOff }) => isOff)).toBe(false)
  })
})

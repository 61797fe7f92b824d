import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  areaOfTank,
  boomDerivation,
  boomRate,
  checkNozzles,
  checkSetup,
  deliveryOf,
  dropClassOf,
  dropsOf,
  flowForRate,
  leafRetentionAt,
  pressureForFlow,
  nozzleFlow,
  rateFromCatch,
  speedForRate,
  type SprayerSetup,
} from './index.ts'

const boom: SprayerSetup = {
  kind: 'boom',
  tankL: 400,
  nozzleKind: 'flat-fan',
  nozzleSize: '03',
  nozzleCount: 12,
  spacingM: 0.5,
  pressureBar: 3,
  speedKmPerH: 6,
}

describe('a sprayer', () => {
  it('that is a boom says what it puts out before anybody measured, and then what was measured', () => {
    const calculated = deliveryOf(boom, undefined)
    expect(calculated?.from).toBe('calculated')
    expect(Math.abs((calculated?.rateLPerM2 ?? 0) * 1e4 - 236.9)).toBeLessThan(0.1)
    const calibration = { measuredOn: '2026-05-01', rateLPerM2: 0.025, how: '1/128 acre' }
    const measured = deliveryOf(boom, calibration)
    expect(measured).toEqual({ rateLPerM2: 0.025, from: 'measured' })
    expect(measured && areaOfTank(boom, measured)).toBe(16000)
  })

  it('on a back has to be measured', () => {
    expect(deliveryOf({ kind: 'backpack', tankL: 15 }, undefined)).toBeUndefined()
    expect(dropsOf({ kind: 'backpack', tankL: 15 })).toBeUndefined()
  })

  it.each([
    [{ ...boom, speedKmPerH: 0 }, /speed: expected a number from 0.3 to 40 km\/h/],
    [{ ...boom, tankL: 0 }, /tank: expected/],
    [{ ...boom, nozzleSize: '99' }, /nozzle: expected a size of 01/],
    [{ ...boom, pressureBar: -1 }, /pressure: expected/],
    [{ ...boom, spacingM: 0 }, /spacing: expected/],
    [{ kind: 'injector', tankL: 20, ratio: 0 }, /ratio: expected/],
  ] as const)('is refused as %j', (setup, reason) => {
    expect(() => checkSetup(setup as SprayerSetup)).toThrow(reason)
  })

  it('finds the pressure for a flow and back', () => {
    expect(pressureForFlow('03', nozzleFlow('03', 4.2))).toBeCloseTo(4.2, 9)
  })
})

describe('bad measuring', () => {
  it.each([
    [() => rateFromCatch(0, 90), /caught: expected/],
    [() => rateFromCatch(2, -5), /area: expected/],
    [() => checkNozzles([1]), /at least two nozzles/],
    [() => checkNozzles([1, Number.NaN]), /nozzle 2: expected/],
    [() => boomRate({ flowLPerMin: 1, speedKmPerH: 0, spacingM: 0.5 }), /speed: expected/],
  ])('is refused (%#)', (act, reason) => expect(act).toThrow(reason))
})

describe('drops and water', () => {
  it('are finer under pressure and from small nozzles, coarser from air induction', () => {
    expect(dropClassOf('flat-fan', '02', 3).id).toBe('medium')
    expect(dropClassOf('flat-fan', '01', 4).id).toBe('fine')
    expect(dropClassOf('flat-fan', '08', 2).id).toBe('very-coarse')
    expect(dropClassOf('air-induction', '03', 3).id).toBe('very-coarse')
    expect(dropClassOf('hollow-cone', '01', 8).id).toBe('very-fine')
  })

  it('1 oz in 1 gal/1000 ft² does what three do in 4 gal (common practice)', () => {
    const gallonPer1000 = 0.0407458
    const ratio = leafRetentionAt(gallonPer1000).usual / leafRetentionAt(4 * gallonPer1000).usual
    expect(Math.abs(ratio - 3)).toBeLessThan(0.05)
  })

  it('stay on the leaf wholly below what it holds', () => {
    const retention = leafRetentionAt(0.02)
    expect(retention.low).toBe(retention.high)
    const wet = leafRetentionAt(0.2)
    expect(wet.low).toBeLessThan(wet.usual)
    expect(wet.usual).toBeLessThan(wet.high)
  })
})

describe('a boom', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
  it('gives back speed, flow and pressure from the rate that they made', () => {
    fc.assert(
      fc.property(
        number(1, 6),
        number(2, 15),
        number(0.25, 1),
        (pressureBar, speedKmPerH, spacingM) => {
          const flowLPerMin = nozzleFlow('04', pressureBar)
          const rate = boomRate({ flowLPerMin, speedKmPerH, spacingM })
          fc.pre(rate > 5 && rate < 3000)
          const near = (value: number, wanted: number) =>
            expect(Math.abs(value / wanted - 1)).toBeLessThan(1e-9)
          near(speedForRate({ flowLPerMin, spacingM }, rate), speedKmPerH)
          near(flowForRate({ speedKmPerH, spacingM }, rate), flowLPerMin)
          near(pressureForFlow('04', flowLPerMin), pressureBar)
        },
      ),
    )
  })

  it('opens to how its rate was got', () => {
    const { formula, result, inputs } = boomDerivation({
      flowLPerMin: 0.8,
      speedKmPerH: 6,
      spacingM: 0.5,
    })
    expect(formula).toContain('600')
    expect(result).toBe('160 L/ha')
    expect(inputs.map(({ value }) => value)).toEqual(['0.80 L/min', '6.0 km/h', '0.50 m'])
  })

  it('never holds more on the leaf with more water or coarser drops', () => {
    fc.assert(
      fc.property(number(0.005, 0.3), number(1.01, 4), (water, times) => {
        const [less, more] = [leafRetentionAt(water), leafRetentionAt(water * times)]
        expect(more.usual).toBeLessThanOrEqual(less.usual + 1e-12)
        const coarse = leafRetentionAt(water, dropClassOf('air-induction', '08', 1))
        expect(coarse.usual).toBeLessThan(less.usual)
        // What lands on the ground grows, but what stays never shrinks.
        expect(more.usual * times).toBeGreaterThanOrEqual(less.usual - 1e-12)
      }),
    )
  })
})

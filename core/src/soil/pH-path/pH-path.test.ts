import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { acidities } from '../../material/source/index.ts'
import { addDays } from '../../base/calendar/index.ts'
import { climateNames, soilClimates, type SoilClimate } from '../climate/index.ts'
import { randomLcg, randomNormal } from 'd3-random'
import { normalised, pHQuantiles, weightedQuantiles } from './quantiles.ts'
import {
  normalCount,
  foretell,
  foretellAtOnce,
  parametersOf,
  preparePath,
  runPath,
  type PathApplication,
  type PathLedger,
  type PathSetup,
  type PreparedPath,
} from './index.ts'

const startsOn = '2026-05-01'
const noLime = { low: 0, usual: 0, high: 0 }
const plain: PathSetup = {
  ground: { fromPH: 6.5, pHDoubt: 0, bufferMmol: 30, bufferDoubt: 0, lime: noLime, depthM: 0.18, densityKgPerL: 1.33 }, // prettier-ignore
  applications: [],
  startsOn,
  days: 365,
  climate: soilClimates.temperate,
}
const sulfur = (day: string, kgPerM2: number, isTilled = true): PathApplication => ({
  day,
  sourceId: 'sulfur-granules',
  kgPerM2,
  isTilled,
})

/** One draw, by default the middle of all, with its whole course. */
function run(setup: PathSetup, normals = new Float64Array(normalCount), prepared?: PreparedPath) {
  const points = Math.ceil(setup.days / 7)
  const path = new Float32Array(points)
  const top = new Float32Array(points)
  const laid = prepared ?? preparePath(setup)
  const draw = parametersOf(setup.ground, laid.isWatered, normals, 0)
  const ledger = runPath(laid, draw, { path, top, offset: 0 })
  return { path, top, ledger, draw, end: path.at(-1) ?? NaN }
}

const imbalance = (ledger: PathLedger) => {
  const { given, waiting, waterBase, drifted, leached } = ledger
  const before = ledger.chargeBefore + ledger.limeBefore
  const after = ledger.chargeAfter + ledger.limeAfter
  return after - (before - (given - waiting) + waterBase - drifted - leached)
}

describe('balance', () => {
  it('of acid and lime is kept to 1e-9, whatever is done to the ground', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    const application = fc.record({
      day: fc.integer({ min: 0, max: 900 }).map((later) => addDays(startsOn, later)),
      sourceId: fc.constantFrom(...acidities.map(({ sourceId }) => sourceId)),
      kgPerM2: number(0, 1),
      isTilled: fc.boolean(),
    })
    fc.assert(
      fc.property(
        fc.record({
          fromPH: number(4, 8.5),
          pHDoubt: number(0, 0.5),
          bufferMmol: number(5, 200),
          bufferDoubt: number(0, 0.5),
          lime: fc.constantFrom(noLime, { low: 0, usual: 0.3, high: 2 }),
          depthM: number(0.03, 0.4),
          densityKgPerL: number(0.2, 1.6),
        }),
        fc.array(application, { maxLength: 6 }),
        fc.constantFrom(...climateNames),
        fc.array(number(-2.5, 2.5), { minLength: normalCount, maxLength: normalCount }),
        (ground, applications, climate, normals) => {
          const setup = {
            ground,
            applications,
            startsOn,
            days: 730,
            climate: soilClimates[climate],
            water: { mmPerYear: 300, alkalinityMgPerLCaCO3: 200 },
          }
          const { ledger, path } = run(setup, Float64Array.from(normals))
          const size = Object.values(ledger).reduce(
            (most, each) => Math.max(most, Math.abs(each)),
            1,
          )
          expect(Math.abs(imbalance(ledger)) / size).toBeLessThan(1e-9)
          expect(path.every(Number.isFinite)).toBe(true)
        },
      ),
      { numRuns: 120 },
    )
  })

  it('of the pH itself: all the acid of well-tilled sulfur goes into buffering', () => {
    const still: SoilClimate = { ...soilClimates.temperate, meanC: 30, swingC: 0, drainMm: 0 }
    const setup = { ...plain, climate: still, days: 1200, applications: [{ ...sulfur(startsOn, 0.1), sourceId: 'sulfur-flour' as const }] } // prettier-ignore
    const { end, ledger } = run(setup)
    expect(ledger.waiting / ledger.given).toBeLessThan(0.01)
    expect(end).toBeCloseTo(6.5 - ledger.given / (0.18 * 1330) / 30, 2)
  })
})

describe('sulfur', () => {
  // Shares oxidised at a mean of 12 °C, derived from Janzen and Bettany 1987 and Germida and Janzen
  // 1993 apart from this code; ours is the mean over draws that differ in speed and moisture.
  it.each([
    [40, 0.87, 0.98, 1],
    [100, 0.57, 0.81, 0.91],
    [250, 0.29, 0.49, 0.64],
    [1000, 0.08, 0.15, 0.22],
  ])(
    'of %d µm is oxidised by %d, %d and %d after 1, 2 and 3 years, within a seventh of each',
    (um, ...shares) => {
      const climate: SoilClimate = { ...soilClimates.temperate, meanC: 12, swingC: 7 }
      const next = randomNormal.source(randomLcg(0.3))(0, 1)
      shares.forEach((printed, year) => {
        const setup = { ...plain, climate, days: 365 * (year + 1), applications: [sulfur(startsOn, 0.05)] } // prettier-ignore
        const laid = { ...preparePath(setup), radiusUm: Float64Array.from([um / 2]) }
        const draws = 400
        let sum = 0
        for (let draw = 0; draw < draws; draw++) {
          const normals = Float64Array.from({ length: normalCount }, next)
          const { waiting, given } = run(setup, normals, laid).ledger
          sum += 1 - waiting / given
        }
        expect(Math.abs(sum / draws / printed - 1)).toBeLessThan(1 / 7)
      })
    },
  )

  it('on top acidifies the top first, tilled in all of it alike', () => {
    const dressed = { ...plain, applications: [sulfur(startsOn, 0.05, false)] }
    const onTop = run(dressed)
    expect((onTop.top.at(-1) ?? 9) + 0.3).toBeLessThan(onTop.end)
    const tilled = run({ ...plain, applications: [sulfur(startsOn, 0.05)] })
    expect(Math.abs((tilled.top.at(-1) ?? 9) - tilled.end)).toBeLessThan(0.1)
  })

  it('waits over winter and for its bacteria', () => {
    const { path } = run({ ...plain, startsOn: '2026-12-01', applications: [sulfur('2026-12-01', 0.1)], climate: { ...soilClimates.continental, drainMm: 0 } }) // prettier-ignore
    expect((path[0] ?? 0) - (path[12] ?? 0)).toBeLessThan(0.02)
    expect((path[12] ?? 0) - (path.at(-1) ?? 0)).toBeGreaterThan(0.2)
  })
})

describe('lime', () => {
  it('holds the pH until it is used up', () => {
    // Acid enough for half of the lime: pH hardly moves; the same acid without lime moves it.
    const limy = { ...plain.ground, fromPH: 7.5, lime: { low: 1, usual: 1, high: 1 } }
    const setup = { ...plain, days: 730, applications: [{ ...sulfur(startsOn, 2.5), sourceId: 'ferrous-sulfate' as const }] } // prettier-ignore
    expect(run({ ...setup, ground: limy }).end).toBeGreaterThan(7.3)
    expect(run({ ...setup, ground: { ...limy, lime: noLime } }).end).toBeLessThan(7)
  })

  it('given raises pH, the mirror of acid, and stops at its own balance', () => {
    const limed = (kgPerM2: number) =>
      run({
        ...plain,
        ground: { ...plain.ground, fromPH: 5.5 },
        days: 730,
        applications: [{ day: startsOn, sourceId: 'limestone', kgPerM2, isTilled: true }],
      }).end
    expect(limed(0.25)).toBeGreaterThan(5.9)
    expect(limed(0.25)).toBeLessThan(6.3)
    expect(limed(20)).toBeGreaterThan(7.3)
    expect(limed(20)).toBeLessThan(8)
  })

  it('comes with hard water, and goes with rain', () => {
    const water = { mmPerYear: 500, alkalinityMgPerLCaCO3: 300 }
    expect(run({ ...plain, days: 1000, water }).end).toBeGreaterThan(run({ ...plain, days: 1000 }).end + 0.2) // prettier-ignore
    const { ledger } = run({ ...plain, water })
    // 500 mm × 300 mg/L are 150 g lime/m².
    expect(ledger.waterBase).toBeCloseTo((150 * 1000) / 50.0435, -1)
    expect(run({ ...plain, ground: { ...plain.ground, fromPH: 7.2 } }).end).toBeLessThan(7.2)
  })
})

describe('foretell', () => {
  const setup: PathSetup = {
    ...plain,
    days: 1096,
    ground: { ...plain.ground, fromPH: 6.9, pHDoubt: 0.2, bufferDoubt: 0.42 },
    applications: [sulfur(startsOn, 0.18)],
  }
  const ask = { setup, retests: [], count: 600, seed: 0.5, arrivesAt: 6 }
  const first = foretellAtOnce(ask)
  const widthAt = ({ points }: typeof first, point: number) =>
    (points[point]?.high ?? NaN) - (points[point]?.low ?? NaN)

  it('opens a band of honest width: about 2 pH at three years', () => {
    expect(widthAt(first, 0)).toBeLessThan(0.7)
    expect(widthAt(first, 156)).toBeGreaterThan(1.6)
    expect(widthAt(first, 156)).toBeLessThan(2.7)
  })

  it('is pulled through two retests, and narrows; what it took for the buffering is put right', () => {
    const retests = [
      { day: addDays(startsOn, 364), pH: 5.6, doubt: 0.18 },
      { day: addDays(startsOn, 728), pH: 5, doubt: 0.18 },
    ]
    const after = foretellAtOnce({ ...ask, retests })
    expect(after.points[52]?.usual).toBeCloseTo(5.6, 0)
    expect(Math.abs((after.points[104]?.usual ?? 0) - 5)).toBeLessThan(0.25)
    expect(widthAt(after, 104)).toBeLessThan(widthAt(first, 104) * 0.5)
    // It fell faster than thought: the ground holds less.
    expect(after.buffer.usual).toBeLessThan(first.buffer.usual * 0.85)
    expect(after.effective).toBeGreaterThan(40)
  })

  it('says how likely it has arrived, ever more with time', () => {
    const shares = first.shareArrived
    expect(shares[0]).toBeLessThan(0.01)
    expect(shares.at(-1)).toBeGreaterThan(0.4)
  })

  it('tells how far it is, and can be left at any time', () => {
    const steps = foretell({ ...ask, count: 100 })
    const seen = [steps.next().value, steps.next().value]
    expect(seen).toEqual([0.5, 1])
  })

  it('is drawn anew by another seed, and by nothing else', () => {
    const drawn = (seed: number) => foretellAtOnce({ ...ask, seed, count: 50 })
    expect(drawn(0.31)).toEqual(drawn(0.31))
    expect(drawn(0.31)).not.toEqual(drawn(0.32))
  })

  it.each([
    [{ fromPH: 2 }, /pH: expected a number from 3 to 10/],
    [{ depthM: 0 }, /depth: expected/],
    [{ bufferMmol: 0 }, /buffering: expected/],
  ])('refuses ground %j', (change, reason) => {
    const bad = { ...ask, setup: { ...setup, ground: { ...setup.ground, ...change } } }
    expect(() => foretellAtOnce(bad)).toThrow(reason)
  })

  it('refuses what cannot be spread', () => {
    const bad = { ...ask, setup: { ...setup, applications: [sulfur(startsOn, -1)] } }
    expect(() => foretellAtOnce(bad)).toThrow(/amount: expected/)
  })
})

describe('quantiles', () => {
  it('by slots are those by sorting, within a slot', () => {
    const next = randomNormal.source(randomLcg(0.1))(6, 0.7)
    const values = Float32Array.from({ length: 700 }, next)
    const weights = normalised(Float64Array.from({ length: 700 }, () => Math.abs(next())))
    const shares = [0.1, 0.5, 0.9]
    const sorted = weightedQuantiles(values, weights, shares)
    pHQuantiles(values, weights, shares).forEach((found, index) => {
      expect(Math.abs(found - (sorted[index] ?? NaN))).toBeLessThan(0.006)
    })
  })
})

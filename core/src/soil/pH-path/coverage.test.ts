import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { soilClimates } from '../climate/index.ts'
import { foretellAtOnce, parametersOf, preparePath, runPath, type PathSetup } from './index.ts'
import { normalCount } from './parameters.ts'

const startsOn = '2026-04-15'
const days = 80 * 7
const climate = soilClimates.temperate
const lime = { low: 0, usual: 0, high: 0.1 }
const setups: readonly PathSetup[] = [
  {
    ground: { fromPH: 6.9, pHDoubt: 0.2, bufferMmol: 22, bufferDoubt: 0.42, lime, depthM: 0.18, densityKgPerL: 1.33 }, // prettier-ignore
    applications: [
      { day: '2026-05-01', sourceId: 'sulfur-granules', kgPerM2: 0.16, isTilled: true },
    ],
    startsOn,
    days,
    climate,
  },
  {
    ground: { fromPH: 7.4, pHDoubt: 0.25, bufferMmol: 30, bufferDoubt: 0.3, lime: { low: 0, usual: 0.2, high: 0.6 }, depthM: 0.1, densityKgPerL: 1.4 }, // prettier-ignore
    applications: [
      { day: '2026-05-01', sourceId: 'sulfur-flour', kgPerM2: 0.024, isTilled: false },
      { day: '2026-09-01', sourceId: 'ammonium-sulfate', kgPerM2: 0.02, isTilled: false },
      { day: '2027-05-01', sourceId: 'sulfur-flour', kgPerM2: 0.024, isTilled: false },
    ],
    startsOn,
    days,
    climate: soilClimates.continental,
    water: { mmPerYear: 250, alkalinityMgPerLCaCO3: 180 },
  },
]
const drawsEach = 250
const paths = 100
const [firstTest, secondTest, asked] = [200, 380, 539]
const testDoubt = 0.2

/** A draw that really is as one of those the forecast thinks possible. */
function truthOf(setup: PathSetup, next: () => number): (day: number) => number {
  const normals = Float64Array.from({ length: normalCount }, next)
  const path = new Float32Array(Math.ceil(days / 7))
  const prepared = preparePath(setup)
  const draw = parametersOf(setup.ground, prepared.isWatered, normals, 0)
  runPath(prepared, draw, { path, top: new Float32Array(path.length), offset: 0 })
  return (day) => path[Math.round(day / 7)] ?? NaN
}

describe('the band of 10 to 90 of 100', () => {
  // 500 draws: a share of 0.8 strays by 0.018, so 0.75 to 0.85 is what honest bands reach.
  it('holds the truth of 500 draws as often as it says, before and after two retests', () => {
    const next = randomNormal.source(randomLcg(0.42))(0, 1)
    const held = { before: 0, after: 0 }
    const width = { before: 0, after: 0 }
    for (const setup of setups) {
      const before = foretellAtOnce({ setup, retests: [], count: 2000, seed: 0.7 })
      for (let draw = 0; draw < drawsEach; draw++) {
        const truth = truthOf(setup, next)
        const retests = [firstTest, secondTest].map((day) => ({
          day: addDays(startsOn, day),
          pH: truth(day) + testDoubt * next(),
          doubt: testDoubt,
        }))
        const after = foretellAtOnce({ setup, retests, count: paths, seed: draw / 1000 })
        for (const [name, { points }] of Object.entries({ before, after })) {
          const { low, high } = points[asked / 7] ?? { low: NaN, high: NaN }
          const real = truth(asked)
          if (real >= low && real <= high) held[name as 'before' | 'after'] += 1
          width[name as 'before' | 'after'] += high - low
        }
      }
    }
    const all = setups.length * drawsEach
    for (const share of [held.before / all, held.after / all]) {
      expect(share).toBeGreaterThan(0.75)
      expect(share).toBeLessThan(0.85)
    }
    expect(width.after / width.before).toBeLessThan(0.7)
  })
})

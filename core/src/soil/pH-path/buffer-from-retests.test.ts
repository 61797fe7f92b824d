import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { tenthDeviation } from '../../base/reference/index.ts'
import { soilClimates } from '../climate/index.ts'
import {
  bufferFromRetests,
  foretellAtOnce,
  normalCount,
  parametersOf,
  preparePath,
  runPath,
  type PathSetup,
} from './index.ts'

const startsOn = '2024-04-15'
const days = 730
const setup: PathSetup = {
  ground: {
    fromPH: 6.9,
    pHDoubt: 0.15,
    bufferMmol: 24,
    bufferDoubt: 0.45,
    lime: { low: 0, usual: 0, high: 0.05 },
    depthM: 0.15,
    densityKgPerL: 1.33,
  },
  applications: ['2024-05-01', '2025-04-20'].map((day) => ({
    day,
    sourceId: 'sulfur-granules' as const,
    kgPerM2: 0.08,
    isTilled: true,
  })),
  startsOn,
  days,
  climate: soilClimates.temperate,
}
const testDoubt = 0.18
const retestsAt = [365, 540, 700]

/** Ground as it may be, and what tests in it read. */
function groundDrawn(next: () => number) {
  const normals = Float64Array.from({ length: normalCount }, next)
  const path = new Float32Array(Math.ceil(days / 7))
  const parameters = parametersOf(setup.ground, false, normals, 0)
  runPath(preparePath(setup), parameters, { path, top: new Float32Array(path.length), offset: 0 })
  const retests = retestsAt.map((day) => ({
    day: addDays(startsOn, day),
    pH: (path[Math.round(day / 7)] ?? NaN) + testDoubt * next(),
    doubt: testDoubt,
  }))
  return { bufferMmol: parameters.bufferMmol, retests }
}

/** What was thought before together with what retests said [logarithm of mmol/kg]. */
function together(said: ReturnType<typeof bufferFromRetests>) {
  const { bufferMmol, bufferDoubt } = setup.ground
  const bells = [{ mmolPerKg: bufferMmol, doubt: bufferDoubt }, ...(said ? [said] : [])].map(
    ({ mmolPerKg, doubt }) => ({ mean: Math.log(mmolPerKg), weight: 1 / doubt ** 2 }),
  )
  const weight = bells.reduce((sum, each) => sum + each.weight, 0)
  const mean = bells.reduce((sum, each) => sum + each.mean * each.weight, 0) / weight
  return { mean, deviation: 1 / Math.sqrt(weight) }
}

describe('what retests say of the buffering', () => {
  const next = randomNormal.source(randomLcg(0.31))(0, 1)

  it('is within six tenths of a deviation what draws weighed by them say', () => {
    for (let ground = 0; ground < 6; ground++) {
      const { retests } = groundDrawn(next)
      const { mean, deviation } = together(bufferFromRetests(setup, retests))
      const { buffer } = foretellAtOnce({ setup, retests, count: 1500, seed: 0.2 })
      const drawn = (Math.log(buffer.high) - Math.log(buffer.low)) / 2 / tenthDeviation
      expect(Math.abs(mean - Math.log(buffer.usual))).toBeLessThan(0.6 * drawn)
      expect(deviation / drawn).toBeGreaterThan(0.7)
      expect(deviation / drawn).toBeLessThan(1.4)
    }
  })

  it('holds what is true in nine of ten intervals', () => {
    const grounds = 150
    let held = 0
    let narrower = 0
    for (let ground = 0; ground < grounds; ground++) {
      const { bufferMmol, retests } = groundDrawn(next)
      const { mean, deviation } = together(bufferFromRetests(setup, retests))
      if (Math.abs(mean - Math.log(bufferMmol)) <= 1.645 * deviation) held += 1
      narrower += deviation / setup.ground.bufferDoubt
    }
    expect(held / grounds).toBeGreaterThan(0.85)
    expect(held / grounds).toBeLessThan(0.95)
    expect(narrower / grounds).toBeLessThan(0.9)
  })

  it('is nothing where none was made, where nothing was put on, or where it was known', () => {
    const retests = [{ day: addDays(startsOn, 365), pH: 6.4, doubt: testDoubt }]
    const onStart = [{ day: startsOn, pH: 6.9, doubt: testDoubt }]
    expect(bufferFromRetests(setup, [])).toBeUndefined()
    expect(bufferFromRetests(setup, onStart)).toBeUndefined()
    expect(bufferFromRetests({ ...setup, applications: [] }, retests)).toBeUndefined()
    const known = { ...setup, ground: { ...setup.ground, bufferDoubt: 0 } }
    expect(bufferFromRetests(known, retests)).toBeUndefined()
  })
})

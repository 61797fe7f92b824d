import { describe, expect, it } from 'vitest'
import { findAcidity, movesPH } from '../../material/source/index.ts'
import { acidGround, nitrogenBudget, situationsOn, treatedGround, whyTablesDiffer } from './index.ts' // prettier-ignore

describe('the ground of a stand', () => {
  it.each([
    [{ kind: 'area', areaM2: 320 } as const, undefined, 320],
    [{ kind: 'trunks', count: 3, diameterM: 0.2 } as const, 45, 45],
    // 100 pots of 4 L are 0.4 m³, as ground 0.2 m deep.
    [{ kind: 'pots', count: 100, potL: 4 } as const, undefined, 2],
  ])('%j is %s', (size, measured, groundM2) => {
    expect(treatedGround(size, measured)).toBeCloseTo(groundM2, 12)
  })

  it('of holes under trees is their share of it', () => {
    const trees = { kind: 'trunks', count: 3, diameterM: 0.2 } as const
    expect(treatedGround(trees, 400, 'holes')).toBeCloseTo(20, 9)
    expect(treatedGround(trees, 400, 'bed')).toBe(400)
    expect(() => treatedGround(trees, undefined, 'holes')).toThrow(/ground under the trees/)
  })

  it('can be holes under trees and shrubs alone', () => {
    expect(situationsOn('tree')).toContain('holes')
    expect(situationsOn('turf')).not.toContain('holes')
    expect(situationsOn('turf')).toContain('turf')
  })

  it('has to be measured under trees, and there is none under a solution', () => {
    const trees = { kind: 'trunks', count: 3, diameterM: 0.2 } as const
    expect(() => treatedGround(trees, undefined)).toThrow(/ground under the trees, measured/)
    const loop = { kind: 'solution', volumeL: 900 } as const
    expect(() => treatedGround(loop, undefined)).toThrow(/a solution is brought down with acid/)
  })
})

describe('the nitrogen budget', () => {
  const feed = (day: string, productKg: number) => ({
    day,
    productKg,
    contents: { N: 0.21 },
    isPlanned: false,
  })

  it('is the limit of the year less what went on or is planned in it', () => {
    const applications = [feed('2026-04-01', 20), feed('2025-04-01', 50)]
    const left = nitrogenBudget(
      { context: 'turf', plantId: 'kentucky-bluegrass', ownLimits: undefined },
      applications,
      1000,
    )
    // 200 kg/ha are 0.02 kg/m²; 4.2 kg of nitrogen on 1000 m² are 0.0042.
    expect(left('2026')).toBeCloseTo(0.02 - 0.0042, 12)
    expect(left('2027')).toBeCloseTo(0.02, 12)
  })

  it('goes by the rule of the place first, and may be overdrawn', () => {
    const own = { context: 'turf', plantId: 'kentucky-bluegrass', ownLimits: { N: 30 } } as const
    expect(nitrogenBudget(own, [feed('2026-04-01', 20)], 1000)('2026')).toBeCloseTo(-0.0012, 12)
  })

  it('is none where nothing limits nitrogen', () => {
    const crop = { context: 'row-crop', plantId: 'maize', ownLimits: undefined } as const
    expect(nitrogenBudget(crop, [], 1000)('2026')).toBeUndefined()
  })
})

describe('what moves pH', () => {
  it('are sulfur, salts, litter and lime, not chelates', () => {
    expect(movesPH('sulfur-flour')).toBe(true)
    expect(movesPH('ferrous-sulfate')).toBe(true)
    expect(movesPH('fe-eddha')).toBe(false)
    expect(() => findAcidity('fe-eddha')).toThrow(/an amendment that moves pH/)
  })
})

describe('why tables differ', () => {
  it('is told with what a loam and this ground hold', () => {
    const ground = acidGround({ texture: 'sandy-loam', pH: 7.3, pHDoubt: 0.1, depthM: 0.18 })
    const words = whyTablesDiffer(ground)
    expect(words).toMatch(/A loam holds about 29 mmol .* yours, sandy loam, about 22/)
    expect(words).toMatch(/6\.5 to 6\.8 .* 4\.2 to 5\.3/)
  })
})

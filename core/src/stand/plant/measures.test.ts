import { describe, expect, it } from 'vitest'
import { asGrown, findPlant, groundOf, plantsOn, rowOf } from './index.ts'

const vines = { kind: 'trunks', count: 500, diameterM: 0.04 } as const
const field = { kind: 'area', areaM2: 6000 } as const

describe('what spacing tells of a stand', () => {
  it('gives the ground under trees and vines, and their row', () => {
    const spaced = { inRowM: 1.2, betweenRowsM: 2.5 }
    expect(groundOf(vines, spaced)).toBeCloseTo(1500, 9)
    expect(rowOf(vines, spaced)).toBeCloseTo(600, 9)
    expect(groundOf(vines, { inRowM: 1.2 })).toBeUndefined()
  })

  it('gives plants and row of a field', () => {
    const spaced = { inRowM: 0.5, betweenRowsM: 0.75 }
    expect(plantsOn(field, spaced)).toBeCloseTo(16000, 9)
    expect(rowOf(field, spaced)).toBeCloseTo(8000, 9)
    expect(groundOf(field, spaced)).toBe(6000)
  })

  it('gives way to what was measured', () => {
    const known = { inRowM: 1, betweenRowsM: 1, groundM2: 900, rowM: 40, plantCount: 12 }
    expect([groundOf(vines, known), rowOf(vines, known)]).toEqual([900, 40])
    expect(plantsOn(field, known)).toBe(12)
  })

  it('knows nothing of spacing in pots and solutions', () => {
    const spaced = { inRowM: 1, betweenRowsM: 1 }
    const loop = { kind: 'solution', volumeL: 900 } as const
    expect([groundOf(loop, spaced), plantsOn(loop, spaced), rowOf(loop, spaced)]).toEqual(
      Array(3).fill(undefined),
    )
  })
})

describe('a plant as it grows on a stand', () => {
  const soybean = findPlant('soybean')

  it('bears lime or suffers on it by its variety, and as its kind where nobody knows', () => {
    expect(asGrown(soybean, { variety: 'bears-lime' }).ironEfficiency).toBe('efficient')
    expect(asGrown(findPlant('linden'), { variety: 'suffers-on-lime' }).ironEfficiency).toBe(
      'inefficient',
    )
    expect(asGrown(soybean, { variety: 'mixed' })).toEqual(asGrown(soybean))
    expect(asGrown(soybean)).toEqual(soybean)
  })

  it('has its own pH range where one was given', () => {
    expect(asGrown(soybean, { pHLow: 5, pHHigh: 6 }).pHRange).toEqual({ low: 5, high: 6 })
    expect(asGrown(soybean, { pHHigh: 6 }).pHRange).toEqual({ low: soybean.pHRange.low, high: 6 })
  })
})

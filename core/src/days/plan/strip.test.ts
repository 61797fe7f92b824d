import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { groundShare, stripOf } from './index.ts'

const lawn = { size: { kind: 'area', areaM2: 1000 } } as const
const outline = [[0, 0], [50, 0], [50, 20], [0, 20]] as unknown as readonly [number, number][] // prettier-ignore

describe('a strip left untreated', () => {
  it('lies across the middle, as wide as one pass of the sprayer, and says where to leave off', () => {
    const strip = stripOf({ ...lawn, outline, swathM: 6 })
    expect(strip?.share).toBeCloseTo((6 * 20) / 1000, 9)
    expect(strip?.words('metric')).toBe(
      'Leave off a strip 6 m wide, from 22 m to 28 m along, from edge to edge: 120 m².',
    )
  })

  it('without an outline is one pass across the middle of a square of its size', () => {
    const strip = stripOf(lawn)
    expect(strip?.share).toBeCloseTo(2 / Math.sqrt(1000), 9)
    expect(strip?.words('metric')).toMatch(/2 m wide, across the middle/)
  })

  it('of trees and pots is some of them, with a ribbon', () => {
    const trees = stripOf({ size: { kind: 'trunks', count: 24, diameterM: 0.2 } })
    expect(trees?.share).toBeCloseTo(2 / 24, 12)
    expect(trees?.words('us')).toMatch(/^Leave 2 of 24 trees alone/)
    expect(stripOf({ size: { kind: 'pots', count: 8, potL: 10 } })?.words('us')).toMatch(
      /^Leave one of 8 pots alone/,
    )
  })

  it('makes no sense in a solution, of few plants, or where it takes too much of the ground', () => {
    expect(stripOf({ size: { kind: 'solution', volumeL: 900 } })).toBeUndefined()
    expect(stripOf({ size: { kind: 'trunks', count: 3, diameterM: 0.2 } })).toBeUndefined()
    expect(stripOf({ size: { kind: 'area', areaM2: 60 } })).toBeUndefined()
  })

  it('is walked over: the ends of fills rise, and no fill ends within it', () => {
    const strip = stripOf({ ...lawn, outline, swathM: 6 })
    const [from, to] = [0.5 - (strip?.share ?? 0) / 2, 0.5 + (strip?.share ?? 0) / 2]
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(share, share, (one, other) => {
        const [a, b] = [groundShare(one, strip), groundShare(other, strip)]
        if (one < other) expect(a).toBeLessThanOrEqual(b)
        expect(a > from + 1e-9 && a < to - 1e-9).toBe(false)
      }),
    )
    expect(groundShare(1, strip)).toBeCloseTo(1, 12)
    expect(groundShare(0.4, undefined)).toBe(0.4)
  })
})

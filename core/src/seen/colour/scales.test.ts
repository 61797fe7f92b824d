import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readingKinds, greennessScales, type ColourReadingKind } from '../reading/index.ts'
import { greennessOf, greennessReading, greennessWords, leafColour, onScale } from './index.ts'

const kinds = Object.keys(greennessScales) as ColourReadingKind[]

describe.each(kinds)('the scale %s', (kind) => {
  const { min, max } = readingKinds[kind]
  const { atWhite, atDeepGreen } = greennessScales[kind]
  const rising = atDeepGreen > atWhite

  it('rises or falls throughout, and stays on the ribbon', () => {
    const value = fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(value, value, (one, other) => {
        const [low, high] = [Math.min(one, other), Math.max(one, other)]
        const [first, second] = [greennessOf(kind, low), greennessOf(kind, high)]
        expect(rising ? second >= first : second <= first).toBe(true)
        expect(first >= 0 && first <= 1).toBe(true)
      }),
    )
  })

  it('comes back from greenness where it reaches', () => {
    for (const greenness of [0.3, 0.5, 0.7]) {
      const value = onScale(kind, greenness)
      if (value <= min || value >= max) continue
      expect(greennessOf(kind, value)).toBeCloseTo(greenness, 9)
    }
  })

  it('is never surer than the scale itself allows', () => {
    const { mappingDoubt } = greennessScales[kind]
    const exact = greennessReading({ kind, value: (min + max) / 2, method: 'eye', doubt: 0 })
    expect(exact.doubt).toBeCloseTo(mappingDoubt, 9)
    const usual = greennessReading({ kind, value: (min + max) / 2, method: 'eye' })
    expect(usual.doubt).toBeGreaterThan(exact.doubt)
  })

  it('refuses a value that it cannot have', () => {
    expect(() => greennessOf(kind, max + 1)).toThrow(readingKinds[kind].label)
  })
})

describe('scales beside each other', () => {
  it('say the same of a healthy leaf', () => {
    const healthy = [
      greennessOf('severity', 0),
      greennessOf('chlorosisScore', 1),
      greennessOf('percentAffected', 0),
    ]
    for (const each of healthy) expect(Math.abs(each - 0.89)).toBeLessThan(0.01)
  })
})

describe('greenness', () => {
  it('goes from white to deep green on every scale', () => {
    expect(greennessOf('turfColour', 1)).toBe(0)
    expect(greennessOf('turfColour', 9)).toBe(1)
    expect(greennessOf('severity', 5)).toBe(0)
    expect(greennessWords(greennessOf('severity', 0))).toBe('deep green')
    expect(greennessWords(greennessOf('turfColour', 6))).toBe('green')
  })

  it('comes back from its scale', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 9, noNaN: true }), (rating) => {
        expect(onScale('turfColour', greennessOf('turfColour', rating))).toBeCloseTo(rating, 9)
      }),
    )
  })

  it('paints a yellow leaf more red than green-blue, a green one darker', () => {
    expect(leafColour(0.25)).toMatch(/^#[0-9a-f]{6}$/)
    const brightness = (colour: string) => Number.parseInt(colour.slice(1, 3), 16)
    expect(brightness(leafColour(0.25))).toBeGreaterThan(brightness(leafColour(0.9)))
  })
})

import { describe, expect, it } from 'vitest'
import { schemes, type Token } from './tokens.ts'

/** Relative luminance and contrast by WCAG 2.2, the definitions of its glossary. */
function luminance(colour: string): number {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(colour.slice(at, at + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}
function contrast(one: string, other: string): number {
  const [light = 0, dark = 0] = [luminance(one), luminance(other)].toSorted((a, b) => b - a)
  return (light + 0.05) / (dark + 0.05)
}

const grounds = ['paper', 'sheet', 'sunken', 'rust-wash'] as const satisfies readonly Token[]
const words = ['ink', 'slate', 'faint', 'rust'] as const satisfies readonly Token[]

describe('contrast', () => {
  it('is reckoned as WCAG has it: black on white 21, and its example of grey', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5)
    // The grey that is known to just miss 4.5: 4.48 (from memory).
    expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2)
  })

  it.each([
    ['light', 4.5],
    ['dark', 4.5],
    ['sun', 7],
  ] as const)('of words in the %s scheme is %d:1 at least', (scheme, least) => {
    const of = schemes[scheme]
    const pairs = grounds.flatMap((ground) => words.map((word) => [word, ground] as const))
    const all = [...pairs, ['on-rust', 'rust'] as const, ['paper', 'ink'] as const]
    const weak = all.filter(([word, ground]) => contrast(of[word], of[ground]) < least)
    expect(weak).toEqual([])
  })
})

import { describe, expect, it } from 'vitest'
import { percent, percentRange, strength } from './index.ts'

describe('shares', () => {
  it.each([
    [0, '0 %'],
    [0.0001, 'under 1 %'],
    [0.005, '1 %'],
    [0.626, '63 %'],
    [1, '100 %'],
  ])('%d is said as %s', (share, words) => expect(percent(share)).toBe(words))

  it('from low to high carry the sign once, and are one figure where both print alike', () => {
    expect(percentRange(0.6, 0.9)).toBe('60-90 %')
    expect(percentRange(0.601, 0.604)).toBe('60 %')
    expect(percentRange(0.001, 0.2)).toBe('up to 20 %')
  })

  it('that are strengths keep the parts of a percent that count', () => {
    expect([strength(0.0025), strength(0.115), strength(0.045, 2)]).toEqual([
      '0.25 %',
      '11.5 %',
      '4.5 %',
    ])
  })
})

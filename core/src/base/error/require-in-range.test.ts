import { describe, expect, it } from 'vitest'
import { CoreError, requireInRange } from './index.ts'

describe('requireInRange', () => {
  it('lets the bounds themselves through', () => {
    expect(requireInRange('pH', 0, { min: 0, max: 14 })).toBe(0)
    expect(requireInRange('pH', 14, { min: 0, max: 14 })).toBe(14)
  })

  it.each([
    [15, 'out-of-range'],
    [-0.1, 'out-of-range'],
    [Number.NaN, 'not-a-number'],
    [Number.POSITIVE_INFINITY, 'not-a-number'],
  ])('refuses %s with %s and says what was expected', (value, code) => {
    const act = () => requireInRange('pH', value, { min: 0, max: 14 })
    expect(act).toThrow(CoreError)
    expect(act).toThrow(/pH: expected a number from 0 to 14/)
    expect(act).toThrow(expect.objectContaining({ code, parameter: 'pH' }))
  })
})

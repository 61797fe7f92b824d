import { describe, expect, it } from 'vitest'
import { isOver } from './label-maximum.ts'

const most = { value: 4, unit: 'oz/1000 ft2' }

describe('what a label allows', () => {
  it.each([
    [4, 'oz/1000 ft2', false],
    [4.1, 'oz/1000 ft2', true],
    // 4 oz/1000 ft² is 12.2 kg/ha.
    [12.2, 'kg/ha', false],
    [12.3, 'kg/ha', true],
  ])('%d %s: over it is %s', (value, unit, expected) => {
    expect(isOver(most, value, unit)).toBe(expected)
  })

  it('says nothing where the two count by different things', () => {
    expect(isOver(most, 50, '%')).toBe(false)
    expect(isOver(most, 50, 'oz/in')).toBe(false)
  })

  it('says nothing where there is no maximum or no rate', () => {
    expect(isOver(undefined, 50, 'kg/ha')).toBe(false)
    expect(isOver(most, undefined, 'kg/ha')).toBe(false)
  })
})

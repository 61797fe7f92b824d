import { describe, expect, it } from 'vitest'
import { groundRange, groundUnit, inGroundUnit } from './ground-rate.ts'

describe('an amendment on the ground', () => {
  // 5 lb/1000 ft² are 24.4 g/m²: NIST SP 811.
  const kgPerM2 = (5 * 0.45359237) / 92.90304

  it.each([
    ['us', 'turf', '5 lb/1000 ft²'],
    ['us', 'green', '5 lb/1000 ft²'],
    ['us', 'bed', '0.5 lb/100 ft²'],
    ['metric', 'turf', '24 g/m²'],
    ['metric', 'pot', '24 g/m²'],
  ] as const)('is said in %s on %s as %s', (system, situation, words) => {
    const unit = groundUnit(system, situation)
    expect(groundRange({ low: kgPerM2, high: kgPerM2 }, unit)).toBe(words)
  })

  it('is a range where its ends differ', () => {
    const unit = groundUnit('us', 'bare')
    expect(groundRange({ low: kgPerM2, high: 3 * kgPerM2 }, unit)).toBe('0.5-1.5 lb/100 ft²')
    expect(inGroundUnit(kgPerM2, unit)).toBeCloseTo(0.5, 9)
  })
})

import { describe, expect, it } from 'vitest'
import { betweenActivities, chargeOf, logActivityCoefficient } from './davies.ts'

describe('activity coefficients', () => {
  // Davies equation at 25 °C as printed in Stumm & Morgan and in Butler, two figures (from memory).
  it.each([
    [1, 0.01, 0.9],
    [1, 0.1, 0.78],
    [2, 0.01, 0.66],
    [2, 0.1, 0.37],
    [3, 0.01, 0.4],
    [3, 0.1, 0.11],
  ])('of charge %d at %d M is %d', (charge, strength, expected) => {
    const coefficient = 10 ** logActivityCoefficient(charge, strength)
    expect(Math.abs(coefficient - expected)).toBeLessThanOrEqual(0.006)
  })

  it('of what has no charge, or in pure water, is one', () => {
    expect(logActivityCoefficient(0, 0.1)).toBeCloseTo(0, 12)
    expect(logActivityCoefficient(3, 0)).toBeCloseTo(0, 12)
  })

  it('are the same for either sign', () => {
    expect(logActivityCoefficient(-2, 0.05)).toBe(logActivityCoefficient(2, 0.05))
  })

  it.each([-0.01, 0.2, Number.NaN])('are refused at an ionic strength of %d', (strength) => {
    expect(() => logActivityCoefficient(1, strength)).toThrow(/ionicStrengthM/)
  })
})

describe('constants carried to zero ionic strength', () => {
  const edta = { ligands: 1, ligandCharge: -4, metalCharge: 3 } as const

  it('grow where charges meet and cancel', () => {
    const made = { ...edta, metals: 1, protons: 0 }
    expect(chargeOf(made)).toBe(-1)
    // Fe3+ + Y4- = FeY-: 0.1069 × (9 + 16 - 1) more.
    expect(Math.abs(betweenActivities(25.1, made) - 27.665)).toBeLessThan(0.01)
  })

  it('hardly move where a proton leaves and the charge stays small', () => {
    const made = { ligands: 1, ligandCharge: -1, metals: 0, metalCharge: 0, protons: 1 }
    expect(Math.abs(betweenActivities(5, made) - 5)).toBeLessThan(0.25)
  })
})

import { describe, expect, it } from 'vitest'
import { logCalcium, soilConstants } from './index.ts'
import { soilMetals } from './soil-metals.ts'

describe('metals in the water of a soil', () => {
  it('fall with pH as their solids let them: iron by three, zinc and copper by two', () => {
    const [at6, at7] = [6, 7].map((pH) => soilMetals(pH, { competition: 'full' }))
    expect((at6?.Fe ?? 0) - (at7?.Fe ?? 0)).toBeCloseTo(3, 12)
    expect((at6?.Zn ?? 0) - (at7?.Zn ?? 0)).toBeCloseTo(2, 12)
    expect((at6?.Cu ?? 0) - (at7?.Cu ?? 0)).toBeCloseTo(2, 12)
  })

  it('are a tenth in a field, and capped where soil is sour', () => {
    const [full, field] = [
      soilMetals(8, { competition: 'full' }),
      soilMetals(8, { competition: 'field' }),
    ]
    expect(full.Zn - field.Zn).toBeCloseTo(1, 12)
    expect(soilMetals(5, { competition: 'field' })).toMatchObject({ Zn: -6.5, Cu: -9 })
    expect(soilMetals(7, { competition: 'none' })).toMatchObject({ Zn: -Infinity, Mn: -Infinity })
  })

  it('have manganese only where it is asked for', () => {
    expect(soilMetals(7, { manganese: 'soil' }).Mn).toBeCloseTo(5.89 - 14, 12)
  })

  it('hold magnesium in ratio to calcium', () => {
    const { Ca, Mg } = soilMetals(7.8)
    expect(Ca - Mg).toBeCloseTo(0.5, 12)
  })
})

describe('calcium', () => {
  it('of a lime soil falls with pH to half the other anions', () => {
    expect(10 ** logCalcium(10)).toBeGreaterThan(1e-3)
    expect(10 ** logCalcium(10)).toBeLessThan(1.1e-3)
    expect(logCalcium(8, { kind: 'lime', otherAnionsMeqPerL: 6 })).toBeGreaterThan(logCalcium(8))
  })

  it('is as measured where it was', () => {
    expect(logCalcium(8, { kind: 'measured', calciumMmolPerL: 2 })).toBeCloseTo(-2.699, 3)
  })

  it('vanishes in sodic soil as pH rises', () => {
    expect(logCalcium(9.5, { kind: 'sodic' })).toBeLessThan(-6)
    expect(logCalcium(6, { kind: 'sodic' })).toBe(-2.5)
  })

  it('is refused where nobody could have measured it', () => {
    expect(() => logCalcium(8, { kind: 'lime', otherAnionsMeqPerL: -1 })).toThrow(/0 to 200/)
  })
})

it('every constant of soil and water is named and has a source', () => {
  expect(soilConstants.length).toBeGreaterThan(18)
  for (const { words, figure } of soilConstants) {
    expect(words.length).toBeGreaterThan(4)
    expect(figure.source.length).toBeGreaterThan(4)
  }
})

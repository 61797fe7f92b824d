import { describe, expect, it } from 'vitest'
import { carriedShares, dissolvedIron, logCalcium } from './index.ts'
import type { LigandId } from '../source/index.ts'

/*
 * Lindsay's soil solids and the constants of Martell & Smith and others, all recalled from the
 * publications and not re-read; the shares are a second party's computation from the same
 * constants, printed to a tenth. They must agree to 0.2 of 100.
 */
const pHs = [4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8, 8.5, 9, 9.5]
const published = [
  ['citrate', 'none', [98.9, 97.3, 86.9, 42.8, 6.5, 0.7, 0.1, 0, 0, 0, 0, 0]],
  ['hedta', 'none', [100, 100, 99.9, 99.4, 94.5, 62.9, 17.7, 3.1, 0.4, 0.1, 0, 0]],
  ['edta', 'none', [100, 100, 100, 100, 99.6, 88.6, 26.0, 2.1, 0.2, 0, 0, 0]],
  ['edta', 'field', [100, 100, 100, 98.7, 93.0, 74.4, 22.4, 2.0, 0.2, 0, 0, 0]],
  ['edta', 'full', [99.2, 97.6, 93.2, 81.5, 58.4, 30.4, 10.0, 1.6, 0.1, 0, 0, 0]],
  ['cdta', 'field', [100, 100, 100, 100, 99.9, 99.7, 98.0, 76.6, 12.7, 0.6, 0, 0]],
  ['dtpa', 'none', [100, 100, 100, 100, 100, 100, 99.5, 91.3, 32.0, 1.8, 0.1, 0]],
  ['dtpa', 'field', [100, 100, 100, 99.6, 98.8, 97.1, 91.7, 73.8, 25.4, 1.7, 0.1, 0]],
  ['dtpa', 'full', [97.4, 96.3, 95.3, 93.6, 88.9, 76.9, 53.8, 27.1, 8.9, 1.2, 0.1, 0]],
] as const

describe('the share of a ligand that carries iron in soil', () => {
  it.each(published)('%s, %s zinc and copper', (ligandId, competition, shares) => {
    pHs.forEach((pH, index) => {
      const computed = 100 * carriedShares(ligandId, { pH, competition }).Fe
      expect(Math.abs(computed - (shares[index] ?? -1)), `pH ${pH}`).toBeLessThanOrEqual(0.2)
    })
  })

  it.each(['eddha', 'hbed'] as const)('%s holds at any pH of soil and against any metals', (id) => {
    const least: readonly (readonly [number, number])[] = [
      [8, 99.95],
      [8.5, 99.9],
      [9, 99.8],
      [9.5, 99.5],
    ]
    for (const [pH, share] of least) {
      expect(100 * carriedShares(id, { pH, competition: 'full' }).Fe).toBeGreaterThanOrEqual(
        share - 0.05,
      )
    }
  })
})

describe('what the soil holds without a chelate', () => {
  // Lindsay 1979, from memory: least dissolved Fe(III) about 10^-10.3 near pH 8.
  it('is least iron near pH 8', () => {
    const logs = Array.from({ length: 71 }, (_, i) => Math.log10(dissolvedIron(4 + i * 0.1)))
    const least = Math.min(...logs)
    expect(Math.abs(least - -10.3)).toBeLessThan(0.15)
    expect(Math.abs(4 + logs.indexOf(least) * 0.1 - 8)).toBeLessThan(0.6)
  })

  it.each([
    [6.5, 2.5],
    [7, 2.61],
    [7.5, 2.78],
    [8, 2.89],
    [8.5, 2.96],
  ])('is calcium of 10^-p in lime soil: pH %d, p %d', (pH, pCa) => {
    expect(Math.abs(-logCalcium(pH) - pCa)).toBeLessThanOrEqual(0.005)
  })
})

// Common practice: EDTA gives out at pH 6-6.5, DTPA at 7-7.5, EDDHA and HBED hold past 9.
describe('the drop of each curve lies where the trade knows it', () => {
  const share = (id: LigandId, pH: number) => carriedShares(id, { pH }).Fe

  it.each([
    ['edta', 6, 7],
    ['dtpa', 7, 8],
  ] as const)('%s is whole at pH %d and gone at %d', (id, whole, gone) => {
    expect(share(id, whole)).toBeGreaterThan(0.8)
    expect(share(id, gone)).toBeLessThan(0.35)
  })

  it('citrate has lost nearly all at pH 6', () => {
    expect(share('citrate', 6)).toBeLessThan(0.1)
  })
})

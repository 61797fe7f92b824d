import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { solveEquilibrium, type EquilibriumInput } from './index.ts'

/** Calcium, iron, phosphate and carbonate with the solids that they make; constants about right. */
const pot = (pH: number, totals: Readonly<Record<'Ca' | 'Fe' | 'P' | 'C', number>>) =>
  ({
    components: [
      { name: 'H', logActivity: -pH },
      ...Object.entries(totals).map(([name, total]) => ({ name, total })),
    ],
    species: [
      { name: 'HPO4', logK: 12.35, of: { P: 1, H: 1 } },
      { name: 'H2PO4', logK: 19.55, of: { P: 1, H: 2 } },
      { name: 'HCO3', logK: 10.33, of: { C: 1, H: 1 } },
      { name: 'H2CO3', logK: 16.68, of: { C: 1, H: 2 } },
      { name: 'FeOH', logK: -2.19, of: { Fe: 1, H: -1 } },
      { name: 'Fe(OH)2', logK: -5.69, of: { Fe: 1, H: -2 } },
      { name: 'FeHPO4', logK: 22.3, of: { Fe: 1, P: 1, H: 1 } },
      { name: 'CaHCO3', logK: 11.4, of: { Ca: 1, C: 1, H: 1 } },
    ],
    solids: [
      { name: 'Fe(OH)3', logK: 3.54, of: { Fe: 1, H: -3 } },
      { name: 'FePO4', logK: -26.4, of: { Fe: 1, P: 1 } },
      { name: 'CaCO3', logK: -8.48, of: { Ca: 1, C: 1 } },
      { name: 'CaHPO4', logK: -19.28 + 0.3, of: { Ca: 1, P: 1, H: 1 } },
    ],
  }) satisfies EquilibriumInput

function settled(input: EquilibriumInput) {
  const answer = solveEquilibrium(input)
  if (!answer.converged) throw new Error(`${answer.reason} ${answer.residual}`)
  return answer
}

describe('solids that come and go', () => {
  it('in sour water iron lies as phosphate, in alkaline as hydroxide', () => {
    const totals = { Ca: 1e-4, Fe: 1e-3, P: 1e-3, C: 1e-4 }
    expect(settled(pot(3.5, totals)).solids).toHaveProperty('FePO4')
    const high = settled(pot(8.5, totals)).solids
    expect(high).toHaveProperty('Fe(OH)3')
    expect(high).not.toHaveProperty('FePO4')
  })

  it('two of one metal stand side by side where there is enough of it', () => {
    const { solids } = settled(pot(5.5, { Ca: 1e-4, Fe: 5e-3, P: 1e-3, C: 1e-4 }))
    expect(Object.keys(solids).toSorted()).toEqual(['Fe(OH)3', 'FePO4'])
  })

  it('lime falls out when the pH is raised', () => {
    const totals = { Ca: 4e-3, Fe: 1e-6, P: 1e-6, C: 4e-3 }
    expect(settled(pot(6, totals)).solids).not.toHaveProperty('CaCO3')
    expect(settled(pot(9, totals)).solids).toHaveProperty('CaCO3')
  })

  it('none is present that the water is not at the product of, and none is missing', () => {
    const log = fc.double({ min: -7, max: -2, noNaN: true }).map((value) => 10 ** value)
    const any = fc.record({ Ca: log, Fe: log, P: log, C: log })
    const anyPH = fc.double({ min: 3, max: 10.5, noNaN: true })
    fc.assert(
      fc.property(anyPH, any, (pH, totals) => {
        const input = pot(pH, totals)
        const answer = settled(input)
        expect(answer.balance).toBeLessThanOrEqual(1e-9)
        for (const { name, logK, of } of input.solids) {
          const product = Object.entries(of).reduce(
            (sum, [part, count]) =>
              sum + count * (part === 'H' ? -pH : Math.log10(answer.concentrations[part] ?? 0)),
            0,
          )
          const isThere = (answer.solids[name] ?? 0) > 0
          if (isThere) expect(Math.abs(product - logK)).toBeLessThan(1e-6)
          else expect(product - logK).toBeLessThan(1e-6)
        }
      }),
      { numRuns: 300 },
    )
  })
})

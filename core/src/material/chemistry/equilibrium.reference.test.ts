import { describe, expect, it } from 'vitest'
import { solveEquilibrium, type EquilibriumInput } from './index.ts'

/*
 * Worked examples of textbooks, recalled from the book named and not re-read. Books take constants
 * between concentrations and round answers to two or three figures, so 2 % or 0.02 of a p value
 * is asked, more only where the book itself rounds in between.
 */
function concentrations(input: EquilibriumInput): Readonly<Record<string, number>> {
  const answer = solveEquilibrium(input)
  if (!answer.converged) throw new Error(`not converged: ${answer.reason}`)
  return answer.concentrations
}
const at = (input: EquilibriumInput, name: string): number => concentrations(input)[name] ?? NaN
const within = (value: number, expected: number, relative: number) =>
  expect(Math.abs(value / expected - 1), `${value} for ${expected}`).toBeLessThanOrEqual(relative)

/** Protonated forms of a ligand from its pKa, first to last. */
const protonatedY = (pKa: readonly number[]) =>
  pKa.toReversed().map((_, index, reversed) => ({
    name: `H${index + 1}Y`,
    logK: reversed.slice(0, index + 1).reduce((sum, pK) => sum + pK, 0),
    of: { Y: 1, H: index + 1 },
  }))

const harrisOlder = protonatedY([0, 1.5, 2.0, 2.66, 6.16, 10.24])
const harrisNewer = protonatedY([0, 1.5, 2.0, 2.69, 6.13, 10.37])
/** Skoog & West: acid constants 1.02e-2, 2.14e-3, 6.92e-7, 5.50e-11. */
const skoog = protonatedY([1.02e-2, 2.14e-3, 6.92e-7, 5.5e-11].map((k) => -Math.log10(k)))
type Protons = typeof harrisOlder

const withMetal = (pH: number, protons: Protons, k: number, totals: { M: number; Y: number }) =>
  ({
    components: [
      { name: 'H', logActivity: -pH },
      { name: 'M', total: totals.M },
      { name: 'Y', total: totals.Y },
    ],
    species: [...protons, { name: 'MY', logK: Math.log10(k), of: { M: 1, Y: 1 } }],
  }) satisfies EquilibriumInput

describe('Harris, Quantitative Chemical Analysis', () => {
  const alpha = (pH: number, protons: Protons) =>
    at(
      {
        components: [
          { name: 'H', logActivity: -pH },
          { name: 'Y', total: 1 },
        ],
        species: protons,
      },
      'Y',
    )

  it.each([
    [4, 3.8e-9],
    [5, 3.7e-7],
    [6, 2.3e-5],
    [7, 5.0e-4],
    [8, 5.6e-3],
    [9, 5.4e-2],
    [10, 0.36],
  ])('free share of EDTA at pH %d, older editions', (pH, expected) => {
    // Two figures printed, pKa to two decimals: half a last figure and what the rounding adds.
    within(alpha(pH, harrisOlder), expected, 0.025)
  })

  it.each([
    [4, 3.0e-9],
    [5, 2.9e-7],
    [6, 1.8e-5],
    [7, 3.8e-4],
    [8, 4.2e-3],
    [9, 4.1e-2],
    [10, 0.3],
    [11, 0.81],
  ])('free share of EDTA at pH %d, newer editions', (pH, expected) => {
    within(alpha(pH, harrisNewer), expected, 0.02)
  })

  it.each([
    [10, 2.4e-6],
    [6, 3.0e-4],
  ])('free calcium in 0.10 M CaY at pH %d', (pH, expected) => {
    within(at(withMetal(pH, harrisOlder, 5.0e10, { M: 0.1, Y: 0.1 }), 'M'), expected, 0.04)
  })

  it.each([
    [5, 1.39],
    [50, 4.97],
    [51, 6.65],
  ])('pMg after %d mL of EDTA into 50 mL of magnesium, 0.0500 M both, pH 10', (mL, pMg) => {
    const volume = 50 + mL
    const totals = { M: (0.05 * 50) / volume, Y: (0.05 * mL) / volume }
    const free = at(withMetal(10, harrisOlder, 6.2e8, totals), 'M')
    expect(Math.abs(-Math.log10(free) - pMg)).toBeLessThanOrEqual(0.02)
  })

  it.each([
    [20, 8.11],
    [50, 12.05],
    [51, 14.36],
  ])('pZn after %d mL of EDTA into 50 mL of zinc, 1.00e-3 M both, in 0.10 M ammonia', (mL, pZn) => {
    const volume = 50 + mL
    const ammonia = [2.18, 4.43, 6.74, 8.7].map((logK, index) => ({
      name: `Zn(NH3)${index + 1}`,
      logK,
      of: { M: 1, NH3: index + 1 },
    }))
    const system = withMetal(10, harrisOlder, 3.2e16, {
      M: (1e-3 * 50) / volume,
      Y: (1e-3 * mL) / volume,
    })
    const free = at(
      {
        components: [...system.components, { name: 'NH3', logActivity: -1 }],
        species: [...system.species, ...ammonia],
      },
      'M',
    )
    expect(Math.abs(-Math.log10(free) - pZn)).toBeLessThanOrEqual(0.03)
  })
})

describe('Skoog & West, Fundamentals of Analytical Chemistry: nickel and EDTA', () => {
  it.each([
    [3, 1.2e-5],
    [8, 8.1e-10],
  ])('free nickel in 0.0150 M NiY at pH %d', (pH, expected) => {
    within(at(withMetal(pH, skoog, 4.2e18, { M: 0.015, Y: 0.015 }), 'M'), expected, 0.03)
  })

  it('free nickel where 50.0 mL of 0.0300 M meet 50.0 mL of 0.0500 M EDTA at pH 3', () => {
    within(at(withMetal(3, skoog, 4.2e18, { M: 0.015, Y: 0.025 }), 'M'), 1.4e-8, 0.05)
  })
})

const carbonate = [
  { name: 'OH', logK: -14, of: { H: -1 } },
  { name: 'HCO3', logK: -1.5 - 6.3, of: { CO2: 1, H: -1 } },
  { name: 'CO3', logK: -1.5 - 6.3 - 10.3, of: { CO2: 1, H: -2 } },
]

describe('Stumm & Morgan, Aquatic Chemistry', () => {
  it('pure water under carbon dioxide of 10^-3.5 atm is at pH 5.65', () => {
    const pH = -Math.log10(
      at(
        {
          components: [
            { name: 'H', total: 0 },
            { name: 'CO2', logActivity: -3.5 },
          ],
          species: carbonate,
        },
        'H',
      ),
    )
    expect(Math.abs(pH - 5.65)).toBeLessThan(0.02)
  })

  it('over calcite in the open air is at pH 8.3 with 10^-3.3 M calcium and 10^-3 M bicarbonate', () => {
    const found = concentrations({
      components: [
        // A spoon of calcite thrown in: calcium with two protons less each.
        { name: 'H', total: -0.02 },
        { name: 'Ca', total: 0.01 },
        { name: 'CO2', logActivity: -3.5 },
      ],
      species: carbonate,
      solids: [{ name: 'calcite', logK: -8.4 + 18.1, of: { Ca: 1, H: -2, CO2: 1 } }],
    })
    const p = (name: string) => -Math.log10(found[name] ?? NaN)
    expect(Math.abs(p('H') - 8.3)).toBeLessThan(0.06)
    expect(Math.abs(p('Ca') - 3.3)).toBeLessThan(0.1)
    expect(Math.abs(p('HCO3') - 3)).toBeLessThan(0.1)
  })
})

describe('Zumdahl, Chemistry: silver chloride in ammonia', () => {
  // Ksp 1.6e-10, K1 2.1e3, K2 8.2e3: 0.48 mol dissolve in a litre of 10.0 M ammonia.
  it('dissolves 0.48 M in 10.0 M ammonia and leaves the rest as a solid', () => {
    const answer = solveEquilibrium({
      components: [
        { name: 'Ag', total: 1 },
        { name: 'Cl', total: 1 },
        { name: 'NH3', total: 10 },
      ],
      species: [
        { name: 'AgNH3', logK: Math.log10(2.1e3), of: { Ag: 1, NH3: 1 } },
        { name: 'Ag(NH3)2', logK: Math.log10(2.1e3 * 8.2e3), of: { Ag: 1, NH3: 2 } },
      ],
      solids: [{ name: 'AgCl', logK: Math.log10(1.6e-10), of: { Ag: 1, Cl: 1 } }],
    })
    if (!answer.converged) throw new Error(answer.reason)
    within(answer.concentrations['Cl'] ?? NaN, 0.48, 0.02)
    within((answer.solids['AgCl'] ?? NaN) + (answer.concentrations['Cl'] ?? NaN), 1, 1e-9)
  })
})

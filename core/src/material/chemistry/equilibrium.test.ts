import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  competitors,
  dissolvedShare,
  ironInSolution,
  soilCurves,
  carriedShares,
  soilSystem,
  solutionSystem,
  solveEquilibrium,
} from './index.ts'
import { ligandIds, metalIds } from '../source/index.ts'

/** From a trace to a stock solution [mmol/L]. */
const amount = fc.double({ min: -6, max: 2, noNaN: true }).map((log) => 10 ** log)
const some = <Name extends string>(names: readonly Name[], least = 0) =>
  fc
    .uniqueArray(fc.tuple(fc.constantFrom(...names), amount), {
      selector: ([name]) => name,
      minLength: least,
    })
    .map((pairs) => Object.fromEntries(pairs) as Partial<Record<Name, number>>)

const anySolution = fc.record({
  pH: fc.double({ min: 3, max: 11, noNaN: true }),
  metalsMmolPerL: some(metalIds, 1),
  ligandsMmolPerL: some(ligandIds),
  precipitation: fc.constantFrom('none' as const, 'amorphous' as const, 'soil-iron' as const),
})

describe('solveEquilibrium', () => {
  it(
    'converges on 2,000 random solutions and meets every balance to 1e-9',
    { timeout: 120_000 },
    () => {
      fc.assert(
        fc.property(anySolution, (solution) => {
          const system = solutionSystem(solution)
          const answer = solveEquilibrium(system)
          if (!answer.converged) throw new Error(`${answer.reason}, residual ${answer.residual}`)
          // Counted again here, from the system as given.
          for (const component of system.components) {
            if (!('total' in component)) continue
            const { name, total } = component
            const free = answer.concentrations[name] ?? 0
            const bound = system.species.reduce(
              (sum, each) => sum + (each.of[name] ?? 0) * (answer.concentrations[each.name] ?? 0),
              0,
            )
            const fallen = (system.solids ?? []).reduce(
              (sum, each) => sum + (each.of[name] ?? 0) * (answer.solids[each.name] ?? 0),
              0,
            )
            expect(Math.abs(free + bound + fallen - total) / total).toBeLessThanOrEqual(1e-9)
          }
        }),
        { numRuns: 2000 },
      )
    },
  )

  it('obeys mass action and never leaves water over the product of a solid', () => {
    fc.assert(
      fc.property(anySolution, (solution) => {
        const system = solutionSystem(solution)
        const answer = solveEquilibrium(system)
        if (!answer.converged) throw new Error(answer.reason)
        const log = (name: string) =>
          name === 'H' ? -solution.pH : Math.log10(answer.concentrations[name] ?? 0)
        const product = (of: Readonly<Record<string, number>>) =>
          Object.entries(of).reduce((sum, [name, count]) => sum + count * log(name), 0)
        for (const each of system.species) {
          if ((answer.concentrations[each.name] ?? 0) < 1e-300) continue
          expect(Math.abs(log(each.name) - each.logK - product(each.of))).toBeLessThan(1e-8)
        }
        for (const solid of system.solids ?? []) {
          expect(product(solid.of) - solid.logK).toBeLessThan(1e-8)
        }
      }),
      { numRuns: 200 },
    )
  })

  it('says in its type that a system without an answer has none', () => {
    // A component that only ever is given off cannot have a positive total.
    const answer = solveEquilibrium({
      components: [
        { name: 'A', total: -1 },
        { name: 'B', total: 1 },
      ],
      species: [{ name: 'AB', logK: 3, of: { A: 1, B: 1 } }],
    })
    expect(answer).toMatchObject({ converged: false, reason: 'balances-not-met' })
  })

  it('lets the less soluble of two hydroxides take the place of the other', () => {
    const answer = solveEquilibrium({
      components: [
        { name: 'H', logActivity: -7 },
        { name: 'Fe', total: 1e-3 },
      ],
      species: [],
      solids: [
        { name: 'fresh', logK: 3.54, of: { Fe: 1, H: -3 } },
        { name: 'goethite', logK: -0.02, of: { Fe: 1, H: -3 } },
      ],
    })
    if (!answer.converged) throw new Error(answer.reason)
    expect(Object.keys(answer.solids)).toEqual(['goethite'])
  })

  it('names the component that a species speaks of and nobody gave', () => {
    const act = () =>
      solveEquilibrium({
        components: [{ name: 'Fe', total: 1e-3 }],
        species: [{ name: 'FeL', logK: 20, of: { Fe: 1, L: 1 } }],
      })
    expect(act).toThrow(expect.objectContaining({ code: 'unknown-name', parameter: 'FeL' }))
  })
})

describe('the shortcuts agree with the general solver', () => {
  const feed = { ironMmolPerL: 0.036, otherMetalsMmolPerL: { Ca: 4, Mg: 2, Zn: 0.003, Cu: 0.001 } }

  it.each(ligandIds.filter((id) => id !== 'citrate'))(
    '%s in a feed solution, within 0.3 of 100',
    (id) => {
      for (let pH = 4; pH <= 9; pH += 0.5) {
        const whole = ironInSolution({
          pH,
          metalsMmolPerL: { Fe: feed.ironMmolPerL, ...feed.otherMetalsMmolPerL },
          ligandsMmolPerL: { [id]: feed.ironMmolPerL },
        })
        if (!whole.converged) throw new Error(whole.reason)
        expect(Math.abs(whole.dissolvedShare - dissolvedShare(id, pH, feed))).toBeLessThan(0.003)
      }
    },
  )

  it.each(ligandIds)('%s in soil, to the last digit that counts', (id) => {
    for (const competition of competitors) {
      for (let pH = 4; pH <= 10; pH += 0.5) {
        const whole = solveEquilibrium(soilSystem(id, { pH, competition, ligandM: 1e-3 }))
        if (!whole.converged) throw new Error(whole.reason)
        const withIron = Object.entries(whole.concentrations).reduce(
          (sum, [name, amount]) =>
            sum + (name.includes('Fe') ? amount * (name.startsWith('(') ? 2 : 1) : 0),
          0,
        )
        const share = carriedShares(id, { pH, competition, ligandM: 1e-3 }).Fe
        expect(Math.abs(withIron / 1e-3 - share)).toBeLessThan(1e-9)
      }
    }
  })

  it('leaves bare iron in a feed solution to fall out', () => {
    expect(dissolvedShare('none', 3, { ...feed, ironMmolPerL: 1e-4 })).toBe(1)
    expect(dissolvedShare('none', 6, feed)).toBeLessThan(0.01)
  })

  it('curves are the points, and shares of a ligand add up to one', () => {
    const anyPH = fc.double({ min: 3, max: 11, noNaN: true })
    const anyCase = fc.constantFrom('none' as const, 'field' as const, 'full' as const)
    fc.assert(
      fc.property(anyPH, anyCase, (pH, competition) => {
        const { shares } = soilCurves({ pHs: [pH], competition })
        for (const id of ligandIds) {
          const carried = carriedShares(id, { pH, competition })
          const all = Object.values(carried).reduce((sum, share) => sum + share, 0)
          expect(Math.abs(all - 1)).toBeLessThan(1e-12)
          expect(Math.abs((shares[id][0] ?? -1) - carried.Fe)).toBeLessThan(1e-12)
        }
      }),
    )
  })
})

describe('what moves a curve', () => {
  const iron = (pH: number, conditions: object) => carriedShares('dtpa', { pH, ...conditions }).Fe

  it('less calcium, no zinc and copper or a more soluble iron raise it', () => {
    const usual = iron(7.6, {})
    expect(iron(7.6, { calcium: { kind: 'measured', calciumMmolPerL: 0.2 } })).toBeGreaterThan(
      usual,
    )
    expect(iron(7.6, { competition: 'none' })).toBeGreaterThan(usual)
    expect(iron(7.6, { ironSolid: 'amorphous' })).toBeGreaterThan(usual)
    expect(iron(7.6, { ironSolid: 'goethite' })).toBeLessThan(usual)
    expect(iron(7.6, { calcium: { kind: 'lime', otherAnionsMeqPerL: 20 } })).toBeLessThan(usual)
    expect(iron(8.6, { calcium: { kind: 'sodic' } })).toBeGreaterThan(iron(8.6, {}))
    expect(iron(7.6, { manganese: 'soil' })).toBeLessThanOrEqual(usual)
  })

  it('more chelate does not, while solids hold the metals', () => {
    const [more, less] = [1e-3, 1e-5].map((ligandM) => iron(7.6, { ligandM }))
    expect(Math.abs((more ?? 0) - (less ?? 1))).toBeLessThan(1e-12)
  })

  it.each([
    ['pH', () => iron(12, {})],
    ['ligandM', () => carriedShares('dtpa', { pH: 7, ligandM: 0 })],
    ['calciumMmolPerL', () => iron(7, { calcium: { kind: 'measured', calciumMmolPerL: -1 } })],
  ])('an impossible %s is refused', (parameter, act) => {
    expect(act).toThrow(expect.objectContaining({ code: 'out-of-range', parameter }))
  })
})

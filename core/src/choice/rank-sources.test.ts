import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contexts, routes } from '../plant/index.ts'
import { ironSources, rankSources, workingShare } from './index.ts'

const anyPH = fc.double({ min: 3, max: 10.5, noNaN: true })
const anyRoute = fc.constantFrom(...routes)
const grades = { works: 0, weak: 1, fails: 2 } as const

describe('every ranking', () => {
  it('names each source once, those that work before those that do not, the cheaper first', () => {
    fc.assert(
      fc.property(anyRoute, anyPH, (route, pH) => {
        const ranked = rankSources(route, { pH, doubt: 0.2 })
        expect(ranked.map(({ source }) => source.id).toSorted()).toEqual(
          ironSources.map(({ id }) => id).toSorted(),
        )
        const order = ranked.map(({ fitness }) => grades[fitness])
        expect(order).toEqual(order.toSorted())
        const costs = ranked
          .filter(({ fitness }) => fitness === 'works')
          .map(({ relativeCost }) => relativeCost)
        expect(costs).toEqual(costs.toSorted((a, b) => a - b))
      }),
    )
  })

  it('gives a reason that says where, at which pH and how much', () => {
    const [first] = rankSources('soil', { pH: 7.8, doubt: 0.2 })
    expect(first?.reason).toMatch(/^At pH 7.8 about 100 % of its iron stays of use in the soil/)
    expect(rankSources('leaf', { pH: 7.8, doubt: 0.2 })[0]?.reason).toMatch(
      /soil pH does not matter/,
    )
  })
})

describe('doubt about the pH', () => {
  it('rules out a source that may let go of its iron, before money is spent on it', () => {
    const best = (doubt: number) => rankSources('soil', { pH: 7, doubt })[0]?.source.id
    expect(best(0.2)).toBe('fe-dtpa')
    expect(best(1)).toBe('fe-eddha')
  })

  it('widens the share of use on both sides and leaves the expected one as it is', () => {
    fc.assert(
      fc.property(anyPH, (pH) => {
        for (const { id } of ironSources) {
          const sure = workingShare(id, 'soil', { pH, doubt: 0 })
          const unsure = workingShare(id, 'soil', { pH, doubt: 0.5 })
          expect(unsure.low).toBeLessThanOrEqual(sure.low + 1e-12)
          expect(unsure.high).toBeGreaterThanOrEqual(sure.high - 1e-12)
          expect(unsure.usual).toBe(sure.usual)
        }
      }),
    )
  })

  it('does not matter on the leaf', () => {
    const at = (pH: number) => workingShare('fe-dtpa', 'leaf', { pH, doubt: 0.5 })
    expect(at(5)).toEqual(at(9))
  })
})

describe('iron in the sources', () => {
  // Molar masses of IUPAC: Fe 55.845; FeSO4·7H2O 278.01.
  it('is that of the formula for ferrous sulfate, a little less on labels', () => {
    const { ironShare } = ironSources[0]
    expect(Math.abs(ironShare.high - 55.845 / 278.01)).toBeLessThan(1e-4)
    expect(ironShare.usual).toBeLessThanOrEqual(ironShare.high)
  })

  it('falls with the carbon around it', () => {
    const usual = (id: string) => ironSources.find((each) => each.id === id)?.ironShare.usual ?? 0
    expect(usual('ferrous-sulfate')).toBeGreaterThan(usual('fe-edta'))
    expect(usual('fe-edta')).toBeGreaterThan(usual('fe-dtpa'))
    expect(usual('fe-dtpa')).toBeGreaterThan(usual('fe-eddha'))
  })
})

it('every context has at least one way in, which is ranked', () => {
  for (const { routes: ways } of Object.values(contexts)) {
    for (const way of ways) expect(rankSources(way, { pH: 6.5, doubt: 0.2 })).toHaveLength(4)
  }
})

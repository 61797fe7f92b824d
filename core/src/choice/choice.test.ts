import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ironSourceIds, rankSources, workingShare } from './index.ts'

const order = (route: 'leaf' | 'soil' | 'solution', pH: number) =>
  rankSources(route, { pH, doubt: 0.2 })
const ids = (ranked: ReturnType<typeof order>) => ranked.map(({ source }) => source.id)

describe('the choice of an iron source', () => {
  it('in soil of pH 7.8 is EDDHA, and the salt is last', () => {
    const ranked = order('soil', 7.8)
    expect(ids(ranked)[0]).toBe('fe-eddha')
    expect(ids(ranked).at(-1)).toBe('ferrous-sulfate')
    expect(ranked.filter(({ fitness }) => fitness === 'works')).toHaveLength(1)
  })

  it('on the leaf is the cheap salt, EDDHA being the wrong route at any pH', () => {
    expect(ids(order('leaf', 7.8))).toEqual(['ferrous-sulfate', 'fe-edta', 'fe-dtpa', 'fe-eddha'])
    expect(order('leaf', 5).at(-1)?.reason).toMatch(/Wrong route/)
  })

  it('in soil of pH 5.8 goes by money', () => {
    expect(ids(order('soil', 5.8))[0]).toBe('ferrous-sulfate')
    expect(order('soil', 5.8).every(({ fitness }) => fitness === 'works')).toBe(true)
  })

  it('in a solution of pH 6.7 is DTPA; the salt precipitates', () => {
    expect(ids(order('solution', 6.7))[0]).toBe('fe-dtpa')
    expect(ids(order('solution', 6.7)).at(-1)).toBe('ferrous-sulfate')
  })
})

describe('the ceilings the trade knows', () => {
  // Common practice: EDTA gives out in soil at pH 6-6.5, DTPA at 7-7.5, EDDHA holds past 9.
  const fitness = (id: string, pH: number) =>
    order('soil', pH).find(({ source }) => source.id === id)?.fitness

  it.each([
    ['fe-edta', 6, 'works'],
    ['fe-edta', 7, 'fails'],
    ['fe-dtpa', 7, 'works'],
    ['fe-dtpa', 8, 'weak'],
    ['fe-dtpa', 8.4, 'fails'],
    ['fe-eddha', 9, 'works'],
  ] as const)('%s at pH %d: %s', (id, pH, expected) => {
    expect(fitness(id, pH)).toBe(expected)
  })
})

describe('workingShare', () => {
  it('keeps least, expected and most in order and never rises with soil pH', () => {
    const anyPH = fc.double({ min: 2.5, max: 11, noNaN: true })
    fc.assert(
      fc.property(fc.constantFrom(...ironSourceIds), anyPH, anyPH, (id, a, b) => {
        const [lower, higher] = [Math.min(a, b), Math.max(a, b)]
        const share = workingShare(id, 'soil', { pH: lower, doubt: 0.1 })
        expect(share.low).toBeLessThanOrEqual(share.usual)
        expect(share.usual).toBeLessThanOrEqual(share.high)
        const above = workingShare(id, 'soil', { pH: higher, doubt: 0.1 })
        expect(above.usual).toBeLessThanOrEqual(share.usual)
      }),
    )
  })

  it('refuses an impossible pH', () => {
    expect(() => workingShare('fe-edta', 'soil', { pH: 15, doubt: 0 })).toThrow(/from 2.5 to 11/)
  })
})

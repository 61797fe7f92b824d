import { describe, expect, it } from 'vitest'
import { offBy, outsideChecks, publications } from './index.ts'

const met = outsideChecks.filter(({ differs }) => differs === undefined)

describe('figures of publications that the model was not fitted to (from memory)', () => {
  it('are at least 150, of at least 30 publications, every one of them used', () => {
    expect(outsideChecks.length).toBeGreaterThanOrEqual(150)
    const used = new Set(outsideChecks.map(({ publication }) => publication))
    expect(used.size).toBeGreaterThanOrEqual(30)
    expect([...used].toSorted()).toEqual(Object.keys(publications).toSorted())
    const named = outsideChecks.map(({ publication, what }) => `${publication}: ${what}`)
    expect(new Set(named).size).toBe(named.length)
  })

  it('are met but for a few, which say why', () => {
    const differing = outsideChecks.filter(({ differs }) => differs !== undefined)
    expect(differing.length).toBeLessThanOrEqual(outsideChecks.length * 0.05)
    for (const check of differing) expect(offBy(check), check.what).toBeGreaterThan(check.within)
  })

  it.each(met.map((each) => [publications[each.publication], each.what, each] as const))(
    '%s: %s',
    (_, __, check) => {
      expect(offBy(check)).toBeLessThanOrEqual(check.within + 1e-9)
    },
  )
})

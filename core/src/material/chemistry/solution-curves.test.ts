import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dissolvedShare, solutionCurves, type FeedSolution } from './index.ts'
import { ligandIds } from '../source/index.ts'

const feed: FeedSolution = {
  ironMmolPerL: 0.036,
  otherMetalsMmolPerL: { Ca: 4, Mg: 2, Zn: 0.003, Cu: 0.001, Mn: 0.01 },
}
const anyPH = fc.double({ min: 3, max: 10.5, noNaN: true })

describe('iron in a feed solution', () => {
  // Common practice: DTPA to pH 7-7.5, EDDHA above; sulfate precipitates.
  it('is kept by DTPA to about neutral and by EDDHA at any pH', () => {
    expect(dissolvedShare('dtpa', 6, feed)).toBeGreaterThan(0.9)
    expect(dissolvedShare('dtpa', 8.5, feed)).toBeLessThan(0.1)
    expect(dissolvedShare('eddha', 8.5, feed)).toBeGreaterThan(0.9)
    expect(dissolvedShare('none', 6, feed)).toBeLessThan(0.01)
  })

  it('is a share, whatever the pH and the ligand', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ligandIds), anyPH, (id, pH) => {
        const share = dissolvedShare(id, pH, feed)
        expect(share).toBeGreaterThanOrEqual(0)
        expect(share).toBeLessThanOrEqual(1)
      }),
    )
  })

  it('is never more where more calcium, zinc or copper competes', () => {
    const more = fc.record({
      metal: fc.constantFrom('Ca' as const, 'Zn' as const, 'Cu' as const, 'Mn' as const),
      times: fc.double({ min: 1, max: 50, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.constantFrom(...ligandIds), anyPH, more, (id, pH, { metal, times }) => {
        const others = feed.otherMetalsMmolPerL
        const crowded = {
          ...feed,
          otherMetalsMmolPerL: { ...others, [metal]: (others[metal] ?? 0) * times },
        }
        expect(dissolvedShare(id, pH, crowded)).toBeLessThanOrEqual(
          dissolvedShare(id, pH, feed) + 1e-9,
        )
      }),
    )
  })

  it('is at least what the bare solution would hold', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ligandIds), anyPH, (id, pH) => {
        expect(dissolvedShare(id, pH, feed)).toBeGreaterThanOrEqual(
          dissolvedShare('none', pH, feed) - 1e-12,
        )
      }),
    )
  })

  it('drawn as curves is the same point by point', () => {
    const pHs = [4, 5.5, 7, 8.5]
    const curves = solutionCurves(pHs, feed)
    for (const id of ligandIds) {
      pHs.forEach((pH, index) => expect(curves[id][index]).toBe(dissolvedShare(id, pH, feed)))
    }
  })

  it.each([
    ['pH', () => dissolvedShare('edta', 12, feed)],
    ['ironMmolPerL', () => dissolvedShare('edta', 6, { ...feed, ironMmolPerL: 0 })],
  ])('with an impossible %s is refused', (parameter, act) => {
    expect(act).toThrow(expect.objectContaining({ code: 'out-of-range', parameter }))
  })
})

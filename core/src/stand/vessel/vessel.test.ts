import { describe, expect, it } from 'vitest'
import { quantityOf, valueIn } from '../../base/quantity/index.ts'
import { volumeOf, volumeOfLoop, type Vessel } from './index.ts'

describe('volumeOf', () => {
  it.each([
    [{ kind: 'box', lengthM: 4, widthM: 1.2, depthM: 0.3 }, 1440],
    [{ kind: 'upright', diameterM: 1, depthM: 1 }, 785.398],
    [{ kind: 'lying', diameterM: 1, lengthM: 2, depthM: 1 }, 1570.796],
    [{ kind: 'lying', diameterM: 1, lengthM: 2, depthM: 0.5 }, 785.398],
    // A quarter of the diameter deep holds 19.55 % of a lying drum (dip charts of tank makers).
    [{ kind: 'lying', diameterM: 1, lengthM: 2, depthM: 0.25 }, 307.09],
    [{ kind: 'pipe', diameterM: 0.1, lengthM: 12, fullShare: 0.4 }, 37.699],
  ] as const)('%j holds %d L', (vessel, litres) => {
    expect(Math.abs(volumeOf(vessel) / litres - 1)).toBeLessThan(1e-4)
  })

  it('a cubic foot holds 7.48 gal (US extension, pond and tank tables)', () => {
    const foot = 0.3048
    const litres = volumeOf({ kind: 'box', lengthM: foot, widthM: foot, depthM: foot })
    expect(Math.abs(valueIn(quantityOf(litres, 'L'), 'gal') - 7.48)).toBeLessThanOrEqual(0.005)
  })

  it('sums a loop', () => {
    const bed: Vessel = { kind: 'box', lengthM: 1, widthM: 1, depthM: 0.2 }
    expect(volumeOfLoop([bed, bed, bed])).toBeCloseTo(600, 9)
  })

  it.each([
    [{ kind: 'box', lengthM: 0, widthM: 1, depthM: 1 }, /length: expected/],
    [{ kind: 'upright', diameterM: -1, depthM: 1 }, /diameter: expected/],
    [{ kind: 'lying', diameterM: 1, lengthM: 2, depthM: 1.5 }, /up to the diameter/],
    [{ kind: 'pipe', diameterM: 0.1, lengthM: 2, fullShare: 2 }, /fullShare: expected/],
  ] as const)('refuses %j', (vessel, reason) => expect(() => volumeOf(vessel)).toThrow(reason))
})

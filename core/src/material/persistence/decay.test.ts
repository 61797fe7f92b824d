import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { heldAndOpen, leftAt, meanOver, perDayOf, type Decay } from './decay.ts'

const share = fc.double({ min: 0, max: 1, noNaN: true })
const halfLife = fc.double({ min: 0.2, max: 500, noNaN: true })
const anyDecay = fc
  .tuple(share, halfLife, share, halfLife)
  .map(([held, heldDays, open, openDays]) =>
    heldAndOpen(
      { share: held, perDay: perDayOf(heldDays) },
      { share: open, perDay: perDayOf(openDays) },
    ),
  )

describe('what dies away by halves', () => {
  it('is a half after a half-life and a quarter after two', () => {
    const decay: Decay = [{ weight: 1, perDay: perDayOf(18) }]
    expect(leftAt(decay, 18)).toBeCloseTo(0.5, 12)
    expect(leftAt(decay, 36)).toBeCloseTo(0.25, 12)
  })

  it('has the mean that adding up its days gives', () => {
    fc.assert(
      fc.property(anyDecay, fc.integer({ min: 1, max: 200 }), (decay, days) => {
        const steps = 4000
        let sum = 0
        for (let step = 0; step < steps; step += 1) {
          sum += leftAt(decay, ((step + 0.5) * days) / steps)
        }
        // The middle rule is good to a part in ten thousand for the fastest loss drawn.
        expect(Math.abs(sum / steps - meanOver(decay, days))).toBeLessThan(1e-4)
      }),
      { numRuns: 40 },
    )
  })

  it('held by a carrier, and open beside it, is never more than all nor less than either alone', () => {
    fc.assert(
      fc.property(anyDecay, fc.double({ min: 0, max: 300, noNaN: true }), (decay, day) => {
        const left = leftAt(decay, day)
        expect(left).toBeLessThanOrEqual(1 + 1e-12)
        expect(left).toBeGreaterThanOrEqual(leftAt(decay.slice(0, 1), day) - 1e-12)
        expect(left).toBeGreaterThanOrEqual(leftAt(decay.slice(1, 2), day) - 1e-12)
      }),
    )
  })

  it('over no time at all has the mean of its first day', () => {
    expect(meanOver([{ weight: 0.7, perDay: 0.1 }], 0)).toBe(0.7)
  })
})

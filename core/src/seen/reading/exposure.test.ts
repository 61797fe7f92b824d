import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { exposedValue, pHExposure, shareOfWindow, type Reading } from './index.ts'

const window = { from: '2026-05-01', to: '2026-05-28' }
const nitrate = (takenOn: string, value: number): Reading => ({
  kind: 'nitrate',
  value,
  method: 'laboratory',
  takenOn,
})

describe('the share of a window in which something acted', () => {
  it('lies between none and all, whatever the days', () => {
    const days = fc.integer({ min: -200, max: 200 })
    fc.assert(
      fc.property(days, fc.nat({ max: 300 }), (start, length) => {
        const from = addDays(window.from, start)
        const share = shareOfWindow(window, from, addDays(from, length))
        expect(share).toBeGreaterThanOrEqual(0)
        expect(share).toBeLessThanOrEqual(1)
      }),
    )
  })

  it('adds up over parts', () => {
    const first = shareOfWindow(window, window.from, '2026-05-10')
    const second = shareOfWindow(window, '2026-05-11', window.to)
    expect(first + second).toBeCloseTo(1, 12)
  })
})

describe('a value that leaves grew in', () => {
  it('is the mean of what was read while they grew, no surer than the best reading', () => {
    const read = [nitrate('2026-05-05', 10), nitrate('2026-05-20', 30)]
    const exposed = exposedValue(read, window, 45)
    expect(exposed?.value).toBe(20)
    expect(exposed?.doubt).toBeCloseTo(Math.hypot(3, 1.5), 9)
  })

  it('is the nearest outside, with a doubt that grows by the days between', () => {
    const near = exposedValue([nitrate('2026-06-07', 12)], window, 45)
    const far = exposedValue([nitrate('2026-07-07', 12)], window, 45)
    expect(near?.value).toBe(12)
    expect(far?.doubt).toBeGreaterThan((near?.doubt ?? 0) * 1.4)
  })

  it('is unknown where the readings are too far away', () => {
    expect(exposedValue([nitrate('2025-06-07', 12)], window, 45)).toBeUndefined()
    expect(exposedValue([], window, 45)).toBeUndefined()
  })
})

describe('the pH of the sick', () => {
  it('is not told by a healthy patch or by the water supply', () => {
    const pH = (place: Reading['place'], value: number): Reading => ({
      kind: 'pH',
      value,
      method: 'laboratory',
      takenOn: '2026-05-10',
      place,
    })
    const of = (...readings: readonly Reading[]) =>
      pHExposure(window, { readings, corrections: [] })?.pH
    expect(of(pH('sick', 7.9), pH('healthy', 6.8), pH('supply', 8.2))).toBeCloseTo(7.9, 9)
    expect(of(pH('healthy', 6.8))).toBeUndefined()
  })
})

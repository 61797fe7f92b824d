import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { checkReadingValue, leafWindow, pHExposure, pHOn, type Reading, doubtOf } from './index.ts'

const today = '2026-06-15'
const pHReading = (daysAgo: number, value: number): Reading => ({
  kind: 'pH',
  value,
  method: 'meter',
  takenOn: addDays(today, -daysAgo),
})

describe('pH through time', () => {
  it('reads between two readings', () => {
    const history = { readings: [pHReading(20, 7), pHReading(0, 8)], corrections: [] }
    expect(pHOn(addDays(today, -10), history)?.pH).toBeCloseTo(7.5, 9)
  })

  it('does not read across a correction', () => {
    const correction = { onDay: addDays(today, -1), fromPH: 8, toPH: 6 }
    const history = { readings: [pHReading(0, 6)], corrections: [correction] }
    expect(pHOn(addDays(today, -2), history)?.pH).toBe(8)
    expect(pHOn(today, history)?.pH).toBe(6)
  })

  it('knows nothing where nothing was measured or said', () => {
    expect(pHOn(today, { readings: [], corrections: [] })).toBeUndefined()
  })

  it('doubts a reading more the longer ago it was taken', () => {
    const history = { readings: [pHReading(300, 7)], corrections: [] }
    const [then, now] = [pHOn(addDays(today, -300), history), pHOn(today, history)]
    expect(now?.doubt).toBeGreaterThan((then?.doubt ?? 0) + 0.5)
  })
})

describe('the pH that the leaves grew in', () => {
  it('takes a shorter window for a fast plant and its youngest leaves', () => {
    expect(leafWindow(today, 'very-fast').from > leafWindow(today, 'slow').from).toBe(true)
    expect(leafWindow(today, 'normal', 'all').from < leafWindow(today, 'normal').from).toBe(true)
  })

  it('is that before a correction made yesterday, whatever is measured now', () => {
    const history = {
      readings: [pHReading(40, 8), pHReading(0, 6)],
      corrections: [{ onDay: addDays(today, -1), fromPH: 8, toPH: 6 }],
    }
    expect(pHExposure(leafWindow(today), history)?.pH).toBeCloseTo(8, 9)
  })
})

describe('checkReadingValue', () => {
  it('refuses a pH of 15 and a turf colour of 0', () => {
    expect(() => checkReadingValue('pH', 15)).toThrow(/pH: expected a number from 2.5 to 11/)
    expect(() => checkReadingValue('turfColour', 0)).toThrow(/from 1 to 9/)
  })
})

describe('the doubt of a reading', () => {
  const of = (more: Partial<Reading>) =>
    doubtOf({ kind: 'nitrate', value: 40, method: 'laboratory', ...more })

  it('grows with the value, and with how coarse the method is', () => {
    expect(of({})).toBeCloseTo(Math.hypot(3, 6), 9)
    expect(of({ method: 'strip' })).toBeCloseTo(3 * of({}), 9)
    expect(of({ value: 0 })).toBe(3)
  })

  it('is the one that was given, where one was', () => {
    expect(of({ doubt: 0.5 })).toBe(0.5)
    expect(of({ doubt: null })).toBe(of({}))
  })
})

import { describe, expect, it } from 'vitest'
import { responseFor, type Response } from '../../material/source/index.ts'
import { bestInterval, type IntervalAsked } from './index.ts'

const response = responseFor('leaf', 'ferrous-sulfate', 'turf')
const asked = (change: Partial<IntervalAsked> = {}): IntervalAsked => ({
  response,
  untreated: 0.4,
  cost: 10,
  paleLossPerDay: 5,
  ...change,
})
const daysOf = (change: Partial<IntervalAsked>) => bestInterval(asked(change)).days
const lasting = (times: number): Response => ({
  ...response,
  fades: { low: response.fades.low * times, high: response.fades.high * times },
})

describe('the interval that costs least', () => {
  it('is longer the dearer a treatment is, and shorter the more a pale day costs', () => {
    expect(daysOf({ cost: 40 })).toBeGreaterThan(daysOf({ cost: 10 }))
    expect(daysOf({ cost: 10 })).toBeGreaterThan(daysOf({ cost: 1 }))
    expect(daysOf({ paleLossPerDay: 50 })).toBeLessThan(daysOf({ paleLossPerDay: 5 }))
    // Money of another kind changes nothing.
    expect(daysOf({ cost: 1000, paleLossPerDay: 500 })).toBe(daysOf({}))
  })

  it('is longer where it lasts longer, and never before it is due in full', () => {
    expect(daysOf({ response: lasting(2) })).toBeGreaterThan(1.4 * daysOf({}))
    expect(daysOf({ paleLossPerDay: 1e4 })).toBeGreaterThanOrEqual(response.full.high)
  })

  it('is less hurried where much fails, and leaves off where nothing is lost', () => {
    const failing = { ...response, taught: { times: 1, fails: 0.7 } }
    const { perDay } = bestInterval(asked({ response: failing }))
    expect(perDay).toBeGreaterThan(bestInterval(asked()).perDay)
    const idle = bestInterval(asked({ paleLossPerDay: 0 }))
    expect(idle.untreatedPerDay).toBe(0)
    expect(idle.perDay).toBeGreaterThan(0)
  })

  it('has beside it those that cost hardly more, and what no treatment costs', () => {
    const { days, nearly, perDay, untreatedPerDay } = bestInterval(asked())
    expect(nearly.low).toBeLessThanOrEqual(days)
    expect(nearly.high).toBeGreaterThanOrEqual(days)
    expect(perDay).toBeLessThan(untreatedPerDay)
    expect(untreatedPerDay).toBeCloseTo(5 * (1 - 0.4 / 0.89), 9)
  })

  it('of a leaf that greens at once and holds for a time is the classic one of renewal', () => {
    // Green at once to a healthy leaf, gone at once after forty days: cost ÷ T until then.
    const sharp: Response = {
      ...response,
      firstChange: { low: 0, high: 0 },
      full: { low: 1, high: 1 },
      fades: { low: 40, high: 40 },
      taught: { times: 2, fails: 0 },
    }
    const { days } = bestInterval(asked({ response: sharp, cost: 40 }))
    expect(days).toBeGreaterThanOrEqual(40)
    expect(days).toBeLessThanOrEqual(60)
  })
})

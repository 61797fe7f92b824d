import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { acceptableGreenness } from '../../seen/colour/index.ts'
import { countGreen, knownDays } from './green-days.ts'

const day = (days: number) => addDays('2026-05-01', days)
const look = (days: number, greenness: number, doubt = 0.03) => ({
  day: day(days),
  greenness,
  doubt,
})
const bound = acceptableGreenness.value

describe('days of which it can be said how green the leaves were', () => {
  it('lie between looks that are near enough, and half as long beside any', () => {
    const days = knownDays([look(20, 0.7), look(30, 0.7), look(60, 0.7)], day(0), day(80))
    const expected = [
      ...Array.from({ length: 27 }, (_, at) => 12 + at),
      ...Array.from({ length: 17 }, (_, at) => 52 + at),
    ]
    expect(days.map((each) => each.day)).toEqual(expected.map(day))
  })

  it('are as likely green as not where the line between two looks crosses what is acceptable', () => {
    const days = knownDays([look(0, bound - 0.1), look(10, bound + 0.1)], day(0), day(10))
    expect(days[5]?.chance).toBeCloseTo(0.5, 6)
    expect(days[0]?.chance).toBeLessThan(0.01)
    expect(days[10]?.chance).toBeGreaterThan(0.99)
  })

  it('are surest on the day of a look, and less so the further from it', () => {
    const days = knownDays([look(0, bound + 0.05)], day(0), day(8))
    const chances = days.map(({ chance }) => chance)
    expect(chances).toEqual(chances.toSorted((a, b) => b - a))
    expect(chances[8]).toBeLessThan((chances[0] ?? 0) - 0.03)
  })

  it('are none where nobody looked, and take the last of several looks on one day', () => {
    expect(knownDays([], day(0), day(80))).toEqual([])
    const [only] = knownDays([look(0, 0.2), look(0, 0.9)], day(0), day(0))
    expect(only?.greenness).toBe(0.9)
  })
})

it('green days are at least those that are sure, at most those that may be, and likely their chances', () => {
  const days = [0.99, 0.95, 0.6, 0.3, 0.02].map((chance) => ({ chance }))
  const { low, usual, high } = countGreen(days)
  expect([low, high]).toEqual([2, 4])
  expect(usual).toBeCloseTo(2.86, 9)
  // Of many days that each are nearly sure some were not.
  const many = countGreen(Array.from({ length: 100 }, () => ({ chance: 0.95 })))
  expect(many.low).toBeCloseTo(95, 9)
  expect(many.high).toBe(100)
})

import { describe, expect, it } from 'vitest'
import type { Reading } from '../../seen/reading/index.ts'
import { groundReadings, newestOf, pHToStartFrom, retestsSince } from './index.ts'

const reading = (change: Partial<Reading>): Reading => ({
  kind: 'pH',
  value: 7,
  method: 'laboratory',
  takenOn: '2026-03-01',
  ...change,
})
const story = (...readings: Reading[]) => ({ readings, events: [] })

describe('what the bench knows of the ground', () => {
  it('is the newest of each kind, and not of a healthy patch', () => {
    const told = story(
      reading({ kind: 'organicMatter', value: 2 }),
      reading({ kind: 'organicMatter', value: 3, takenOn: '2026-04-01' }),
      reading({ kind: 'organicMatter', value: 9, takenOn: '2026-05-01', place: 'healthy' }),
      reading({ kind: 'calciumCarbonate', value: 4 }),
    )
    expect(newestOf(told, 'organicMatter')?.value).toBe(3)
    const facts = groundReadings(told, '')
    expect(facts).toMatchObject({ organicPercent: 3, clayPercent: undefined })
    expect(facts.measured?.percent).toBe(4)
    expect(facts.measured?.doubt).toBeGreaterThan(0.3)
  })

  it('takes a buffer pH only once its buffer is named, with the pH of its day', () => {
    const told = story(
      reading({ value: 5.4 }),
      reading({ kind: 'bufferPH', value: 7.6, takenOn: '2026-03-02' }),
    )
    expect(groundReadings(told, '').bufferTest).toBeUndefined()
    expect(groundReadings(told, 'adams-evans').bufferTest).toEqual({
      test: 'adams-evans',
      bufferPH: 7.6,
      soilPH: 5.4,
    })
  })
})

describe('the pH of a plan', () => {
  it('starts from what is known today, the surer the fresher', () => {
    const told = story(reading({ value: 6.9 }))
    expect(pHToStartFrom(told, '2026-03-02')?.pH).toBeCloseTo(6.9, 9)
    const [fresh, old] = ['2026-03-02', '2026-12-01'].map((day) => pHToStartFrom(told, day)?.doubt)
    expect(old).toBeGreaterThan(2 * (fresh ?? 9))
    expect(pHToStartFrom(story(), '2026-03-02')).toBeUndefined()
  })

  it('is taught by what was measured since, in water, with the spread of its cores', () => {
    const told = story(
      reading({ value: 6.9, takenOn: '2026-03-01' }),
      reading({ value: 6, takenOn: '2026-09-01', preparation: 'calcium-chloride' }),
      reading({ value: 7.6, takenOn: '2026-09-01', place: 'healthy' }),
      reading({ value: 7.9, takenOn: '2026-09-01', place: 'supply' }),
    )
    const [retest, ...more] = retestsSince(told, '2026-03-01')
    expect(more).toEqual([])
    expect(retest?.pH).toBeCloseTo(6.55, 9)
    expect(retest?.doubt).toBeCloseTo(Math.hypot(0.1, 0.15), 9)
  })
})

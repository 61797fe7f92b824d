import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { comesLateOf, failsOf, overshootsOf } from './data/chances.ts'
import { drawRecoveries, type Fate } from './draw-recoveries.ts'
import { responseFor } from '../../material/source/index.ts'
import { healthyGreenness } from '../../seen/colour/index.ts'
import { gainAt } from './recovery.ts'
import { weighRecoveries, type SeenGain } from './weigh-recoveries.ts'

const spray = responseFor('leaf', 'ferrous-sulfate', 'turf')
const before = { greenness: 0.35, doubt: 0.05 }
const recoveries = drawRecoveries(spray, before.greenness)
const shareOf = (fate: Fate) =>
  recoveries.filter((each) => each.fate === fate).length / recoveries.length

const anyGains = fc.array(
  fc.record({
    days: fc.integer({ min: 1, max: 60 }),
    gain: fc.double({ min: -0.3, max: 0.7, noNaN: true }),
    doubt: fc.double({ min: 0.01, max: 0.2, noNaN: true }),
    isAgainstStrip: fc.boolean(),
  }),
  { maxLength: 9 },
)

describe('recoveries before anybody looks', () => {
  it('fail, come late and overshoot as often as is laid down', () => {
    expect(shareOf('fails')).toBeCloseTo(failsOf.value, 2)
    expect(shareOf('late')).toBeCloseTo(comesLateOf.value, 2)
    expect(shareOf('overshoots')).toBeCloseTo(overshootsOf.value, 2)
  })

  it('first change, are full, and fade, in this order', () => {
    for (const { lag, full, fade } of recoveries) {
      expect(lag).toBeGreaterThan(0)
      expect(full).toBeGreaterThan(lag)
      expect(fade).toBeGreaterThanOrEqual(full)
    }
  })

  it('of late ones are later than the middle 80 of 100 of the usual', () => {
    const lags = (fate: Fate) =>
      recoveries.filter((each) => each.fate === fate).map(({ full }) => full)
    const usual = lags('answers').toSorted((a, b) => a - b)
    const late = lags('late')
    const middle = usual[Math.floor(usual.length / 2)] ?? NaN
    expect(late.filter((full) => full > middle).length / late.length).toBeGreaterThan(0.95)
  })

  it('gain nothing where they fail, and more than the gap only where they overshoot', () => {
    const gap = healthyGreenness.value - before.greenness
    for (const { fate, gain } of recoveries) {
      if (fate === 'fails') expect(gain).toBe(0)
      else if (fate === 'overshoots') expect(gain).toBeGreaterThan(gap)
      else expect(gain).toBeGreaterThan(0)
    }
  })

  it('are the same whenever they are asked for: two answers never differ by chance', () => {
    expect(drawRecoveries(spray, before.greenness)).toEqual(recoveries)
  })
})

describe('recoveries weighed by looks', () => {
  it('are all equal where nobody looked', () => {
    const weights = weighRecoveries(recoveries, [], before)
    expect(new Set(weights).size).toBe(1)
  })

  it('share one whole between them, whatever was seen', () => {
    fc.assert(
      fc.property(anyGains, (gains) => {
        const weights = weighRecoveries(recoveries, gains, before)
        const sum = weights.reduce((total, each) => total + each, 0)
        expect(Math.abs(sum - 1)).toBeLessThan(1e-9)
        expect(weights.every((each) => each >= 0)).toBe(true)
      }),
      { numRuns: 60 },
    )
  })

  it('gather about the recovery that was seen', () => {
    const real = recoveries.find(({ fate, gain }) => fate === 'answers' && gain > 0.4)
    if (!real) throw new Error('no recovery answers')
    const gains: SeenGain[] = [2, 4, 6, 8, 12, 18, 24].map((days) => ({
      days,
      gain: gainAt(days, real),
      doubt: 0.03,
      isAgainstStrip: true,
    }))
    const weights = weighRecoveries(recoveries, gains, before)
    const meanFull = recoveries.reduce(
      (sum, { full }, index) => sum + full * (weights[index] ?? 0),
      0,
    )
    expect(Math.abs(meanFull - real.full)).toBeLessThan(1)
    const failing = recoveries.reduce(
      (sum, { fate }, index) => sum + (fate === 'fails' ? (weights[index] ?? 0) : 0),
      0,
    )
    expect(failing).toBeLessThan(1e-3)
  })

  it('bear one wild look among sound ones', () => {
    const sound = [5, 7, 9, 11, 13].map((days) => ({
      days,
      gain: 0.42,
      doubt: 0.04,
      isAgainstStrip: true,
    }))
    const wild = sound.map((each, index) => (index === 2 ? { ...each, gain: -0.05 } : each))
    const failingWith = (gains: readonly SeenGain[]) => {
      const weights = weighRecoveries(recoveries, gains, before)
      return recoveries.reduce(
        (sum, { fate }, index) => sum + (fate === 'fails' ? (weights[index] ?? 0) : 0),
        0,
      )
    }
    expect(failingWith(sound)).toBeLessThan(0.001)
    expect(failingWith(wild)).toBeLessThan(0.05)
  })

  it('count looks without a strip as erring together: ten of them are not ten witnesses', () => {
    const looks = (isAgainstStrip: boolean) =>
      Array.from({ length: 10 }, (_, index) => ({
        days: 10 + index,
        gain: 0.12,
        doubt: 0.08,
        isAgainstStrip,
      }))
    const doubtful = { ...before, doubt: 0.12 }
    const spreadOf = (gains: readonly SeenGain[]) => {
      const weights = weighRecoveries(recoveries, gains, doubtful)
      const mean = recoveries.reduce((sum, { gain }, at) => sum + gain * (weights[at] ?? 0), 0)
      return recoveries.reduce(
        (sum, { gain }, at) => sum + (gain - mean) ** 2 * (weights[at] ?? 0),
        0,
      )
    }
    expect(spreadOf(looks(false))).toBeGreaterThan(spreadOf(looks(true)))
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ironShare, ironShareByStrip, nitrogenActsFor } from './index.ts'

describe('nitrogen that came with it', () => {
  it('takes its part of the greening, as a range', () => {
    const share = ironShare(0.3, 14, [{ days: 0, kgPerHa: 25 }])
    expect(share?.low).toBeLessThan(share?.usual ?? NaN)
    expect(share?.usual).toBeLessThan(share?.high ?? NaN)
    expect(share?.usual).toBeCloseTo(1 - (25 * 0.0035) / 0.3, 6)
  })

  it('takes nothing where there was none, or where it was full already', () => {
    expect(ironShare(0.3, 14, [])).toEqual({ low: 1, usual: 1, high: 1 })
    expect(ironShare(0.3, 7, [{ days: -20, kgPerHa: 25 }])?.usual).toBe(1)
    expect(ironShare(-0.1, 7, [])).toBeUndefined()
  })

  it('of a dose long before acts no more: it neither brings colour nor takes it away', () => {
    const old = (days: number) => ironShare(0.3, 10, [{ days: -days, kgPerHa: 50 }])
    expect(old(nitrogenActsFor.value)).toEqual({ low: 1, usual: 1, high: 1 })
    expect(old(nitrogenActsFor.value + 30)).toEqual({ low: 1, usual: 1, high: 1 })
  })
})

describe('a strip with the iron and without the nitrogen', () => {
  const appliedOn = '2026-05-01'
  const before = { greenness: 0.3, doubt: 0.03 }
  const look = (day: string, greenness: number) => ({ day, greenness, doubt: 0.03 })
  const watched = { appliedOn, before, seen: [look('2026-05-12', 0.6), look('2026-05-20', 0.7)] }

  it('gives iron what the strip gained, of what the stand gained', () => {
    const share = ironShareByStrip(watched, [look('2026-05-20', 0.6)])
    expect(share?.usual).toBeCloseTo(0.3 / 0.4, 9)
    expect(share?.days).toBe(19)
    expect(share?.low).toBeLessThan(0.7)
    expect(share?.high).toBeGreaterThan(0.8)
  })

  it('counts the newest day on which both were looked at, give or take a few days', () => {
    const early = look('2026-05-14', 0.45)
    expect(ironShareByStrip(watched, [early])?.days).toBe(11)
    expect(ironShareByStrip(watched, [early])?.usual).toBeCloseTo(0.15 / 0.3, 9)
    expect(ironShareByStrip(watched, [look('2026-05-28', 0.5)])).toBeUndefined()
  })

  it('takes off what an untreated strip gained by itself', () => {
    const untreated = [look('2026-05-20', 0.5)]
    const share = ironShareByStrip({ ...watched, untreated }, [look('2026-05-20', 0.6)])
    expect(share?.usual).toBeCloseTo((0.6 - 0.5) / (0.7 - 0.5), 9)
  })

  it('never sets a gain beside the untreated strip against one without it', () => {
    const untreated = [look('2026-05-16', 0.35)]
    const later = [look('2026-05-21', 0.6)]
    expect(ironShareByStrip({ ...watched, untreated }, later)).toBeUndefined()
    expect(ironShareByStrip({ ...watched, untreated }, [look('2026-05-17', 0.6)])?.days).toBe(19)
  })

  it('says nothing where nothing was gained, or before the treatment', () => {
    const pale = { ...watched, seen: [look('2026-05-20', 0.25)] }
    expect(ironShareByStrip(pale, [look('2026-05-20', 0.25)])).toBeUndefined()
    const old = { ...watched, seen: [look('2026-04-28', 0.5)] }
    expect(ironShareByStrip(old, [look('2026-04-28', 0.5)])).toBeUndefined()
  })

  it('is a share in order, narrower the surer the looks are', () => {
    const greenness = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(greenness, greenness, (whole, strip) => {
        const of = (doubt: number) =>
          ironShareByStrip({ ...watched, seen: [{ day: '2026-05-20', greenness: whole, doubt }] }, [
            { day: '2026-05-20', greenness: strip, doubt },
          ])
        const [sure, rough] = [of(0.01), of(0.1)]
        if (!sure || !rough) return
        expect(0 <= sure.low && sure.low <= sure.usual).toBe(true)
        expect(sure.usual <= sure.high && sure.high <= 1).toBe(true)
        expect(rough.high - rough.low).toBeGreaterThanOrEqual(sure.high - sure.low - 1e-9)
      }),
    )
  })
})

import { addDays } from '@spudder/core/base/calendar'
import { leafColour } from '@spudder/core/seen/colour'
import { describe, expect, it } from 'vitest'
import { expectedThreads, seenStops } from './ribbon-paint.ts'
import { timeScale, xOf } from './time-axis.ts'
import { windowOf } from './time-spans.ts'

const today = '2026-06-30'
const window = windowOf('year', today)
const scale = timeScale(window, 750)
const seenOn = (daysAgo: number, greenness: number) => ({
  day: addDays(today, -daysAgo),
  greenness,
  doubt: 0.05,
})
const expectedOn = (days: number, low: number, usual: number, high: number) => ({
  day: addDays(today, days),
  low,
  usual,
  high,
})

/** Thickness of a thread at its first and last point, from its outline. */
function thicknesses(d: string): { first: number; last: number } {
  const points = [...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)])
  const half = points.length / 2
  const at = (index: number) => points[index]?.[1] ?? 0
  return {
    first: Math.abs(at(0) - at(points.length - 1)),
    last: Math.abs(at(half - 1) - at(half)),
  }
}

describe('the time axis', () => {
  it('puts the ends of its window at the ends of the drawing', () => {
    expect(xOf(scale, window.from)).toBe(0)
    expect(xOf(scale, window.to)).toBe(750)
  })

  it('shows more before today than after it in every span', () => {
    for (const span of ['month', 'season', 'year', '5 years'] as const) {
      const { from, to } = windowOf(span, today)
      const at = xOf(timeScale({ from, to }, 1000), today)
      expect(at).toBeGreaterThan(500)
      expect(at).toBeLessThan(1000)
    }
  })
})

describe('colours that were seen', () => {
  it('stand at their days in the colour of the leaf', () => {
    const stops = seenStops([seenOn(100, 0.8), seenOn(50, 0.3)], scale)
    expect(stops.map(({ colour }) => colour)).toEqual([leafColour(0.8), leafColour(0.3)])
    expect(stops[1]?.x).toBeCloseTo(xOf(scale, addDays(today, -50)), 9)
  })

  it('leave out what could not be told apart and what is far off the drawing', () => {
    const daily = Array.from({ length: 900 }, (_, index) => seenOn(900 - index, 0.5))
    const stops = seenStops(daily, scale)
    expect(stops.length).toBeLessThan(260)
    // One neighbour stays beyond the edge, so that the colour runs on to it.
    expect(stops.filter(({ x }) => x < 0)).toHaveLength(1)
  })
})

describe('the threads of what is expected', () => {
  const sure = expectedOn(0, 0.5, 0.5, 0.5)
  const doubtful = expectedOn(60, 0.2, 0.5, 0.9)

  it('run from the best course at the top to the worst at the bottom', () => {
    const threads = expectedThreads([sure, doubtful], scale, 50)
    expect(threads).toHaveLength(5)
    const last = threads.map(({ stops }) => stops.at(-1)?.colour)
    expect(last[0]).toBe(leafColour(0.5 + 0.4 * 0.88))
    expect(last[2]).toBe(leafColour(0.5))
    expect(last[4]).toBe(leafColour(0.2 + 0.3 * 0.12))
  })

  it('fill the ribbon where nothing is in doubt, and grow thin where much is', () => {
    for (const { d } of expectedThreads([sure, doubtful], scale, 50)) {
      expect(thicknesses(d).first).toBeCloseTo(10, 6)
      expect(thicknesses(d).last).toBeLessThan(4)
    }
  })

  it('are none where there is nothing to join', () => {
    expect(expectedThreads([], scale, 50)).toEqual([])
    expect(expectedThreads([sure], scale, 50)).toEqual([])
  })
})

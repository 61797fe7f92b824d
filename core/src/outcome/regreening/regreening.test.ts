import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { expectedGain, forecastGreenness, judgeRegreening, type JudgementWord } from './index.ts'
import { responseFor } from '../../material/source/index.ts'

const day0 = '2026-05-01'
const leafSpray = responseFor('leaf', 'ferrous-sulfate', 'turf')
const eddhaTree = responseFor('soil', 'fe-eddha', 'tree')

describe('the response expected (common practice)', () => {
  it.each([
    ['leaf spray', leafSpray, 3, 7],
    ['EDDHA drench of a tree', eddhaTree, 21, 42],
    ['EDDHA watered into turf', responseFor('soil', 'fe-eddha', 'turf'), 9, 21],
  ])('%s: first change by day %3$d, full by day %4$d', (_, response, first, full) => {
    expect(expectedGain(response, 0.3, 0).high).toBe(0)
    expect(expectedGain(response, 0.3, first + 1).usual).toBeGreaterThan(0)
    const atFull = expectedGain(response, 0.3, full)
    expect(atFull.low).toBeGreaterThan(0.25)
    expect(atFull.high).toBeLessThanOrEqual(0.6)
  })

  it('keeps its order, never goes below nothing, and is over in the end', () => {
    const days = fc.integer({ min: -50, max: 500 })
    fc.assert(
      fc.property(days, fc.double({ min: 0, max: 1, noNaN: true }), (day, before) => {
        const { low, usual, high } = expectedGain(leafSpray, before, day)
        expect(0 <= low && low <= usual && usual <= high).toBe(true)
      }),
    )
    expect(expectedGain(leafSpray, 0.3, 200).high).toBe(0)
  })
})

describe('judgeRegreening', () => {
  const before = { greenness: 0.35, doubt: 0.05 }
  const cases: readonly [JudgementWord, typeof leafSpray, [number, number][]][] = [
    ['not looked yet', leafSpray, []],
    ['too early', leafSpray, [[1, 0.36]]],
    ['on course', leafSpray, [[7, 0.75]]],
    ['late', leafSpray, [[6, 0.42], [9, 0.55]]],
    ['no response', leafSpray, [[9, 0.34]]],
    ['no response', eddhaTree, [[20, 0.35], [50, 0.37]]],
    ['overshoot', leafSpray, [[6, 0.98], [8, 1], [10, 1]]],
    ['fading', leafSpray, [[7, 0.8], [26, 0.5]]],
  ] // prettier-ignore

  it.each(cases)('says "%s"', (word, response, looks) => {
    const seen = looks.map(([day, greenness]) => ({
      day: addDays(day0, day),
      greenness,
      doubt: 0.05,
    }))
    const scale = 'turfColour'
    const judgement = judgeRegreening({ response, appliedOn: day0, before, scale, seen })
    expect(judgement.word).toBe(word)
    expect(judgement.nextDue > day0).toBe(true)
  })

  it('tells what was expected and seen in the scale that was looked by', () => {
    const seen = [{ day: addDays(day0, 9), greenness: 0.35, doubt: 0.05 }]
    const given = { response: leafSpray, appliedOn: day0, before, seen }
    const told = (scale: 'turfColour' | 'severity') => judgeRegreening({ ...given, scale }).sentence
    expect(told('turfColour')).toMatch(/colour 6 to 8.1 of 9 expected by day 9, 3.8 seen/)
    expect(told('severity')).toMatch(/severity 1.5 to 0 of 5 expected by day 9, 3 seen/)
  })

  it('does not count what was seen before the treatment', () => {
    const seen = [{ day: addDays(day0, -3), greenness: 0.9, doubt: 0.05 }]
    const given = { response: leafSpray, appliedOn: day0, before, seen }
    const judged = judgeRegreening({ ...given, scale: 'severity' })
    expect(judged.word).toBe('not looked yet')
  })
})

describe('forecastGreenness', () => {
  const last = { day: day0, greenness: 0.35, doubt: 0.03 }
  const until = addDays(day0, 60)

  it('stays as it is without treatment, with growing doubt', () => {
    const points = forecastGreenness({ last, treatments: [], until, stepDays: 5 })
    expect(points[0]?.day).toBe(day0)
    expect(points.at(-1)).toMatchObject({ day: until, usual: 0.35 })
    const widths = points.map(({ low, high }) => high - low)
    expect(widths).toEqual(widths.toSorted((a, b) => a - b))
  })

  it('greens after a planned spray and fades again', () => {
    const treatments = [{ day: addDays(day0, 5), response: leafSpray }]
    const points = forecastGreenness({ last, treatments, until, stepDays: 1 })
    expect(points[5]?.usual).toBe(0.35)
    expect(points[14]?.usual).toBeGreaterThan(0.7)
    expect(points[60]?.usual).toBeLessThan(0.4)
  })

  it('goes on from what was seen when the treatment is already under way', () => {
    const treatments = [{ day: addDays(day0, -2), response: leafSpray }]
    const points = forecastGreenness({ last, treatments, until: addDays(day0, 6), stepDays: 1 })
    expect(points[0]?.usual).toBe(0.35)
    expect(points.at(-1)?.usual).toBeGreaterThan(0.6)
  })
})

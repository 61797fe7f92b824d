import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { forecastGreenness, judgeRegreening, type Treatment } from './index.ts'
import { responseFor } from '../../material/source/index.ts'

const day0 = '2026-05-01'
const spray = responseFor('leaf', 'ferrous-sulfate', 'turf')
const drench = responseFor('soil', 'fe-eddha', 'tree')
const share = fc.double({ min: 0, max: 1, noNaN: true })
const anyTreatments = fc.array(
  fc.record({
    day: fc.integer({ min: -200, max: 100 }).map((days) => addDays(day0, days)),
    response: fc.constantFrom(spray, drench),
  }),
  { maxLength: 5 },
)
const forecast = (greenness: number, treatments: readonly Treatment[], days = 120) =>
  forecastGreenness({
    last: { day: day0, greenness, doubt: 0.05 },
    treatments,
    until: addDays(day0, days),
    stepDays: 3,
  })

describe('a forecast', () => {
  it('keeps worst, usual and best in order and on the scale, whatever is planned', () => {
    fc.assert(
      fc.property(share, anyTreatments, (greenness, treatments) => {
        for (const { low, usual, high } of forecast(greenness, treatments)) {
          expect(0 <= low && low <= usual && usual <= high && high <= 1).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('begins at the colour that was seen and ends on the day asked for', () => {
    fc.assert(
      fc.property(share, anyTreatments, (greenness, treatments) => {
        const points = forecast(greenness, treatments)
        expect(points[0]).toMatchObject({ day: day0, usual: greenness })
        expect(points.at(-1)?.day).toBe(addDays(day0, 120))
      }),
      { numRuns: 30 },
    )
  })

  it('is not moved by a treatment whose effect is over', () => {
    const long = { day: addDays(day0, -2 * spray.fades.high - 1), response: spray }
    expect(forecast(0.3, [long])).toEqual(forecast(0.3, []))
  })

  it('is better with a second spray when the first has faded', () => {
    const first = { day: addDays(day0, 2), response: spray }
    const second = { day: addDays(day0, 40), response: spray }
    const at = (points: ReturnType<typeof forecast>, day: number) =>
      points.find((point) => point.day === addDays(day0, day))?.usual ?? 0
    expect(at(forecast(0.3, [first, second]), 51)).toBeGreaterThan(
      at(forecast(0.3, [first]), 51) + 0.2,
    )
  })

  it('does not green a leaf that lacks nothing', () => {
    const points = forecast(0.95, [{ day: day0, response: spray }])
    expect(Math.max(...points.map(({ usual }) => usual))).toBeCloseTo(0.95, 9)
  })

  it('is empty of days when the last look lies beyond the end', () => {
    expect(forecast(0.5, [], -10)).toHaveLength(1)
  })
})

describe('a judgement', () => {
  const anySeen = fc.array(
    fc.record({
      day: fc.integer({ min: -20, max: 200 }).map((days) => addDays(day0, days)),
      greenness: share,
      doubt: fc.constant(0.06),
    }),
    { maxLength: 12 },
  )

  it('always has a word, a sentence and a next day after the treatment', () => {
    fc.assert(
      fc.property(share, anySeen, fc.constantFrom(spray, drench), (start, seen, response) => {
        const { word, sentence, nextDue } = judgeRegreening({
          response,
          appliedOn: day0,
          before: { greenness: start, doubt: 0.06 },
          scale: 'severity',
          seen,
        })
        expect(word.length).toBeGreaterThan(3)
        expect(sentence).toMatch(/[.?]$/)
        expect(nextDue > day0).toBe(true)
      }),
    )
  })

  it('does not depend on the order in which looks were written down', () => {
    fc.assert(
      fc.property(anySeen, (seen) => {
        const judge = (looks: typeof seen) =>
          judgeRegreening({
            response: spray,
            appliedOn: day0,
            before: { greenness: 0.3, doubt: 0.06 },
            scale: 'turfColour',
            seen: looks,
          })
        fc.pre(new Set(seen.map(({ day }) => day)).size === seen.length)
        expect(judge(seen.toReversed())).toEqual(judge(seen))
      }),
    )
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { greennessOf, leafColour } from '../colour/index.ts'
import { readingKinds } from '../reading/index.ts'
import {
  biasAt,
  comparable,
  eyeScaleNames,
  isStale,
  measureEyes,
  paintShowing,
  planSitting,
  ratedTogether,
  raterOf,
  screensOf,
  seenWith,
  type Eye,
  type Sitting,
} from './index.ts'
import { pictureStray, ratersWith } from './tests/raters.ts'

const seeds = fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })

describe('a sitting', () => {
  it.each(eyeScaleNames)(
    'of %s shows each picture twice, over the scale, never soon again',
    (scale) => {
      fc.assert(
        fc.property(seeds, (seed) => {
          const shown = planSitting(scale, seed)
          const { min, max } = readingKinds[scale]
          for (let picture = 0; picture < 12; picture++) {
            const at = shown.flatMap((each, index) => (each.picture === picture ? [index] : []))
            expect(at).toHaveLength(2)
            expect((at[1] ?? 0) - (at[0] ?? 0)).toBeGreaterThan(4)
            const [first, again] = at.map((index) => shown[index])
            expect(first?.truth).toBe(again?.truth)
            // Drawn otherwise the second time, so that nobody knows it again.
            expect(first?.seed).not.toBe(again?.seed)
            const part = ((first?.truth ?? NaN) - min) / (max - min)
            expect(part).toBeGreaterThan(0.08 + (0.84 * picture) / 12 - 1e-9)
            expect(part).toBeLessThan(0.08 + (0.84 * (picture + 1)) / 12 + 1e-9)
          }
        }),
        { numRuns: 30 },
      )
    },
  )

  it('draws leaves about the colour that it says is true', () => {
    const [showing] = planSitting('turfColour', 0.4)
    if (!showing) throw new Error('nothing is shown')
    expect(showing.greenness).toBe(greennessOf('turfColour', showing.truth))
    const colours = new Set(paintShowing('turfColour', showing).map(({ colour }) => colour))
    expect(colours).toContain(leafColour(showing.greenness))
    expect(colours.size).toBeGreaterThan(10)
  })
})

const eyeOf = (sittings: readonly Sitting[], person = '0'): Eye => {
  const eye = measureEyes('turfColour', sittings).get(person)
  if (!eye) throw new Error('no eye')
  return eye
}
/** What one person said who is always off by as much, and stray by stray. */
const steady = (id: string, off: number, ratedOn = '2026-05-01'): Sitting => ({
  id,
  person: '0',
  ratedOn,
  ratings: planSitting('turfColour', 0.3).map(({ picture, truth }, at) => ({
    picture,
    truth,
    said: truth + off + (at % 3 === 0 ? 0.2 : -0.1),
  })),
})

describe('an eye', () => {
  it('that says too much is found to, and what it says is put right', () => {
    const eye = eyeOf([steady('a', 1), steady('b', 1)])
    expect(eye.bias.middle.mean).toBeCloseTo(1, 1)
    expect(biasAt(eye, 5).low).toBeGreaterThan(0.6)
    expect(comparable(eye, 6).value).toBeCloseTo(5, 1)
    // Of the ends of a scale none is passed.
    expect(comparable(eye, 1).value).toBe(1)
  })

  it('is known better after more sittings, and worse far from where it was tried', () => {
    const [one, four] = [1, 4].map((count) =>
      eyeOf(Array.from({ length: count }, (_, at) => steady(String(at), 0.3))),
    )
    expect(four?.bias.middle.deviation).toBeLessThan((one?.bias.middle.deviation ?? 0) / 1.5)
    if (!four) throw new Error('no eye')
    expect(biasAt(four, 9).deviation).toBeGreaterThan(biasAt(four, 5).deviation)
    expect(biasAt(four, 1).mean).toBeCloseTo(four.bias.low.mean, 9)
  })

  it('that is always right is told so, and nothing fails for want of an error', () => {
    const exact = (off: number): Sitting => {
      const whole = steady('a', off)
      return {
        ...whole,
        ratings: whole.ratings.map((each) => ({ ...each, said: each.truth + off })),
      }
    }
    expect(eyeOf([exact(0)]).bias.middle.mean).toBeCloseTo(0, 9)
    expect(eyeOf([exact(0.5)]).bias.middle.mean).toBeCloseTo(0.5, 6)
    expect(eyeOf([exact(0.5)]).spread.mean).toBeLessThan(1e-3)
  })

  it('that moved is said to have, one that stayed is not', () => {
    const days = ['2026-04-01', '2026-05-01', '2026-06-01', '2026-07-01']
    const moving = eyeOf(days.map((day, at) => steady(String(at), at < 2 ? 0 : 1.2, day)))
    expect(moving.hasDrifted).toBe(true)
    expect(moving.drift?.mean).toBeGreaterThan(0.8)
    const staying = eyeOf(days.map((day, at) => steady(String(at), 0.4, day)))
    expect(staying.hasDrifted).toBe(false)
    expect(eyeOf([steady('a', 0)]).drift).toBeUndefined()
  })

  it('puts right what it rated on its own scale, and nothing else', () => {
    const eye = eyeOf([steady('a', 1), steady('b', 1)])
    const rated = { kind: 'turfColour', value: 6, ratedBy: '0' } as const
    expect(seenWith([eye], rated)).toMatchObject(comparable(eye, 6))
    expect(seenWith([eye], { ...rated, doubt: 0.2 }).doubt).toBe(0.2)
    for (const other of [
      { ...rated, ratedBy: '1' },
      { ...rated, ratedBy: undefined },
      { ...rated, kind: 'severity' as const, value: 3 },
    ])
      expect(seenWith([eye], other)).toEqual(other)
  })

  it('is behind what somebody typed, and behind nothing from a device or a file', () => {
    const typed = { method: 'eye', came: { how: 'typed' }, createdBy: '0' } as const
    expect(raterOf(typed)).toBe('0')
    expect(raterOf({ ...typed, method: 'photo' })).toBeUndefined()
    const file = { how: 'imported', file: 'spring.csv', line: 3 } as const
    expect(raterOf({ ...typed, came: file })).toBeUndefined()
  })

  it('of several people makes their ratings of a trial comparable, or says whose is missing', () => {
    const high = eyeOf([steady('a', 1), steady('b', 1)])
    const low = { ...high, person: '1', bias: eyeOf([steady('a', 0), steady('b', 0)]).bias }
    const by = (ratedBy: string, value: number) => ({ ratedBy, value })
    const alone = [by('0', 6), by('0', 7)]
    expect(ratedTogether([high, low], 'turfColour', alone).ratings).toEqual(alone)
    const both = ratedTogether([high, low], 'turfColour', [by('0', 6), by('1', 5)])
    expect(both.putRightBy).toEqual(['0', '1'])
    expect(Math.abs((both.ratings[0]?.value ?? 0) - (both.ratings[1]?.value ?? 9))).toBeLessThan(0.2) // prettier-ignore
    const missing = ratedTogether([high], 'turfColour', [by('0', 6), by('1', 5)])
    expect(missing).toMatchObject({ unmeasured: ['1'], ratings: [{ value: 6 }, { value: 5 }] })
  })

  it('is due again after a season, counted from its last sitting', () => {
    const eye = eyeOf([steady('a', 0, '2026-06-01'), steady('b', 0, '2026-03-01')])
    expect(eye).toMatchObject({ lastOn: '2026-06-01', sittings: 2, pictures: 24 })
    expect(isStale(eye, '2026-08-30')).toBe(false)
    expect(isStale(eye, '2026-08-31')).toBe(true)
  })

  it('of nobody, or of a sitting left after two pictures, is not measured', () => {
    expect(measureEyes('turfColour', [])).toEqual(new Map())
    const left = { ...steady('a', 0), ratings: steady('a', 0).ratings.slice(0, 13) }
    expect(measureEyes('turfColour', [left])).toEqual(new Map())
  })
})

describe('the screen that one sat at', () => {
  const at = (...screens: readonly string[]) => ({ screens })

  it('is one for all, or known to be several, or not known', () => {
    expect(screensOf(at('office'), at('office'))).toBe('same')
    expect(screensOf(at('office'), at('phone'))).toBe('different')
    expect(screensOf(at('office', 'phone'))).toBe('different')
    expect(screensOf(at('office'), at(''))).toBe('unnamed')
  })

  it('is told of each eye by the sittings, however it was written', () => {
    const [first, second] = ratersWith(0.5, 1, 2).rated
    if (!first || !second) throw new Error('two sittings')
    const screens = (one: string | null, other: string) =>
      measureEyes('turfColour', [
        { ...first, screen: one },
        { ...second, screen: other },
      ]).get(first.person)?.screens
    expect(screens('Office', ' office ')).toEqual(['office'])
    expect(screens(null, 'Phone')).toEqual(['', 'phone'])
  })
})

/** Made-up people whose eyes are known: what is measured must hold the truth about nine times in ten. */
describe.each([
  { people: 1, sittings: 3, worlds: 120 },
  { people: 3, sittings: 2, worlds: 60 },
  { people: 5, sittings: 4, worlds: 24 },
])('of $people people after $sittings sittings', ({ people, sittings, worlds }) => {
  const held = { bias: 0, spread: 0, drift: 0, reading: 0 }
  let better = 0
  for (let world = 0; world < worlds; world++) {
    const { raters, rated, later, random } = ratersWith((world + 0.5) / worlds, people, sittings)
    const eyes = measureEyes('turfColour', rated)
    for (const [person, rater] of raters.entries()) {
      const eye = eyes.get(String(person))
      if (!eye?.drift) throw new Error('no eye')
      const { low, high } = biasAt(eye, 5)
      if (rater.bias > low && rater.bias < high) held.bias++
      // Half steps stray by 0.5 / √12.
      const spread = Math.hypot(rater.spread, pictureStray, 0.5 / Math.sqrt(12))
      if (spread > eye.spread.low && spread < eye.spread.high) held.spread++
      const drift = (rater.days.at(-1) ?? 0) - (rater.days[0] ?? 0)
      if (drift > eye.drift.low && drift < eye.drift.high) held.drift++
      const truth = 3 + 4 * random()
      const said = later(rater, truth)
      const { value, doubt } = comparable(eye, said)
      if (Math.abs(value - truth) < 1.645 * doubt) held.reading++
      better += Math.abs(said - truth) - Math.abs(value - truth)
    }
  }
  const share = (count: number) => count / (worlds * people)

  it('intervals hold what is true', () => {
    expect(share(held.bias)).toBeGreaterThan(0.85)
    expect(share(held.spread)).toBeGreaterThan(0.8)
    expect(share(held.drift)).toBeGreaterThan(0.82)
    expect(share(held.reading)).toBeGreaterThan(0.85)
    expect(share(held.drift)).toBeLessThan(0.98)
    expect(share(held.reading)).toBeLessThan(0.98)
  })

  it('a reading put right lies nearer to the truth than what was said', () => {
    expect(better / (worlds * people)).toBeGreaterThan(0.05)
  })
})

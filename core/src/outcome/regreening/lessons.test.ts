import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { learnMean } from '../../base/statistics/index.ts'
import { responseFor } from '../../material/source/index.ts'
import { lessonsOf, type LessonName } from './index.ts'
import { strayPerDay } from './data/recovery.ts'
import { gainAt, gapBefore, middle } from './recovery.ts'

const response = responseFor('leaf', 'ferrous-sulfate', 'turf')
const day0 = '2025-05-01'
const before = { greenness: 0.4, doubt: 0.03 }
const usual = {
  lag: middle(response.firstChange),
  full: middle(response.full),
  fade: middle(response.fades),
  gain:
    gapBefore(before.greenness, response).gap * gapBefore(before.greenness, response).share.usual,
}
/** Looks at a stand that answers by so many times what is usual, in a world that strays as a bell draws. */
function looks(times: Partial<Record<LessonName, number>>, bell: () => number = () => 0) {
  const recovery = {
    lag: usual.lag * (times.onset ?? 1),
    full: usual.full * (times.onset ?? 1),
    fade: usual.fade * (times.lasting ?? 1),
    gain: usual.gain * (times.size ?? 1),
  }
  const allDays = [1, 3, 6, 10, 15, 21, 28, 36, 45, 56]
  // The colour before was seen no better than those after, and weather walks about.
  let walk = before.doubt * bell()
  return allDays.map((days, at) => {
    walk += strayPerDay.value * Math.sqrt(days - (allDays[at - 1] ?? 0)) * bell()
    const greenness = before.greenness + gainAt(days, recovery) + walk + 0.03 * bell()
    return { day: addDays(day0, days), greenness, doubt: 0.03 }
  })
}
const taught = (seen: ReturnType<typeof looks>) =>
  lessonsOf(response, { appliedOn: day0, before, seen })

describe('what a treatment teaches', () => {
  it('is nothing before anybody looked, or where there was nothing to gain', () => {
    expect(taught([])).toBeUndefined()
    const green = { greenness: 0.95, doubt: 0.02 }
    const seen = looks({})
    expect(lessonsOf(response, { appliedOn: day0, before: green, seen })).toBeUndefined()
  })

  it('that failed is that it failed, and no more', () => {
    const { answered = NaN, lessons } = taught(looks({ size: 0 })) ?? {}
    expect(answered).toBeLessThan(0.1)
    expect(lessons).toEqual({})
  })

  it('is nothing of how long it lasts while it has not begun to fade', () => {
    const early = looks({}).slice(0, 3)
    const { lessons } = taught(early) ?? {}
    expect(Object.keys(lessons ?? {})).not.toContain('lasting')
    expect(Object.keys(lessons ?? {})).toContain('size')
  })

  it.each([
    ['size', 0.7],
    ['lasting', 1.35],
  ] as const)('points the right way where its %s is %f times the usual', (name, times) => {
    const { lessons } = taught(looks({ [name]: times })) ?? {}
    const lesson = lessons?.[name]
    if (!lesson) throw new Error('nothing was taught')
    expect(Math.sign(lesson.value)).toBe(Math.sign(Math.log(times)))
    expect(Math.abs(lesson.value - Math.log(times))).toBeLessThan(2.5 * lesson.deviation)
  })
})

/** Made-up places that answer otherwise than usual: what their treatments teach must lead to it. */
describe('what many treatments teach together', () => {
  const random = randomLcg(0.43)
  const bell = randomNormal.source(random)(0, 1)
  const places = 120
  const off = { learnt: 0, usual: 0, held: 0 }
  for (let place = 0; place < places; place++) {
    const lasting = 0.2 * bell()
    const [between, within] = [Math.abs(0.1 * bell()), Math.abs(0.15 * bell())]
    const stands = [between * bell(), between * bell()]
    const seen = Array.from({ length: 6 }, (_, at) => {
      const here = lasting + (stands[at % 2] ?? 0) + within * bell()
      const times = { lasting: Math.exp(here), size: Math.exp(0.1 * bell()) }
      const lesson = taught(looks(times, bell))?.lessons.lasting
      return lesson ? [{ group: String(at % 2), age: 0, ...lesson }] : []
    }).flat()
    const thought = {
      mean: 0,
      deviation: 0.2,
      groupScale: 0.1,
      scalesWorth: 1,
      timeScale: 0.15,
      halfLife: 1500,
    }
    const { after } = learnMean(seen, thought)
    off.learnt += (after.mean - lasting) ** 2
    off.usual += lasting ** 2
    if (Math.abs(after.mean - lasting) < 1.645 * after.deviation) off.held++
  }

  it('comes nearer to how long it lasts there than what is usual', () => {
    expect(Math.sqrt(off.learnt / off.usual)).toBeLessThan(0.75)
  })

  it('promises no more than it holds', () => {
    expect(off.held / places).toBeGreaterThan(0.82)
    expect(off.held / places).toBeLessThan(0.98)
  })
})

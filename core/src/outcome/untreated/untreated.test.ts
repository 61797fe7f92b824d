import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { acceptableGreenness } from '../../seen/colour/index.ts'
import type { LearningRecord } from '../learnt/index.ts'
import { learnCourse, untreatedLooks, type UntreatedLook } from './index.ts'

const on = '2026-12-31'
const never = () => false
const daysOfYear = 365.25

describe('colours in which no treatment shows', () => {
  const colour = (takenOn: string, place?: 'untreated' | 'no-nitrogen') => ({
    standId: 'green',
    kind: 'turfColour' as const,
    value: 5,
    method: 'eye' as const,
    takenOn,
    place,
  })
  const record: LearningRecord = {
    stands: [{ id: 'green', context: 'turf' }],
    colours: [
      colour('2026-03-01'),
      colour('2026-04-10'),
      colour('2026-04-20'),
      colour('2026-04-20', 'untreated'),
      colour('2026-04-20', 'no-nitrogen'),
      colour('2026-12-01'),
    ],
    treatments: [
      {
        entryId: 'spray',
        standId: 'green',
        appliedOn: '2026-04-10',
        route: 'leaf',
        sourceId: 'ferrous-sulfate',
      },
    ],
  }

  it('are those before it, long after it, and of the strip left untreated', () => {
    const looks = untreatedLooks(record, [], never)
    expect(looks.map(({ day, isOfStrip }) => [day, isOfStrip])).toEqual([
      ['2026-03-01', false],
      // On the day itself it was looked at before.
      ['2026-04-10', false],
      ['2026-12-01', false],
      ['2026-04-20', true],
    ])
  })

  it('are none of a plant at rest', () => {
    const looks = untreatedLooks(record, [], (_, day) => day > '2026-11-01')
    expect(looks.map(({ day }) => day)).toEqual(['2026-03-01', '2026-04-10', '2026-04-20'])
  })
})

/** Looks at a stand that is palest about one day of each year. */
function wave(standId: string, palest: string, years: number, shift = 0): UntreatedLook[] {
  return Array.from({ length: 26 * years }, (_, at) => {
    const day = addDays('2024-01-05', 14 * at)
    const turn = (2 * Math.PI * (Date.parse(day) - Date.parse(palest))) / 86_400_000 / daysOfYear
    const greenness = acceptableGreenness.value + shift + 0.05 - 0.15 * Math.cos(turn)
    return { standId, day, greenness, doubt: 0.05, isOfStrip: true }
  })
}

describe('the year to come without treatment', () => {
  const ask = { standIds: ['green', 'tee'], isResting: never, on }

  it('is pale in the weeks in which it was', () => {
    const { stands, knowsTooLittle } = learnCourse(wave('green', '2024-04-15', 3), ask)
    const [stretch, more] = stands[0]?.pale ?? []
    expect(knowsTooLittle).toBe(false)
    expect(more).toBeUndefined()
    expect(stretch?.from).toMatch(/^2027-0[12]/)
    expect(stretch?.to).toMatch(/^2027-0[67]/)
    expect(stretch?.chance).toBeGreaterThan(0.75)
  })

  it('of a stand that nobody looked at is that of its place, less surely', () => {
    const { stands } = learnCourse(wave('green', '2024-04-15', 3), ask)
    const [green, tee] = stands
    const width = (week = 15) => [green, tee].map((each) => (each?.weeks[week]?.high ?? 0) - (each?.weeks[week]?.low ?? 0)) // prettier-ignore
    const [own = 0, other = 0] = width()
    expect(other).toBeGreaterThan(own)
    expect(tee?.weeks[15]?.greenness).toBeLessThan(tee?.weeks[41]?.greenness ?? 0)
    expect(green?.knowsTooLittle).toBe(false)
    expect(tee).toMatchObject({ looks: 0, ofStrip: 0, knowsTooLittle: true })
  })

  it('is as likely pale as not where nobody looked, and says so', () => {
    const { stands, knowsTooLittle } = learnCourse([], ask)
    expect(knowsTooLittle).toBe(true)
    for (const { chancePale } of stands[0]?.weeks ?? []) expect(chancePale).toBeCloseTo(0.5, 6)
  })

  it('leaves out the weeks of rest, and looks that are yet to come', () => {
    const isResting = (_: string, day: string) => day >= '2027-11-01'
    const late = wave('green', '2024-04-15', 3).map((look) => ({ ...look, day: addDays(look.day, 1500) })) // prettier-ignore
    const { stands, looks } = learnCourse(late, { ...ask, isResting })
    expect(looks).toEqual([])
    expect(stands[0]?.weeks.at(-1)?.from).toMatch(/^2027-10/)
  })
})

/** Made-up places of which the truth is known: weather walks through them, half of it in all stands alike. */
describe('500 made-up places', () => {
  const bell = randomNormal.source(randomLcg(23))(0, 1)
  const scales = [0.15, 0.08, 0.08, 0.03, 0.03] as const
  const strays = [0.08, 0.04, 0.04, 0.02, 0.02] as const
  const [ofWeather, holds, ofLook, doubt] = [0.05, 45, 0.03, 0.05]
  const waves = (day: string) => {
    const turn = (2 * Math.PI * (Date.parse(day) - Date.parse('2020-01-01'))) / 86_400_000 / daysOfYear // prettier-ignore
    return [1, Math.cos(turn), Math.sin(turn), Math.cos(2 * turn), Math.sin(2 * turn)]
  }
  const colourOn = (day: string, own: readonly number[]) =>
    waves(day).reduce((sum, each, at) => sum + each * (own[at] ?? 0), 0)
  /** Weather that is much as it was some weeks ago. */
  function weather(count: number, step: number): readonly number[] {
    const stays = Math.exp(-step / holds)
    let now = ofWeather * bell()
    return Array.from({ length: count }, () => {
      now = stays * now + Math.sqrt(1 - stays ** 2) * ofWeather * bell()
      return now
    })
  }
  const tally = { held: 0, asked: 0, likely: 0, pale: 0, foretold: 0, score: 0, base: 0 }
  for (let place = 0; place < 500; place += 1) {
    const own = scales.map((scale, at) => (at === 0 ? 0.6 : 0) + scale * bell())
    // Looked at every second week, or every second month, for one to three years.
    const step = place % 2 === 0 ? 14 : 60
    const count = Math.floor((365 * (1 + (place % 3))) / step)
    const shared = weather(count, step)
    const stands = ['a', 'b', 'c'].map((id) => ({
      id,
      truth: own.map((each, at) => each + (strays[at] ?? 0) * bell()),
      weather: weather(count, step),
    }))
    const looks = stands.flatMap(({ id, truth, weather: alone }) =>
      Array.from({ length: count }, (_, at): UntreatedLook => {
        const day = addDays(on, -step * (count - 1 - at))
        const strayed = (shared[at] ?? 0) + (alone[at] ?? 0) + Math.hypot(ofLook, doubt) * bell()
        return { standId: id, day, greenness: colourOn(day, truth) + strayed, doubt, isOfStrip: false } // prettier-ignore
      }),
    )
    const { stands: learnt } = learnCourse(looks, {
      standIds: ['a', 'b', 'c'],
      isResting: never,
      on,
    })
    for (const [at, { truth }] of stands.entries()) {
      const week = learnt[at]?.weeks[10 + 12 * at]
      if (!week) throw new Error('a week that is not there')
      const strayed = ofWeather * Math.SQRT2 * bell() + ofLook * bell()
      const is = colourOn(addDays(week.from, 3), truth) + strayed
      const isPale = is < acceptableGreenness.value
      tally.asked += 1
      // The ends are those of eight in ten; nine in ten lie as much wider.
      const ninth = ((week.high - week.low) / 2) * (1.645 / 1.2816)
      if (Math.abs(is - week.greenness) <= ninth) tally.held += 1
      tally.score += (week.chancePale - Number(isPale)) ** 2
      tally.base += 0.25
      if (week.chancePale < 0.7) continue
      tally.likely += 1
      tally.foretold += week.chancePale
      if (isPale) tally.pale += 1
    }
  }

  it('lie in the next year where nine of ten were said to', () => {
    expect(tally.held / tally.asked).toBeGreaterThan(0.85)
    expect(tally.held / tally.asked).toBeLessThan(0.95)
  })

  it('are pale about as often as was foretold, and are foretold better than by a coin', () => {
    expect(tally.likely).toBeGreaterThan(200)
    expect(Math.abs(tally.pale - tally.foretold) / tally.likely).toBeLessThan(0.06)
    expect(tally.score / tally.base).toBeLessThan(0.75)
  })
})

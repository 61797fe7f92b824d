import { randomLcg, randomLogNormal, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { expectedGain, fitRecovery, gainsSeen, judgeRegreening, type Outcome } from './index.ts'
import { responseFor, type Response } from '../../material/source/index.ts'
import { healthyGreenness, type SeenGreenness } from '../../seen/colour/index.ts'

const appliedOn = '2026-05-01'
const random = randomLcg(0.618)
const bell = randomNormal.source(random)(0, 1)

/**
 * How a plant really goes, by a rule of its own: a straight rise instead of a smooth one, a straight
 * fall, lags and spans that are skewed, weather that wanders by the day.
 */
function realPlant(response: Response, before: number, fate: 'fails' | 'late' | 'over' | 'usual') {
  const skewed = (range: { low: number; high: number }) =>
    Math.sqrt(range.low * range.high) *
    randomLogNormal.source(random)(0, Math.log(range.high / range.low) / 2.563)()
  const slow = fate === 'late' ? 1.5 + 1.3 * random() : 1
  const lag = skewed(response.firstChange) * slow
  const full = Math.max(lag + 1, skewed(response.full) * slow)
  const fade = Math.max(full, skewed(response.fades))
  const gap = Math.max(0, healthyGreenness.value - before)
  const usual = gap * Math.min(1.05, 0.78 + 0.19 * bell())
  const answered = fate === 'over' ? gap + 0.05 + 0.15 * random() : usual
  const most = fate === 'fails' ? 0 : answered
  const gain = (day: number) => {
    const rise = Math.min(1, Math.max(0, (day - lag) / (full - lag)))
    return most * rise * Math.min(1, Math.max(0, 1 - (day - fade) / fade))
  }
  return { gain, full, most }
}

const fates = (draw: number) => {
  if (draw < 0.2) return 'fails' as const
  if (draw < 0.32) return 'late' as const
  return draw < 0.4 ? ('over' as const) : ('usual' as const)
}

interface Judged {
  readonly said: Outcome
  readonly chance: number
  readonly isTrue: boolean
}

/** A simulated case: looked at every few days with an eye that errs, judged at the last look. */
function judgeOne(): Judged | undefined {
  const response =
    random() < 0.5 ? responseFor('leaf', 'ferrous-sulfate', 'turf') : responseFor('soil', 'fe-eddha', 'tree') // prettier-ignore
  const before = 0.25 + 0.25 * random()
  const fate = fates(random())
  const plant = realPlant(response, before, fate)
  const doubt = 0.04 + 0.04 * random()
  const first = { greenness: before + doubt * bell(), doubt }
  const until = response.firstChange.high + random() * (response.full.high * 1.3)
  const step = Math.max(2, response.full.high / 5)
  let weather = 0
  let day = 0
  const seen: SeenGreenness[] = []
  while (day < until) {
    const days = Math.min(step, until - day) || step
    day += Math.max(1, Math.round(days))
    weather += 0.008 * Math.sqrt(days) * bell()
    const greenness = before + plant.gain(day) + weather + doubt * bell()
    seen.push({ day: addDays(appliedOn, day), greenness, doubt })
  }
  const judged = judgeRegreening({
    response,
    appliedOn,
    before: first,
    scale: 'photoGreenness',
    seen,
  })
  const top = judged.chances[0]
  if (!top) return undefined
  const failed = fate === 'fails'
  // On course: it answers, is where it should be by now, and has not gone back yet.
  const gain = plant.gain(day)
  const { low, high } = expectedGain(response, before, day)
  const isBehind = fate === 'late' && gain < low
  const isBeyond = fate === 'over' && gain > high
  const isBack = day > plant.full && gain < 0.7 * plant.most
  const isUsual = !failed && !isBehind && !isBeyond && !isBack
  const isTrue = top.outcome === 'no response' ? failed : top.outcome === 'on course' && isUsual
  return { said: top.outcome, chance: top.chance, isTrue }
}

describe('over 1,000 simulated cases', () => {
  const judged = Array.from({ length: 1000 }, judgeOne).filter((each) => each !== undefined)

  it.each(['on course', 'no response'] as const)(
    '"%s" is right as often as the stated chance says',
    (word) => {
      const said = judged.filter((each) => each.said === word)
      expect(said.length).toBeGreaterThan(100)
      const stated = said.reduce((sum, { chance }) => sum + chance, 0) / said.length
      const right = said.filter(({ isTrue }) => isTrue).length / said.length
      const chance = Math.sqrt((stated * (1 - stated)) / said.length)
      expect(Math.abs(stated - right)).toBeLessThan(0.04 + 2 * chance)
    },
  )

  it('the surer it is, the oftener it is right', () => {
    const rightOf = (rows: readonly Judged[]) =>
      rows.filter(({ isTrue }) => isTrue).length / rows.length
    const words = judged.filter(({ said }) => said === 'on course' || said === 'no response')
    const bins = [
      [0, 0.7],
      [0.7, 0.9],
      [0.9, 1.01],
    ].map(([from = 0, to = 0]) => words.filter(({ chance }) => chance >= from && chance < to))
    const rights = bins.map(rightOf)
    expect(rights).toEqual(rights.toSorted((a, b) => a - b))
    for (const [index, bin] of bins.entries()) {
      const stated = bin.reduce((sum, { chance }) => sum + chance, 0) / bin.length
      expect(Math.abs(stated - (rights[index] ?? NaN))).toBeLessThan(0.1)
    }
  })
})

describe('an untreated strip', () => {
  const response = responseFor('leaf', 'ferrous-sulfate', 'turf')
  const before = { greenness: 0.4, doubt: 0.05 }
  const look = (day: number, greenness: number) => ({
    day: addDays(appliedOn, day),
    greenness,
    doubt: 0.05,
  })
  // Warm weeks green everything by a quarter of the scale, treated or not.
  const warm = [look(4, 0.55), look(7, 0.65), look(10, 0.66)]
  const judge = (seen: SeenGreenness[], untreated?: SeenGreenness[]) =>
    judgeRegreening({ response, appliedOn, before, scale: 'turfColour', seen, untreated })

  it('takes the weather out: what greened without iron was not the iron', () => {
    expect(judge(warm).word).toBe('on course')
    const against = judge(warm, warm)
    expect(against.word).toBe('no response')
    expect(against.sentence).toContain('beside the untreated strip')
  })

  it('leaves what the iron did', () => {
    const plain = [look(4, 0.42), look(7, 0.4), look(10, 0.41)]
    const greened = [look(4, 0.62), look(7, 0.78), look(10, 0.8)]
    expect(judge(greened, plain).word).toBe('on course')
    expect(gainsSeen({ appliedOn, before, seen: greened, untreated: plain })[2]?.gain).toBeCloseTo(
      0.39,
      9,
    )
  })

  it('looked at in other weeks is not compared', () => {
    const gains = gainsSeen({ appliedOn, before, seen: warm, untreated: [look(30, 0.4)] })
    expect(gains.every(({ isAgainstStrip }) => !isAgainstStrip)).toBe(true)
  })
})

describe('a fitted recovery', () => {
  const response = responseFor('leaf', 'fe-dtpa', 'turf')
  const before = { greenness: 0.35, doubt: 0.03 }
  const gains = [2, 4, 6, 8, 12, 16, 20, 24, 28, 32, 36].map((days) => {
    const rise = Math.min(1, Math.max(0, (days - 2) / 5))
    const gain = 0.4 * rise * rise * (3 - 2 * rise) * Math.min(1, Math.max(0, 1 - (days - 18) / 30))
    return { days, gain, doubt: 0.02, isAgainstStrip: false }
  })

  it('finds gain and recovery again, within its own band', () => {
    const fitted = fitRecovery(response, before, gains)
    expect(Math.abs(fitted.gain.usual - 0.4)).toBeLessThan(0.04)
    const held = gains.filter(({ days, gain }) => {
      const { low, high } = fitted.at(days)
      return gain >= low - 0.02 && gain <= high + 0.02
    })
    expect(held.length).toBeGreaterThanOrEqual(gains.length - 2)
  })

  it('is what is usual before anybody looked, and surer with every look', () => {
    const widthOf = (count: number) => {
      const { low, high } = fitRecovery(response, before, gains.slice(0, count)).gain
      return high - low
    }
    expect(fitRecovery(response, before, []).lag.usual).toBeCloseTo(2, 6)
    expect(widthOf(11)).toBeLessThan(widthOf(4))
    expect(widthOf(4)).toBeLessThan(widthOf(0))
  })
})

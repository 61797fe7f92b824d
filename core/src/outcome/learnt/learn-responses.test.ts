import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { responseFor, type Response } from '../../material/source/index.ts'
import { expectedGain, judgeRegreening } from '../regreening/index.ts'
import { learnResponses, responseLearnt, type SeenTreatment } from './index.ts'
import { madeBefore, madeTreatment, type Made } from './tests/made-treatment.ts'

const response = responseFor('leaf', 'ferrous-sulfate', 'turf')
const on = '2026-10-01'
const before = madeBefore
const middle = ({ low, high }: { low: number; high: number }) => (low + high) / 2
const usualFade = middle(response.fades)

const treatment = (given: Omit<Made, 'response'> = {}) => madeTreatment({ response, ...given })
function learnt(treatments: readonly SeenTreatment[]) {
  const found = learnResponses(treatments, on).get(response.id)
  if (!found) throw new Error('nothing was learnt')
  return found
}

describe('a place that was watched', () => {
  it('where nothing was, has nothing, and keeps what is published', () => {
    expect(learnResponses([], on).size).toBe(0)
    const unseen = { ...treatment(), seen: [] }
    expect(learnResponses([unseen], on).size).toBe(0)
  })

  it('expects what is published where all goes as usual', () => {
    const here = responseLearnt(learnt([treatment(), treatment(), treatment()]), 'green')
    expect(middle(here.fades) / usualFade).toBeGreaterThan(0.85)
    expect(middle(here.fades) / usualFade).toBeLessThan(1.15)
    expect(here.fades.high / here.fades.low).toBeLessThan(response.fades.high / response.fades.low)
  })

  it('expects it to last longer where it does, most on the stand that showed it', () => {
    const long = Array.from({ length: 4 }, () => treatment({ lasting: 1.4 }))
    const found = learnt(long)
    const [here, elsewhere] = ['green', 'avenue'].map((stand) => responseLearnt(found, stand))
    expect(middle(here?.fades ?? response.fades)).toBeGreaterThan(1.1 * usualFade)
    expect(middle(here?.fades ?? response.fades)).toBeGreaterThan(
      middle(elsewhere?.fades ?? response.fades),
    )
    expect(here?.source).toContain('4 treatments of this place')
  })

  it('counts failures, and learns nothing else of them', () => {
    const found = learnt([treatment({ hasFailed: true }), treatment({ hasFailed: true })])
    expect(found.failures.after.mean).toBeGreaterThan(0.35)
    expect(found.lessons.size.seen).toBeUndefined()
    expect(found.knowsTooLittle).toContain('lasting')
  })

  it('expects less of a treatment that greened less here, and failure where it failed', () => {
    const gains = (hasFailed: boolean) =>
      responseLearnt(learnt([1, 2, 3, 4].map(() => treatment({ hasFailed, gain: 0.6 }))), 'green')
    const usual = expectedGain(response, before.greenness, 10).usual
    expect(expectedGain(gains(false), before.greenness, 10).usual).toBeLessThan(0.9 * usual)
    // Before anybody looked, and with nothing to see yet, the place knows better.
    const failing = (of: Response) =>
      judgeRegreening({
        response: of,
        appliedOn: '2026-08-01',
        before: { ...before },
        scale: 'turfColour',
        seen: [{ day: '2026-08-02', greenness: before.greenness, doubt: 0.03 }],
      }).chances.find(({ outcome }) => outcome === 'no response')?.chance ?? 0
    expect(failing(gains(true))).toBeGreaterThan(1.5 * failing(response))
    expect(failing(gains(false))).toBeLessThan(failing(response))
  })

  it('says of one treatment that it knows too little', () => {
    const young = treatment()
    const found = learnt([{ ...young, seen: young.seen.slice(0, 2) }])
    expect(found.knowsTooLittle).toContain('lasting')
  })

  it('knows what it rests on: without an entry it is as if it had never been', () => {
    const [one, other, struck] = [
      treatment(),
      treatment({ lasting: 1.2 }),
      treatment({ lasting: 2 }),
    ]
    const all = learnt([one, other, struck])
    expect(all.entryIds).toEqual([one.entryId, other.entryId, struck.entryId])
    const rest = [one, other, struck].filter(({ entryId }) => entryId !== struck.entryId)
    expect(responseLearnt(learnt(rest), 'green')).toEqual(
      responseLearnt(learnt([one, other]), 'green'),
    )
  })

  it('does not see what came after the day on which it is asked', () => {
    const late = treatment({ appliedOn: '2026-09-25', lasting: 2 })
    const found = learnResponses([late], on).get(response.id)
    expect(found?.lessons.lasting.seen).toBeUndefined()
  })
})

/** Made-up places with three seasons of treatments; what comes next is to be foretold. */
describe('over made-up places', () => {
  const random = randomLcg(0.29)
  const bell = randomNormal.source(random)(0, 1)
  const spread = Math.log(response.fades.high / response.fades.low) / 2 / 1.2816
  const places = 80
  const found = { held: 0, offLearnt: 0, offPublished: 0 }
  for (let place = 0; place < places; place++) {
    const here = spread * Math.sqrt(0.4) * bell()
    const stands = Array.from({ length: 3 }, () => spread * Math.sqrt(0.2) * bell())
    const lasting = (stand: number) =>
      Math.exp(here + (stands[stand] ?? 0) + spread * Math.sqrt(0.4) * bell())
    const seen = Array.from({ length: 9 }, (_, at) =>
      treatment({
        standId: String(at % 3),
        appliedOn: `${2024 + Math.floor(at / 3)}-05-0${1 + (at % 3)}`,
        lasting: lasting(at % 3),
        bell,
      }),
    )
    const { fades } = responseLearnt(learnt(seen), '0')
    const next = Math.log(usualFade * lasting(0))
    const at = (range: { low: number; high: number }) => Math.log(range.low * range.high) / 2
    if (next > Math.log(fades.low) && next < Math.log(fades.high)) found.held++
    found.offLearnt += (next - at(fades)) ** 2
    found.offPublished += (next - at(response.fades)) ** 2
  }

  it('the range learnt holds the next treatment about eight times in ten', () => {
    expect(found.held / places).toBeGreaterThan(0.68)
    expect(found.held / places).toBeLessThan(0.92)
  })

  it('and its middle errs less than the published', () => {
    expect(Math.sqrt(found.offLearnt / found.offPublished)).toBeLessThan(0.95)
  })
})

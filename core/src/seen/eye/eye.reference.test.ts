import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { mixedModel } from '../../base/statistics/index.ts'
import { biasAt, measureEyes, type Sitting } from './index.ts'
import { pairsOfAll, ratingModel } from './measure-eyes.ts'

interface Lme4Eye {
  readonly person: string
  readonly bias: number
  readonly spread: number
  readonly middle: number
  readonly middleDeviation: number
  readonly high: number
  readonly highDeviation: number
  readonly moved: number
  readonly movedDeviation: number
}
type Row = readonly [person: string, sitting: string, picture: number, truth: number, said: number]
/** Ratings of made-up people, and what R's lme4 made of them, by `scripts/reference/eyes.R`. */
const {
  rows,
  eyes: told,
  fit,
} = JSON.parse(readFileSync(new URL('tests/rated.json', import.meta.url), 'utf8')) as {
  readonly rows: readonly Row[]
  readonly eyes: readonly Lme4Eye[]
  readonly fit: {
    readonly criterion: number
    readonly rest: number
    readonly ratios: readonly number[]
    readonly fixed: readonly number[]
  }
}

const sittings = [...new Set(rows.map(([, sitting]) => sitting))].map((id): Sitting => {
  const own = rows.filter(([, sitting]) => sitting === id)
  return {
    id,
    person: own[0]?.[0] ?? '',
    ratedOn: `2026-0${id.at(-1)}-01`,
    ratings: own.map(([, , picture, truth, said]) => ({ picture, truth, said })),
  }
})
const eyes = measureEyes('turfColour', sittings)

describe('the model of ratings, beside lme4', () => {
  const solver = mixedModel(ratingModel(pairsOfAll('turfColour', sittings)))
  const solved = solver.at(fit.ratios)

  it('is as likely, with the same rest, and likeliest at the same ratios', () => {
    expect(solved.criterion).toBeCloseTo(fit.criterion, 6)
    expect(Math.sqrt(solved.restVariance) / fit.rest).toBeCloseTo(1, 8)
    for (const [term, ratio] of solver.likeliest().entries()) {
      expect(ratio).toBeCloseTo(fit.ratios[term] ?? NaN, 4)
    }
  })

  it.each(told)('has the same line for person $person, and the same move', (lme4) => {
    const line = (along: number) =>
      solved.estimate({
        fixed: [1, along],
        groups: [
          { term: 'person', group: lme4.person, by: 1 },
          { term: 'person-slope', group: lme4.person, by: along },
        ],
      })
    const moved = solved.estimate({
      fixed: [],
      groups: [
        { term: 'sitting', group: `${lme4.person}-3`, by: 1 },
        { term: 'sitting', group: `${lme4.person}-1`, by: -1 },
      ],
    })
    const figures = [line(0), line(1), moved].flatMap(({ mean, deviation }) => [mean, deviation])
    const theirs = [
      [lme4.middle, lme4.middleDeviation],
      [lme4.high, lme4.highDeviation],
      [lme4.moved, lme4.movedDeviation],
    ].flat()
    for (const [at, figure] of figures.entries()) expect(figure).toBeCloseTo(theirs[at] ?? NaN, 6)
  })
})

describe.each(told)('the eye of person $person, its ratios not known but weighed', (lme4) => {
  const eye = eyes.get(lme4.person)
  if (!eye?.drift) throw new Error('no eye')
  const { drift } = eye

  it('has nearly the bias of lme4, at the middle and at the end of the scale', () => {
    expect(Math.abs(biasAt(eye, 5).mean - lme4.middle)).toBeLessThan(0.25 * lme4.middleDeviation)
    expect(Math.abs(biasAt(eye, 9).mean - lme4.high)).toBeLessThan(0.25 * lme4.highDeviation)
    expect(Math.abs(drift.mean - lme4.moved)).toBeLessThan(0.2 * lme4.movedDeviation)
  })

  it('has doubt hardly smaller, and somewhat larger where a person stands out', () => {
    for (const [ours, theirs] of [
      [biasAt(eye, 5).deviation, lme4.middleDeviation],
      [biasAt(eye, 9).deviation, lme4.highDeviation],
      [drift.deviation, lme4.movedDeviation],
    ] as const) {
      expect(ours / theirs).toBeGreaterThan(0.85)
      expect(ours / theirs).toBeLessThan(1.5)
    }
  })

  it('holds what this person was made with', () => {
    expect(Math.abs(biasAt(eye, 5).mean - lme4.bias)).toBeLessThan(3 * eye.bias.middle.deviation)
    const spread = Math.hypot(lme4.spread, 0.25, 0.5 / Math.sqrt(12))
    expect(eye.spread.mean / spread).toBeGreaterThan(0.65)
    expect(eye.spread.mean / spread).toBeLessThan(1.5)
  })
})

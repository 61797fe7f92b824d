import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { mixedModel, weighMixedModel, type Contrast, type MixedModel } from './index.ts'

interface Solved {
  readonly criterion: number
  readonly rest: number
  readonly ratios: readonly number[]
  readonly fixed: readonly number[]
  readonly mean: number
  readonly deviation: number
  readonly y: readonly number[]
}
/** What R's lme4 made of open data, by `scripts/reference/eyes.R`. */
const { sleep, mould } = JSON.parse(
  readFileSync(new URL('tests/lme4.json', import.meta.url), 'utf8'),
) as {
  readonly sleep: Solved & { readonly days: readonly number[]; readonly subject: readonly string[] }
  readonly mould: Solved & { readonly plate: readonly string[]; readonly sample: readonly string[] }
}

/** Belenky et al. 2003, J. Sleep Res. 12:1 (P): how fast people answer, day after day without sleep. */
const sleepless: MixedModel = {
  y: sleep.y,
  fixed: [sleep.y.map(() => 1), sleep.days],
  random: [
    { name: 'person', groups: sleep.subject },
    { name: 'slope', groups: sleep.subject, along: sleep.days },
  ],
}
const onDayFive: Contrast = {
  fixed: [1, 5],
  groups: [
    { term: 'person', group: '308', by: 1 },
    { term: 'slope', group: '308', by: 5 },
  ],
}
/** Davies & Goldsmith 1972, Statistical methods in research and production (P): plates and samples that cross. */
const plates: MixedModel = {
  y: mould.y,
  fixed: [mould.y.map(() => 1)],
  random: [
    { name: 'plate', groups: mould.plate },
    { name: 'sample', groups: mould.sample },
  ],
}
const firstAgainstLast: Contrast = {
  fixed: [0],
  groups: [
    { term: 'sample', group: 'A', by: 1 },
    { term: 'sample', group: 'F', by: -1 },
  ],
}

describe.each([
  { name: 'lines of people', model: sleepless, contrast: onDayFive, lme4: sleep },
  { name: 'groups that cross', model: plates, contrast: firstAgainstLast, lme4: mould },
])('a mixed model of $name, beside lme4', ({ model, contrast, lme4 }) => {
  const solver = mixedModel(model)

  it('is as likely at the same ratios, with the same rest', () => {
    const { criterion, restVariance } = solver.at(lme4.ratios)
    expect(criterion).toBeCloseTo(lme4.criterion, 6)
    expect(Math.sqrt(restVariance) / lme4.rest).toBeCloseTo(1, 8)
  })

  it('finds the same likeliest ratios', () => {
    const found = solver.likeliest()
    for (const [term, ratio] of found.entries()) {
      expect(ratio / (lme4.ratios[term] ?? NaN)).toBeCloseTo(1, 4)
    }
    expect(solver.at(found).criterion).toBeLessThan(lme4.criterion + 1e-7)
  })

  it('estimates fixed effects and sums of effects alike, and their doubt', () => {
    const solved = solver.at(lme4.ratios)
    for (const [at, fixed] of lme4.fixed.entries()) {
      const one = lme4.fixed.map((_, other) => (other === at ? 1 : 0))
      expect(solved.estimate({ fixed: one }).mean / fixed).toBeCloseTo(1, 8)
    }
    const { mean, deviation } = solved.estimate(contrast)
    expect(mean / lme4.mean).toBeCloseTo(1, 7)
    expect(deviation / lme4.deviation).toBeCloseTo(1, 7)
  })

  it('weighed over all ratios it says nearly the same, and promises a little less', () => {
    const { mean, deviation } = weighMixedModel(model).estimate(contrast)
    expect(Math.abs(mean - lme4.mean)).toBeLessThan(0.25 * lme4.deviation)
    expect(deviation / lme4.deviation).toBeGreaterThan(0.97)
    expect(deviation / lme4.deviation).toBeLessThan(1.15)
  })
})

describe('a mixed model', () => {
  it('refuses rows that do not fit together, and effects that cannot be told apart', () => {
    const short = { ...plates, y: plates.y.slice(1) }
    expect(() => mixedModel(short)).toThrow(expect.objectContaining({ code: 'out-of-range' }))
    const twice = { ...plates, fixed: [...plates.fixed, ...plates.fixed] }
    expect(() => mixedModel(twice).at([1, 1])).toThrow(
      expect.objectContaining({ code: 'out-of-range' }),
    )
  })

  it('refuses a group that no row belongs to', () => {
    const strange = { fixed: [1], groups: [{ term: 'plate', group: 'none', by: 1 }] }
    expect(() => mixedModel(plates).at([1, 1]).estimate(strange)).toThrow(
      expect.objectContaining({ code: 'unknown-name' }),
    )
  })
})

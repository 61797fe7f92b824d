import { mean } from 'd3-array'
import { describe, expect, it } from 'vitest'
import { decideAtPlaces } from './tests/index.ts'

/** Fewer than `npm run calibrate` plays out for docs/place-decisions.md, and the same places. */
const places = decideAtPlaces(40)
const cost = (by: 'published' | 'learnt' | 'known') => mean(places, (place) => place[by]) ?? NaN

describe('what to put out and how often, decided after three seasons', () => {
  it('costs less by what the place taught than by what is published, and more than by the truth', () => {
    expect(cost('learnt')).toBeLessThan(0.97 * cost('published'))
    expect(cost('known')).toBeLessThan(cost('learnt'))
  })

  it('seldom costs much more', () => {
    const much = places.filter(({ learnt, published }) => learnt > 1.1 * published)
    expect(much.length).toBeLessThanOrEqual(3)
  })

  it('rests on intervals that mostly hold what is true', () => {
    const all = places.flatMap(({ held }) => held)
    const holds = all.filter((each) => each.holds).length / all.length
    expect(holds).toBeGreaterThan(0.84)
    expect(holds).toBeLessThan(0.97)
  })
})

import { describe, expect, it } from 'vitest'
import { allCauses, settlingOf, type Verdict } from './index.ts'
import { lookAt, readBefore } from './tests/look-at.ts'
import { bestCredit, creditsOf } from './treatments.ts'

const cause = (id: string) => {
  const found = allCauses.find((each) => each.id === id)
  if (!found) throw new Error(id)
  return found
}
const single = (id: string) => ({ causes: [cause(id)] as const })
const pair = (a: string, b: string) => ({ causes: [cause(a), cause(b)] as const })

describe('the treatment likeliest to be right', () => {
  it('adds up over causes that ask for the same', () => {
    const hypotheses = ['iron-tied-up-by-pH', 'over-limed', 'nitrogen-short'].map(single)
    const best = bestCredit(creditsOf(hypotheses), [0.3, 0.3, 0.4])
    expect(best.treatment).toBe('iron-past-high-pH')
    expect(best.chance).toBeCloseTo(0.6, 12)
  })

  it('of two causes treats half, and the whole of two that ask for the same', () => {
    const of = (...ids: readonly [string, string]) =>
      bestCredit(creditsOf([pair(...ids)]), [1]).chance
    expect(of('iron-tied-up-by-pH', 'nitrogen-short')).toBeCloseTo(0.5, 12)
    expect(of('chemical-injury', 'symptom-outlived')).toBeCloseTo(1, 12)
  })

  it('does not mind whether the weights sum to one', () => {
    const hypotheses = ['larvae', 'salt'].map(single)
    const [one, ten] = [0.1, 1].map((scale) =>
      bestCredit(creditsOf(hypotheses), [7 * scale, 3 * scale]),
    )
    expect(one?.treatment).toBe(ten?.treatment)
    expect(one?.chance).toBeCloseTo(ten?.chance ?? 0, 12)
  })
})

describe('whether one may act', () => {
  const stateOf = (verdict: Verdict) => settlingOf(verdict).state

  it('is open on a pale leaf alone, leaning on a few signs, settled on telling ones', () => {
    expect(stateOf(lookAt('turf', { pattern: 'even-pale' }))).toBe('open')
    const patches = { tier: 'all', pattern: 'even-pale', whereOnGround: 'patches' } as const
    const lifts = { ...patches, pullTest: 'lifts' } as const
    const flushed = { ...lifts, flush: 'larvae' } as const
    expect(stateOf(lookAt('turf', flushed))).toBe('leaning')
    const weeks = {
      ...flushed,
      onset: 'weeks',
      roots: 'tan',
      feed: 'normal',
      newestLeaves: 'alike',
      mowing: 'usual',
      wetness: 'moist',
      compaction: 'none',
    }
    expect(stateOf(lookAt('turf', weeks))).toBe('settled')
  })

  it('does not wait for which of two kinds of lime it is, where both begin alike', () => {
    const verdict = lookAt('tree', { tier: 'youngest-only', pattern: 'fine-green-veins' }, { plantId: 'grapevine', readings: [readBefore(21, { kind: 'pH', value: 7.9 })] }) // prettier-ignore
    const chances = ['iron-tied-up-by-pH', 'iron-tied-up-by-bicarbonate'].map(
      (id) => verdict.involved.find(({ cause: { id: own } }) => own === id)?.probability ?? 0,
    )
    expect(Math.max(...chances)).toBeLessThan(0.7)
    expect(stateOf(verdict)).toBe('settled')
  })

  it('goes by the treatment, not by the last cause', () => {
    const verdict = lookAt(
      'tree',
      { tier: 'youngest-only', pattern: 'fine-green-veins', wetness: 'moist', fizz: 'slight', warmth: 'warm', whereOnGround: 'everywhere', onset: 'weeks' },
      { plantId: 'pin-oak', events: [['limed', 80]] },
    ) // prettier-ignore
    const { treatment, chance } = settlingOf(verdict)
    expect(treatment).toBe('iron-past-high-pH')
    expect(chance).toBeGreaterThan(verdict.ranked[0]?.probability ?? 1)
  })
})

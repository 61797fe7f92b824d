import { describe, expect, it } from 'vitest'
import { kindIn } from '../../stand/plant/tests/index.ts'
import {
  catalogueCandidates,
  orderChangers,
  rankCandidates,
  type Candidate,
  type ChoiceInput,
} from './index.ts'

const inputAt = (pH: number, candidates: readonly Candidate[] = catalogueCandidates()) =>
  ({
    ...kindIn('turf'),
    route: 'soil',
    aimId: 'season',
    medium: { pH, doubt: 0.1 },
    size: { kind: 'area', areaM2: 1000 },
    candidates,
  }) satisfies ChoiceInput

describe('what would change the order', () => {
  it.each([5.5, 6.8, 7.8])('at pH %d is true when it is tried', (pH) => {
    const input = inputAt(pH)
    const leader = rankCandidates(input)[0]?.candidate
    for (const { id, words } of orderChangers(input, rankCandidates(input))) {
      if (id === 'price') continue
      const [, at = '', name = ''] = /At pH (\S+) and \w+, (.+) would lead/.exec(words) ?? []
      const there = rankCandidates(inputAt(Number(at)))[0]?.candidate
      expect(there?.name).toBe(name)
      expect(there?.id).not.toBe(leader?.id)
    }
  })

  it('by money is true when the price is set', () => {
    // Of two forms that are not priced alike.
    const two = catalogueCandidates().filter(({ id }) => id === 'fe-eddha' || id === 'fe-hbed')
    const input = inputAt(7.8, two)
    const ranked = rankCandidates(input)
    const price = orderChangers(input, ranked).find(({ id }) => id === 'price')
    const [, below = ''] = /cost less than ([\d.]+)/.exec(price?.words ?? '') ?? []
    const second = ranked[1]?.candidate
    const priced = (usual: number) =>
      input.candidates.map((each) =>
        each.id === second?.id ? { ...each, pricePerKg: { ...each.pricePerKg, usual } } : each,
      )
    // The words round to two figures.
    const cheap = rankCandidates(inputAt(7.8, priced(Number(below) * 0.95)))
    const dear = rankCandidates(inputAt(7.8, priced(Number(below) * 1.05)))
    expect(cheap[0]?.candidate.id).toBe(second?.id)
    expect(dear[0]?.candidate.id).not.toBe(second?.id)
  })

  it('is nothing where there is nothing to choose', () => {
    const input = inputAt(7, [])
    expect(orderChangers(input, rankCandidates(input))).toEqual([])
  })
})

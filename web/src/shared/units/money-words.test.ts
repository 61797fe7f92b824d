import { currencyOf } from '@spudder/core/base/quantity'
import { describe, expect, it } from 'vitest'
import { money, moneyPerUnit, moneyRange } from './money-words.ts'

describe('money as it is said', () => {
  it.each([
    [0.004, 'under $0.01'],
    [0.3, '$0.30'],
    [6.614, '$6.61'],
    [9, '$9'],
    [21.68, '$22'],
    [1043, '$1,043'],
  ])('%d is %s', (value, words) => expect(money(value, 'USD')).toBe(words))

  it('is a range where there is one, in the money of the place', () => {
    expect(moneyRange(56, 140, 'EUR')).toBe('€56-140')
    expect(moneyRange(56, 140, 'GBP')).toBe('£56-140')
    expect(moneyRange(56.1, 56.2, 'USD')).toBe('$56')
  })

  it.each([
    [{ kind: 'area', areaM2: 92.90304 }, 'us', '$10/1000 ft²'],
    [{ kind: 'area', areaM2: 200 }, 'metric', '€5/100 m²'],
    [{ kind: 'trunks', count: 4, diameterM: 0.2 }, 'us', '$2.50/tree'],
    [{ kind: 'pots', count: 500, potL: 3 }, 'us', '$2/100 pots'],
    [{ kind: 'solution', volumeL: 2000 }, 'metric', '€5/1000 L'],
  ] as const)('for %j is by what the trade counts in', (size, system, words) => {
    expect(moneyPerUnit(10, size, { system, currency: currencyOf(undefined, system) })).toBe(words)
  })
})

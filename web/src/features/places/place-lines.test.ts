import type { PlaceStateDto } from '@spudder/contract/overview'
import { describe, expect, it } from 'vitest'
import { leavesOf, nextWords, shortWords, workWords } from './place-lines.ts'

const product = { productId: 'p', missingKg: 2 }
const state = (change: Partial<PlaceStateDto> = {}): PlaceStateDto => ({
  stands: 4,
  openCases: 1,
  palest: { standId: 's', standName: 'Paddock', greenness: 0.3, seenOn: '2025-06-03' },
  dueToday: 2,
  overdue: 0,
  nextOn: null,
  short: [],
  ...change,
})

describe('a place in the overview', () => {
  it('tells its palest stand, or that nobody looked', () => {
    expect(leavesOf(state()).words).toMatch(/, Paddock, .*3/)
    expect(leavesOf(state()).paint).toMatch(/^(#|rgb)/)
    expect(leavesOf(state({ palest: null }))).toEqual({ words: 'nobody looked yet' })
    expect(leavesOf(null).words).toBe('not for you to see')
  })

  it('tells what is overdue before what is due, and what comes next', () => {
    expect(workWords(state())).toBe('2 today')
    expect(workWords(state({ overdue: 3 }))).toBe('3 overdue, 2 today')
    expect(workWords(state({ dueToday: 0 }))).toBe('nothing today')
    expect(workWords(null)).toBe('')
    expect(nextWords(state())).toBe('')
    expect(nextWords(state({ nextOn: '2025-06-09' }))).toMatch(/^on .*9/)
  })

  it('tells the product that ends first', () => {
    const short = [
      { ...product, name: 'Later', shortOn: '2025-08-01' },
      { ...product, name: 'Sooner', shortOn: '2025-07-01' },
    ]
    expect(shortWords(state({ short }))).toMatch(/^Sooner and 1 more, .*1/)
    expect(shortWords(state())).toBe('')
  })
})

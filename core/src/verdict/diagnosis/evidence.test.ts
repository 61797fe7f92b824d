import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { restraint } from './data/features.ts'
import { countsOf, eventShare, gatherEvents, gatherEvidence } from './evidence.ts'

const window = { from: '2026-05-01', to: '2026-05-28' }
const lookedOn = addDays(window.to, 4)
const before = (days: number) => addDays(window.from, -days)

describe('what an event says of leaves', () => {
  it('is all where it acted on every day in which they grew', () => {
    expect(eventShare({ kind: 'limed', happenedOn: before(60) }, window)).toBe(1)
  })

  it('is nothing where it came after them, or was long past', () => {
    expect(eventShare({ kind: 'limed', happenedOn: window.to }, window)).toBe(0)
    expect(eventShare({ kind: 'heat', happenedOn: before(90) }, window)).toBe(0)
  })

  it('is a part where it came in between', () => {
    const middle = { kind: 'flood', happenedOn: '2026-05-15' } as const
    expect(eventShare(middle, window)).toBeCloseTo(0.5, 9)
  })

  it('is taken once for each kind, by the one that acted longest', () => {
    const told = [
      { kind: 'fed', happenedOn: '2026-05-20' },
      { kind: 'fed', happenedOn: before(3) },
    ] as const
    const gathered = gatherEvents(told, window, new Set(), lookedOn)
    expect(gathered).toHaveLength(1)
    expect(gathered[0]?.share).toBeGreaterThan(0.9)
  })

  it('reaches leaves that stand where it burns them, however fresh it is', () => {
    const fresh = (kind: 'spill' | 'limed') =>
      gatherEvents([{ kind, happenedOn: addDays(lookedOn, -3) }], window, new Set(), lookedOn)
    expect(fresh('spill')[0]).toMatchObject({ isOnStanding: true })
    // Lime of three days ago has made no leaf yet.
    expect(fresh('limed')).toEqual([])
  })

  it('counts for less where a finding has said it already', () => {
    const flood = [{ kind: 'flood', happenedOn: before(5) }] as const
    const [alone] = gatherEvents(flood, window, new Set(), lookedOn)
    const [again] = gatherEvents(flood, window, new Set(['wetness']), lookedOn)
    expect(again?.counts).toBeLessThan((alone?.counts ?? 0) / 2)
  })
})

describe('findings', () => {
  it('count in full alone, and for the rest of their weight beside what they correlate with', () => {
    expect(countsOf('rain', new Set())).toBe(restraint.value)
    expect(countsOf('rain', new Set(['wetness']))).toBeLessThan(restraint.value / 2)
    expect(countsOf('tier', new Set(['pattern', 'pH', 'roots']))).toBe(restraint.value)
  })

  it('never take weight from what they correlate with', () => {
    const [pattern] = gatherEvidence({ pattern: 'mottle' }, [])
    const both = gatherEvidence({ pattern: 'mottle', severity: '3' }, [])
    expect(both.find(({ name }) => name === 'pattern')?.counts).toBe(pattern?.counts)
    expect(both.find(({ name }) => name === 'severity')?.counts).toBeLessThan(restraint.value)
  })

  it('come with their words, tests first', () => {
    const test = { name: 'lime', belief: { much: 1 }, words: '22 %' } as const
    const gathered = gatherEvidence({ roots: 'white' }, [test])
    expect(gathered.map(({ label, words }) => `${label}: ${words}`)).toEqual([
      'Free lime in the soil: 22 %',
      'Roots: white',
    ])
  })
})

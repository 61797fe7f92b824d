import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { changeWords, fieldChanges, historyTitle, takenBack } from './index.ts'

const whole = new Set(['size'])

describe('what differs between two states of a row', () => {
  it('is told field by field, and part by part where a field has parts', () => {
    const was = { name: 'Lawn', care: { mowingDays: [1, 4] }, note: '' }
    const is = { name: 'South lawn', care: { mowingDays: [1, 4], wateringDays: [2] }, note: '' }
    expect(fieldChanges(was, is, whole)).toEqual({
      name: { was: 'Lawn', is: 'South lawn' },
      'care.wateringDays': { was: null, is: [2] },
    })
  })

  it('is one thing where the parts belong together', () => {
    const was = { size: { kind: 'area', areaM2: 10 } }
    const is = { size: { kind: 'area', areaM2: 20 } }
    expect(fieldChanges(was, is, whole)).toEqual({ size: { was: was.size, is: is.size } })
  })

  it('is nothing where only the order of parts differs, or nothing became undefined', () => {
    const was = { care: { a: 1, b: [{ c: 2, d: 3 }] }, doubt: null }
    const is = { care: { b: [{ d: 3, c: 2 }], a: 1 }, doubt: undefined }
    expect(fieldChanges(was, is, whole)).toEqual({})
  })
})

describe('changes taken back', () => {
  const value = fc.oneof(fc.integer(), fc.string(), fc.constant(null), fc.array(fc.integer()))
  const parts = fc.dictionary(fc.constantFrom('a', 'b', 'c'), value)
  const row = fc.record({ one: value, parts: fc.oneof(parts, fc.constant(null)), size: parts })

  it('leave every row as it was', () => {
    fc.assert(
      fc.property(row, row, (was, is) => {
        const back = takenBack(is, fieldChanges(was, is, whole))
        expect(back.ok).toBe(true)
        const again = { ...is, ...(back.ok ? back.fields : {}) }
        expect(fieldChanges(was, again, whole)).toEqual({})
      }),
    )
  })

  it('are refused where the field was changed again since, and name it', () => {
    const changes = fieldChanges({ care: { a: 1 } }, { care: { a: 2 } }, whole)
    expect(takenBack({ care: { a: 3 } }, changes)).toEqual({ ok: false, changedAgain: 'care.a' })
    expect(takenBack({ care: { a: 2, b: 9 } }, changes)).toEqual({
      ok: true,
      fields: { care: { a: 1, b: 9 } },
    })
  })
})

describe('words of the history', () => {
  it('name a field as people do, with what it was and is in the units of the place', () => {
    const changes = {
      plantId: { was: 'bermudagrass', is: 'creeping-bentgrass' },
      size: { was: { kind: 'area', areaM2: 1000 }, is: { kind: 'area', areaM2: 4046.86 } },
      isArchived: { was: false, is: true },
      'measures.plantedOn': { was: null, is: '2026-04-02' },
    }
    const words = changeWords('stand', changes, 'us').map(
      ({ label, was, is }) => `${label}: ${was} → ${is}`,
    )
    expect(words).toEqual([
      'Plant: Bermudagrass → Creeping bentgrass',
      'Size: 10,764 ft² → 43,560 ft²',
      'Put away: no → yes',
      'Planted on: nothing → 2 Apr 2026',
    ])
  })

  it('say what was seen, by the words of the look', () => {
    const [told] = changeWords(
      'look',
      { 'findings.tier': { was: 'all', is: 'youngest-only' } },
      'us',
    )
    expect(told).toMatchObject({ was: 'all leaves alike', is: 'the youngest leaves only' })
  })

  it('never leave out a field that nobody gave words', () => {
    expect(() => changeWords('stand', { colour: { was: 1, is: 2 } }, 'us')).toThrow(/stand colour/)
  })

  it('name an entry by what it is: recorded, corrected or struck', () => {
    const entry = {
      sourceId: 'ferrous-sulfate',
      productName: null,
      productKg: 2,
      happenedOn: '2026-05-03',
      isStruck: false,
      correctsId: null,
    } as const
    const title = (change: object) => historyTitle('entry', { ...entry, ...change }, 'metric')
    expect(title({})).toMatch(/^Entry: Ferrous sulfate.*, 2 kg, 3 May 2026$/)
    expect(title({ correctsId: 'x' })).toMatch(/^Corrected entry/)
    expect(title({ correctsId: 'x', isStruck: true })).toMatch(/^Struck entry/)
  })
})

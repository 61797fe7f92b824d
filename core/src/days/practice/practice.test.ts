import { describe, expect, it } from 'vitest'
import { standKinds } from '../../stand/plant/index.ts'
import { allCauses, causesOf } from '../../verdict/diagnosis/index.ts'
import { costWords, findPractice, isDoneOn, practices, practicesFor, roundsOf } from './index.ts'

const ids = (...asked: Parameters<typeof practicesFor>) =>
  practicesFor(...asked).map(({ id }) => id)
const pinOak = { context: 'tree', growth: 'shade tree' } as const

describe('practices beside a product', () => {
  it.each(practices.map((each) => [each.id, each] as const))(
    '%s: says when, how, what it costs, and is met on some stand with a cause that it can have',
    (_, { when, how, cost, causeIds, contexts, growths }) => {
      const costs = costWords({ cost }, (low, high) => `${low}-${high}`)
      expect(costs).not.toMatch(/[{}]/)
      for (const words of [when, how, costs]) expect(words).toMatch(/^[A-Z\d].*[.]$/)
      const known = allCauses.map(({ id }) => id)
      expect(known).toEqual(expect.arrayContaining([...causeIds]))
      const kinds = standKinds.filter(
        ({ context, growth }) => contexts.includes(context) && (growths?.includes(growth) ?? true),
      )
      const canBe = kinds.some(({ context }) =>
        causesOf(context).some(({ id }) => causeIds.includes(id)),
      )
      expect(canBe).toBe(true)
    },
  )

  it('have ids of their own, and an unknown one is an error', () => {
    expect(new Set(practices.map(({ id }) => id)).size).toBe(practices.length)
    expect(() => findPractice('dance')).toThrow(/practice/)
  })

  it('inject trees that stand alone, and feed rows by the drip line', () => {
    expect(ids('iron-tied-up-by-pH', pinOak, { isAlone: true })).toContain('trunk-injection')
    expect(ids('iron-tied-up-by-pH', pinOak, { isAlone: false })).not.toContain('trunk-injection')
    const vines = { context: 'tree', growth: 'vine' } as const
    expect(ids('iron-tied-up-by-bicarbonate', vines)).toEqual(
      expect.arrayContaining(['tolerant-variety', 'drip-chelate']),
    )
    expect(ids('iron-tied-up-by-bicarbonate', vines, { isAlone: true })).not.toContain(
      'drip-chelate',
    )
  })

  it('carry label and licence wherever something is put out against the living', () => {
    for (const id of ['fungicide-pair', 'soap-or-oil', 'trunk-injection', 'boron-source']) {
      expect(findPractice(id).cautions.join(' '), id).toMatch(/label.*licences/)
    }
  })

  it('say what they cost in the money of the place', () => {
    const said = (low: number, high: number) => `€${low}-${high}`
    expect(costWords(findPractice('cyst-test'), said)).toBe('Some €20-40 a sample.')
  })

  it('are done on some kinds of stand alone', () => {
    expect(isDoneOn(findPractice('hollow-cores'), { context: 'turf', growth: 'lawn turf' })).toBe(
      true,
    )
    expect(isDoneOn(findPractice('hollow-cores'), pinOak)).toBe(false)
  })

  it('put no soap or oil over fish', () => {
    expect(ids('leaf-pests', { context: 'aquaponic', growth: 'vegetable' })).toEqual([])
  })

  it('come in rounds: prevention twice, 28 days apart', () => {
    expect(roundsOf(findPractice('fungicide-pair'), '2026-04-01')).toEqual([
      '2026-04-01',
      '2026-04-29',
    ])
    expect(roundsOf(findPractice('root-holes'), '2026-04-01')).toEqual(['2026-04-01'])
  })
})

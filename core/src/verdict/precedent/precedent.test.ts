import { describe, expect, it } from 'vitest'
import { casesLike, likenessDerivation, type ComparedCase, type PastCase } from './index.ts'

const verdict = (chances: Readonly<Record<string, number>>) =>
  Object.entries(chances).map(([causeId, probability]) => ({ causeId, probability }))
const iron = verdict({ 'iron-tied-up-by-pH': 0.8, nitrogen: 0.2 })
const nitrogen = verdict({ 'iron-tied-up-by-pH': 0.05, nitrogen: 0.95 })
const now: ComparedCase = { context: 'turf', plantId: 'creeping-bentgrass', verdict: iron }
const past = (id: string, change: Partial<PastCase> = {}): PastCase => ({
  ...now,
  id,
  standId: `stand of ${id}`,
  standName: id,
  openedOn: '2026-03-01',
  closedOn: '2026-05-01',
  outcome: 'green',
  note: '',
  treatments: [],
  ...change,
})
const told = (all: readonly PastCase[], most?: number) =>
  casesLike(now, all, most).map(({ past: { id }, likeness }) => [id, Math.round(100 * likeness)])

describe('cases like this', () => {
  it('are those whose verdict thought the same, the likest first', () => {
    expect(told([past('other', { verdict: verdict({ potassium: 1 }) }), past('same')])).toEqual([
      ['same', 100],
    ])
    const between = verdict({ 'iron-tied-up-by-pH': 0.5, nitrogen: 0.5 })
    expect(told([past('between', { verdict: between }), past('same')])).toEqual([
      ['same', 100],
      ['between', 95],
    ])
  })

  it('tell less of another plant, and less still of another kind of stand', () => {
    const tree = past('tree', { context: 'tree', plantId: 'pin-oak' })
    expect(told([tree, past('rye', { plantId: 'perennial-ryegrass' }), past('same')])).toEqual([
      ['same', 100],
      ['rye', 85],
      ['tree', 60],
    ])
  })

  it('are none where nothing is like enough, and at most so many', () => {
    const far = past('far', { context: 'tree', plantId: 'pin-oak', verdict: nitrogen })
    expect(told([far])).toEqual([])
    expect(told(['a', 'b', 'c', 'd'].map((id) => past(id)))).toHaveLength(3)
    expect(
      told(
        ['a', 'b'].map((id) => past(id)),
        1,
      ),
    ).toHaveLength(1)
  })

  it('of two as like, the later comes first', () => {
    expect(told([past('old'), past('new', { closedOn: '2026-09-01' })])[0]?.[0]).toBe('new')
  })

  it('open to how that was got', () => {
    const like = casesLike(now, [past('same')])
    const { result, inputs } = likenessDerivation(like, 7)
    expect(result).toBe('same 100 in 100')
    expect(inputs[0]?.value).toBe('7')
  })
})

import { describe, expect, it } from 'vitest'
import { contextNames } from '../../stand/plant/index.ts'
import { endingOf, nextChecks, settlingOf } from './index.ts'
import { diagnoseCase } from './tests/diagnose-case.ts'
import { writtenCases } from './tests/written-cases.ts'

const settled = writtenCases.flatMap((each) => {
  const { expected } = each
  return 'lead' in expected ? [{ ...each, expected }] : []
})
const open = writtenCases.flatMap((each) => {
  const { expected } = each
  return 'open' in expected ? [{ ...each, expected }] : []
})

describe('written cases (signs: common practice; mobility: Marschner, from memory)', () => {
  it('are at least two hundred, in every context, single and paired', () => {
    expect(writtenCases.length).toBeGreaterThanOrEqual(200)
    for (const context of contextNames) {
      expect(writtenCases.filter((each) => each.context === context).length).toBeGreaterThan(4)
    }
    expect(settled.filter(({ expected }) => expected.with).length).toBeGreaterThanOrEqual(4)
    expect(open.length).toBeGreaterThanOrEqual(8)
    expect(new Set(writtenCases.map(({ told }) => told)).size).toBe(writtenCases.length)
  })

  it.each(settled.map((each) => [each.told, each] as const))('%s: named', (_, each) => {
    const [first] = diagnoseCase(each).ranked
    const { lead, with: other, ends } = each.expected
    expect(first?.causes.map(({ id }) => id).toSorted()).toEqual(
      (other ? [lead, other] : [lead]).toSorted(),
    )
    const cause = first?.causes[0]
    if (ends === 'wait') expect(cause?.treatment).toBe('wait')
    if (ends === 'call')
      expect(cause && endingOf(cause, { context: each.context, leaf: 'broad' }).call).toBeDefined()
  })

  it.each(open.map((each) => [each.told, each] as const))(
    '%s: said to be open, with the check that would settle it among the first three',
    (_, each) => {
      const verdict = diagnoseCase(each)
      expect(settlingOf(verdict).state === 'settled').toBe(each.expected.mayAct === true)
      const standing = verdict.involved.slice(0, 5).map(({ cause }) => cause.id)
      expect(standing).toEqual(expect.arrayContaining([...each.expected.open]))
      const next = nextChecks(verdict).slice(0, 3)
      expect(next.map(({ check }) => check.id)).toContain(each.expected.check)
    },
  )
})

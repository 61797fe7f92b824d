import { describe, expect, it } from 'vitest'
import { checksMade, diagnose, settlingOf, worth, type DiagnosisInput } from './index.ts'
import { lookDay, readBefore } from './tests/look-at.ts'

const paleTree: DiagnosisInput = {
  context: 'tree',
  plantId: 'pin-oak',
  lookedOn: lookDay,
  findings: { tier: 'youngest-only', pattern: 'fine-green-veins', roots: 'white' },
  pHHistory: { readings: [readBefore(10, { kind: 'pH', value: 8 })], corrections: [] },
  events: [],
}
const checkIn = (input: DiagnosisInput, id: string) =>
  checksMade(input).find(({ check }) => check.id === id)

describe('what is left out of a verdict', () => {
  it('counts as if nobody had looked: findings and tests alike', () => {
    const { tier: _, ...findings } = paleTree.findings
    const without = diagnose({ ...paleTree, without: ['tier', 'pH'] })
    expect(without.state.known.has('pH')).toBe(false)
    const never = diagnose({ ...paleTree, findings, pHHistory: { readings: [], corrections: [] } })
    expect(without.ranked).toEqual(never.ranked)
  })
})

describe('checks that were made', () => {
  it('are those by which what is known can have come, each feature by one', () => {
    const made = checksMade(paleTree)
    const features = made.flatMap((each) => each.features)
    expect(features.toSorted()).toEqual(['pH', 'pattern', 'roots', 'tier'])
    expect(made.map(({ check }) => check.id)).toContain('roots')
    const known = diagnose(paleTree).state.known
    expect(features.every((name) => known.has(name))).toBe(true)
  })

  it('are worth the better choice, what was learnt and what was settled', () => {
    const whole = diagnose(paleTree)
    for (const each of checksMade(paleTree)) {
      const without = settlingOf(diagnose({ ...paleTree, without: each.features }))
      expect(each.right).toBeCloseTo(settlingOf(whole).chance, 9)
      expect(each.rightOtherwise).toBeLessThanOrEqual(each.right + 1e-12)
      expect(each.changes).toBe(without.treatment !== settlingOf(whole).treatment)
      const better = (each.right - each.rightOtherwise) * worth.wrongRemedy.value
      const settled = each.settles ? worth.settled.value : 0
      expect(each.worth).toBeCloseTo(better + each.bits * worth.bit.value + settled, 9)
      if (!each.changes) expect(better).toBeCloseTo(0, 9)
    }
  })

  it('that moved nothing are worth nothing', () => {
    const bits = checksMade(paleTree).map((each) => each.bits)
    expect(Math.min(...bits)).toBeGreaterThanOrEqual(0)
    const pH = checkIn(paleTree, 'pH')
    const mild = { ...paleTree, pHHistory: { readings: [readBefore(10, { kind: 'pH', value: 7.3, doubt: 3 })], corrections: [] } } // prettier-ignore
    expect(checkIn(mild, 'pH')?.bits ?? 0).toBeLessThan(pH?.bits ?? 0)
  })

  it('such as a leaf that turned the verdict, come before one that only said it again', () => {
    // Old leaves first, evenly pale: nitrogen, whatever the roots say.
    const old: DiagnosisInput = {
      ...paleTree,
      findings: { tier: 'oldest-only', pattern: 'even-pale', roots: 'white' },
      pHHistory: { readings: [], corrections: [] },
    }
    const tier = checkIn(old, 'which-leaves')
    const roots = checkIn(old, 'roots')
    expect((tier?.worth ?? 0) - (tier?.effort ?? 0)).toBeGreaterThan(
      (roots?.worth ?? 0) - (roots?.effort ?? 0),
    )
  })
})

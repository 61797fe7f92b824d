import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { nextChecks } from './index.ts'
import { askOn, isClear } from './tests/ask-on.ts'
import { diagnoseCase } from './tests/diagnose-case.ts'
import { writtenCases } from './tests/written-cases.ts'

const open = writtenCases
  .map((each) => ({ told: each.told, verdict: diagnoseCase(each) }))
  .filter(({ verdict }) => !isClear(verdict))

/** An hour of work or less in all: more than a first check may cost. */
const isQuick = (effort: number) => effort <= 20

describe('the first check where no cause has half (the order is ours: judgement)', () => {
  it('is one that may settle it, but for cases told in a word or two', () => {
    const maySettle = open.filter(({ verdict }) => (nextChecks(verdict)[0]?.settles ?? 0) > 0)
    expect(open.length).toBeGreaterThan(20)
    expect(maySettle.length / open.length).toBeGreaterThan(0.65)
  })

  it.each(open.map(({ told, verdict }) => [told, verdict] as const))(
    '%s: no other quick check would settle it much likelier',
    (_, verdict) => {
      const [first, ...others] = nextChecks(verdict)
      const best = Math.max(
        ...others.filter(({ effort }) => isQuick(effort)).map(({ settles }) => settles),
      )
      expect(best).toBeLessThan((first?.settles ?? 0) + 0.5)
    },
  )

  it('and the ones after it come to an end: most drawn truths are clear within a few', () => {
    const chance = randomLcg(0.18)
    const asked = open.flatMap(({ verdict }) => [1, 2, 3].map(() => askOn(verdict, chance, 8)))
    const clear = asked.filter((each) => each.isClear)
    const checks = clear.map((each) => each.checks).toSorted((a, b) => a - b)
    expect(clear.length / asked.length).toBeGreaterThan(0.6)
    expect(checks[Math.floor(checks.length / 2)]).toBeLessThanOrEqual(3)
  })
})

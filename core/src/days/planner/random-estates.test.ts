import { describe, expect, it } from 'vitest'
import { factsOf } from './calendar-facts.ts'
import { planCost } from './cost.ts'
import { planSeason } from './plan-season.ts'
import { breachesOf } from './rules.ts'
import { earliestFit, fixedIntervals } from './simple-plans.ts'
import { randomEstate } from './tests/random-estate.ts'
import { solve } from './tests/solver-of-tests.ts'
import { validatePlan } from './tests/validate-plan.ts'

const estates = Array.from({ length: 200 }, (_, seed) => randomEstate(seed))

describe('over 200 random estates', () => {
  const planned = estates.map(({ frame, tasks }) => ({
    frame,
    tasks,
    facts: factsOf(frame),
    season: planSeason(frame, tasks, solve),
  }))

  it('no plan breaks a hard rule, by a validator that shares no code with the planner', () => {
    for (const { frame, tasks, season } of planned) {
      expect(validatePlan(frame, tasks, season.plan)).toEqual([])
      expect(season.breaches).toEqual([])
    }
    const done = planned.flatMap(({ season }) => [...season.plan.values()])
    expect(done.filter((day) => day !== undefined).length / done.length).toBeGreaterThan(0.5)
  })

  it('rules and validator find the same plans wrong', () => {
    const verdicts = planned.flatMap(({ frame, tasks, facts, season }) =>
      [3, 11].map((shift) => {
        const days = frame.days.map(({ day }) => day)
        const shaken = new Map(
          [...season.plan].map(([id, day], index) => {
            const at = days.indexOf(day ?? '')
            return [id, at < 0 || index % 2 === 0 ? day : days[(at + shift) % days.length]]
          }),
        )
        return {
          ours: breachesOf(facts, tasks, shaken).length > 0,
          theirs: validatePlan(frame, tasks, shaken).length > 0,
        }
      }),
    )
    for (const { ours, theirs } of verdicts) expect(ours).toBe(theirs)
    expect(verdicts.some(({ ours }) => ours) && verdicts.some(({ ours }) => !ours)).toBe(true)
  })

  it('is never dearer than earliest fit or fixed intervals, and clearly cheaper in all', () => {
    const sums = { planned: 0, earliest: 0, fixed: 0 }
    for (const { tasks, facts, season } of planned) {
      const earliest = planCost(facts, tasks, earliestFit(facts, tasks)).total
      const fixed = planCost(facts, tasks, fixedIntervals(facts, tasks)).total
      expect(season.cost.total).toBeLessThanOrEqual(Math.min(earliest, fixed) * 1.0051)
      expect(season.bound).toBeLessThanOrEqual(season.cost.total + 1e-6)
      sums.planned += season.cost.total
      sums.earliest += earliest
      sums.fixed += fixed
    }
    expect(sums.planned).toBeLessThan(0.95 * Math.min(sums.earliest, sums.fixed))
  })
})

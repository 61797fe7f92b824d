import { describe, expect, it } from 'vitest'
import { factsOf } from './calendar-facts.ts'
import { candidateDays } from './candidates.ts'
import { planCost } from './cost.ts'
import { leastLoss } from './least-loss.ts'
import { breachesOf } from './rules.ts'
import { earliestFit } from './simple-plans.ts'
import { standByStand } from './stand-by-stand.ts'
import type { Assignment, Task } from './task.ts'
import { randomEstate } from './tests/random-estate.ts'
import { solve } from './tests/solver-of-tests.ts'
import { planSeason } from './plan-season.ts'

const estates = Array.from({ length: 60 }, (_, seed) => randomEstate(500 + seed))

/** The cheapest of every plan of a few tasks, by trying them all. */
function cheapest(facts: ReturnType<typeof factsOf>, tasks: readonly Task[]): number {
  const daysOf = candidateDays(facts, tasks)
  let plans: Assignment[] = [new Map()]
  for (const { id } of tasks) {
    const days = (daysOf.get(id) ?? []).map((at) => facts.frame.days[at]?.day)
    plans = plans.flatMap((plan) =>
      [undefined, ...days].map((day) => new Map([...plan, [id, day]])),
    )
  }
  const allowed = plans.filter((plan) => breachesOf(facts, tasks, plan).length === 0)
  return Math.min(...allowed.map((plan) => planCost(facts, tasks, plan).total))
}

describe('a plan bettered stand by stand', () => {
  it('is never dearer than what it begins with and breaks no more rules, and mostly far cheaper', () => {
    let [before, after] = [0, 0]
    for (const { frame, tasks } of estates) {
      const facts = factsOf(frame)
      const start = earliestFit(facts, tasks)
      const plan = standByStand(facts, tasks, start, candidateDays(facts, tasks))
      const [one, other] = [start, plan].map((each) => planCost(facts, tasks, each).total)
      expect(other).toBeLessThanOrEqual((one ?? 0) + 1e-9)
      expect(breachesOf(facts, tasks, plan).length).toBeLessThanOrEqual(
        breachesOf(facts, tasks, start).length,
      )
      before += one ?? 0
      after += other ?? 0
    }
    expect(after).toBeLessThan(0.97 * before)
  })

  it('is the cheapest there is where two jobs of one stand follow each other alone', () => {
    let compared = 0
    for (const { frame, tasks } of estates) {
      const facts = factsOf(frame)
      const two = tasks
        .filter(({ standId }) => standId === tasks[0]?.standId)
        .filter(({ follows }, _, all) =>
          follows.every(({ taskId }) => all.some(({ id }) => id === taskId)),
        ) // prettier-ignore
        .slice(0, 2)
      const isChain = two[1]?.follows.some(({ taskId }) => taskId === two[0]?.id)
      if (!isChain) continue
      const plan = standByStand(facts, two, earliestFit(facts, two), candidateDays(facts, two))
      // Trips that both share are not seen by it, nor is a limit of the season: a few of many.
      const [got, best] = [planCost(facts, two, plan).total, cheapest(facts, two)]
      expect(got).toBeLessThan(best + frame.tripCost + 1e-6)
      compared += 1
    }
    expect(compared).toBeGreaterThan(5)
  })

  it('stands over what no plan can be under', () => {
    for (const { frame, tasks } of estates.slice(0, 20)) {
      const facts = factsOf(frame)
      const least = leastLoss(facts, tasks, candidateDays(facts, tasks))
      const { cost, bound } = planSeason(frame, tasks, solve)
      expect(least).toBeLessThanOrEqual(cost.total + 1e-6)
      expect(bound).toBeGreaterThanOrEqual(least - 1e-9)
    }
  })
})

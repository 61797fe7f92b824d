import { group } from 'd3-array'
import { putsOut } from '../plan/index.ts'
import type { Facts } from './calendar-facts.ts'
import { costsOn } from './cost.ts'
import type { Task } from './task.ts'

/** How many can go on one trip: one application a stand, and any number of looks. */
function sharers(tasks: readonly Task[]): ReadonlyMap<string, number> {
  const ofTrip = group(tasks, ({ tripKey }) => tripKey)
  return new Map(
    [...ofTrip].map(([key, those]) => {
      const others = those.filter(({ kind }) => !putsOut(kind)).length
      const stands = new Set(those.filter(({ kind }) => putsOut(kind)).map((each) => each.standId))
      return [key, Math.max(1, stands.size + others)]
    }),
  )
}

/**
 * What no plan can lose less than: each job on the best of its days, as if no other were there and the
 * one before it lay just right, with its share of the fullest trip that there can be.
 * @param daysOf days of every task, by their place in the row
 * @source derived: every rule and every trip that is left out only adds
 */
export function leastLoss(
  facts: Facts,
  tasks: readonly Task[],
  daysOf: ReadonlyMap<string, readonly number[]>,
): number {
  const costOf = costsOn(facts)
  const nowhere = new Map<string, undefined>()
  const onTrip = sharers(tasks)
  return tasks.reduce((sum, task) => {
    const costs = (daysOf.get(task.id) ?? []).map((at) => {
      const day = facts.frame.days[at]?.day ?? ''
      const { unfit, washedOff, total } = costOf(task, day, nowhere)
      return task.wantedAfter ? unfit + washedOff : total
    })
    const trip = facts.frame.tripCost / (onTrip.get(task.tripKey) ?? 1)
    return sum + Math.min(task.skipCost, ...costs.map((cost) => cost + trip))
  }, 0)
}

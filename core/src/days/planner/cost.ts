import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { waitsOf, weatherWorks, type WeatherWork } from '../weather/index.ts'
import type { Facts } from './calendar-facts.ts'
import { plannerFigures } from './data/defaults.ts'
import type { Assignment, Task } from './task.ts'

/** What a task is expected to cost on a day, by why; money of the place. */
export interface TaskCost {
  readonly late: number
  readonly early: number
  /** The day may turn out unfit: a wasted start, and the wait for the next fit one. */
  readonly unfit: number
  /** Rain that nobody foresaw takes it off: it is done again, and late. */
  readonly washedOff: number
  readonly total: number
}

/** Expected costs of tasks on days, beside where a plan has the others. */
export type CostOf = (task: Task, day: Day, plan: Assignment) => TaskCost

/** The day on which a task is best: by itself, or so many days after where another lies. */
export function wantedIn(facts: Facts, task: Task, plan: Assignment): Day {
  const after = task.wantedAfter
  const before = after && plan.get(after.taskId)
  if (!after || before === undefined) return task.wanted
  return addDays(before, after.days)
}

/**
 * @source derived: expectation over the day being fit and over rain after it; figures of
 * `data/defaults.ts`, chances of the weather room
 */
export function costsOn(facts: Facts): CostOf {
  const { frame, indexOf } = facts
  const waits = new Map<WeatherWork, readonly number[]>(
    weatherWorks.map((work) => [work, waitsOf(frame.days.map(({ chance }) => chance[work]))]),
  )
  const { standbyShare, lag } = plannerFigures
  return (task, day, plan) => {
    const index = indexOf.get(day) ?? 0
    const { chance, washOff } = frame.days[index] ?? {}
    const fit = chance?.[task.work] ?? 0
    const off = washOff?.[task.work] ?? 0
    const wait = waits.get(task.work)?.[index] ?? 1
    const by = daysBetween(wantedIn(facts, task, plan), day)
    const late = Math.max(0, by) * task.latePerDay
    const early = Math.max(0, -by) * task.earlyPerDay
    const unfit = (1 - fit) * (wait * task.latePerDay + standbyShare.value * frame.tripCost)
    const washedOff =
      fit * off * (task.redoCost + frame.tripCost + (lag.value + wait) * task.latePerDay)
    return { late, early, unfit, washedOff, total: late + early + unfit + washedOff }
  }
}

/** What a whole plan is expected to cost. */
export interface PlanCost {
  readonly late: number
  readonly early: number
  readonly unfit: number
  readonly washedOff: number
  readonly trips: number
  readonly leftOut: number
  readonly total: number
}

export const tripOf = (task: Task, day: Day): string => `${day} ${task.tripKey}`

/** Expected loss of a plan: its tasks, its trips, and what is left out. */
export function planCost(facts: Facts, tasks: readonly Task[], plan: Assignment): PlanCost {
  const costOf = costsOn(facts)
  const trips = new Set<string>()
  const sum = { late: 0, early: 0, unfit: 0, washedOff: 0, leftOut: 0 }
  for (const task of tasks) {
    const day = plan.get(task.id)
    if (day === undefined) {
      sum.leftOut += task.skipCost
      continue
    }
    const cost = costOf(task, day, plan)
    sum.late += cost.late
    sum.early += cost.early
    sum.unfit += cost.unfit
    sum.washedOff += cost.washedOff
    trips.add(tripOf(task, day))
  }
  const trip = trips.size * facts.frame.tripCost
  const { late, early, unfit, washedOff, leftOut } = sum
  return { ...sum, trips: trip, total: late + early + unfit + washedOff + leftOut + trip }
}

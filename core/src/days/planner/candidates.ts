import type { Day } from '../../base/calendar/index.ts'
import { boundsOf, type Facts } from './calendar-facts.ts'
import { breachesAlone } from './rules.ts'
import type { Task } from './task.ts'

/** Below this chance of fit hours a day is not tried while better ones are open [1]. */
const worthTrying = 0.25
/** Where no day of the window is good, those within this share of the best one are tried [1]. */
const nearBest = 0.5

/** Of open days those that weather leaves: nobody fills a tank for a day that is all but sure to be unfit. */
function worthIt(facts: Facts, task: Task, open: readonly number[]): readonly number[] {
  const chanceAt = (at: number) => facts.frame.days[at]?.chance[task.work] ?? 0
  const best = Math.max(0, ...open.map(chanceAt))
  const least = best >= worthTrying ? worthTrying : best * nearBest
  return open.filter((at) => chanceAt(at) >= least)
}

/** Days on which a task may lie by itself, by their place in the row; its own day where it is held. */
export function candidatesOf(facts: Facts, task: Task): readonly number[] {
  const { days } = facts.frame
  if (task.lockedOn !== undefined) {
    const held = facts.indexOf.get(task.lockedOn)
    return held === undefined ? [] : [held]
  }
  const [from, to] = boundsOf(facts, task)
  const open: number[] = []
  for (let index = from; index <= to; index++) {
    const day: Day | undefined = days[index]?.day
    if (day !== undefined && breachesAlone(facts, task, day).length === 0) open.push(index)
  }
  return worthIt(facts, task, open)
}

/** Days beyond its best one that a task behind another is looked for, where no most binds it. */
const reach = 30
/** Growth and mowings are bounded by days with room to spare: so many days a unit of the gap. */
const slowest = { days: 1, growth: 0.5, mowings: 30 } as const

/**
 * Days of every task, narrowed by what has to come before: none earlier than the other's first day
 * and the days between, none later than its last day and the longest wait. Nothing that a good plan
 * would use is lost; a season of repeats stays small.
 */
export function candidateDays(
  facts: Facts,
  tasks: readonly Task[],
): ReadonlyMap<string, readonly number[]> {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const found = new Map<string, readonly number[]>()
  const daysOf = (task: Task): readonly number[] => {
    const known = found.get(task.id)
    if (known) return known
    // A ring of jobs that wait for each other ends here.
    found.set(task.id, [])
    let open = candidatesOf(facts, task)
    if (task.lockedOn === undefined) {
      for (const { taskId, gap } of task.follows) {
        const before = byId.get(taskId)
        const days = before && daysOf(before)
        const [first, last] = [days?.[0], days?.at(-1)]
        if (!days || first === undefined || last === undefined) continue
        const least = gap.by === 'days' ? gap.least : 0
        const wanted = task.wantedAfter?.taskId === taskId ? task.wantedAfter.days : 0
        const far = gap.most ?? Math.max(wanted, gap.least * slowest[gap.by]) + reach
        const most = gap.by === 'days' || gap.most === undefined ? far : Number.POSITIVE_INFINITY
        open = open.filter((at) => at >= first + least && at <= last + most)
      }
    }
    found.set(task.id, open)
    return open
  }
  for (const task of tasks) daysOf(task)
  return found
}

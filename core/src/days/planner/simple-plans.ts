import type { Day } from '../../base/calendar/index.ts'
import { gapBetween, type Facts } from './calendar-facts.ts'
import { candidatesOf } from './candidates.ts'
import { wantedIn } from './cost.ts'
import { breachesOf } from './rules.ts'
import type { Assignment, Task } from './task.ts'

/** Tasks in an order in which whatever comes before another stands before it, else by wanted day. */
function inOrder(tasks: readonly Task[]): readonly Task[] {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const done = new Set<string>()
  const order: Task[] = []
  const visit = (task: Task): void => {
    if (done.has(task.id)) return
    done.add(task.id)
    for (const { taskId } of task.follows) {
      const before = byId.get(taskId)
      if (before) visit(before)
    }
    order.push(task)
  }
  const held = (task: Task) => (task.lockedOn === undefined ? 1 : 0)
  const sorted = tasks.toSorted(
    (one, other) => held(one) - held(other) || (one.wanted < other.wanted ? -1 : 1),
  )
  for (const task of sorted) visit(task)
  return order
}

/** Puts tasks one after the other onto the first day that a choice lets through. */
function oneByOne(
  facts: Facts,
  tasks: readonly Task[],
  choose: (task: Task, open: readonly number[], wanted: Day) => readonly number[],
): Assignment {
  const { days } = facts.frame
  const plan = new Map<string, Day | undefined>(tasks.map(({ id }) => [id, undefined]))
  const placed: Task[] = []
  for (const task of inOrder(tasks)) {
    // Days that the jobs before it leave; the rest of the rules are asked of the whole plan.
    const open = candidatesOf(facts, task).filter((at) =>
      task.follows.every(({ taskId, gap }) => {
        const before = plan.get(taskId)
        if (!plan.has(taskId)) return true
        const first = before === undefined ? undefined : facts.indexOf.get(before)
        if (first === undefined || at < first) return false
        const run = gapBetween(facts, task.standId, gap, [first, at])
        return run >= gap.least - 1e-9 && run <= (gap.most ?? Infinity) + 1e-9
      }),
    )
    for (const at of task.lockedOn === undefined
      ? choose(task, open, wantedIn(facts, task, plan))
      : candidatesOf(facts, task)) {
      const day = days[at]?.day
      plan.set(task.id, day)
      const isHeld = task.lockedOn !== undefined
      // No rule holds jobs against each other that share neither stand nor day nor product.
      const touched = placed.filter(
        (each) =>
          each.standId === task.standId ||
          plan.get(each.id) === day ||
          (task.productId !== undefined && each.productId === task.productId),
      )
      if (isHeld || breachesOf(facts, [...touched, task], plan).length === 0) {
        placed.push(task)
        break
      }
      plan.set(task.id, undefined)
    }
  }
  return plan
}

/** A day more likely fit than not is taken; where such are rare, one as good as most around. */
const fitEnough = 0.5
const looksAhead = 21

/** Each job on the first open day, from its wanted day on, that is more likely fit than not. */
export function earliestFit(facts: Facts, tasks: readonly Task[]): Assignment {
  const { days } = facts.frame
  return oneByOne(facts, tasks, (task, open, wanted) => {
    const from = open.filter((at) => (days[at]?.day ?? '') >= wanted)
    const chanceAt = (at: number) => days[at]?.chance[task.work] ?? 0
    const near = from
      .slice(0, looksAhead)
      .map(chanceAt)
      .toSorted((one, other) => one - other)
    const enough = Math.min(fitEnough, near[Math.floor(near.length / 2)] ?? 0)
    const fit = from.filter((at) => chanceAt(at) >= enough)
    return [...fit, ...from, ...open]
  })
}

/** Each job on its day by the calendar, or the next on which it may be; no weather is asked. */
export function fixedIntervals(facts: Facts, tasks: readonly Task[]): Assignment {
  const { days } = facts.frame
  return oneByOne(facts, tasks, (_task, open, wanted) => [
    ...open.filter((at) => (days[at]?.day ?? '') >= wanted),
    ...open,
  ])
}

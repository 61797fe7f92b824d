import type { Day } from '../../base/calendar/index.ts'
import type { Facts } from './calendar-facts.ts'
import { candidateDays } from './candidates.ts'
import { addChain, cumulate, type TaskColumns } from './chain-rows.ts'
import { costsOn, tripOf } from './cost.ts'
import { addLimits } from './limit-rows.ts'
import { Builder, unbounded, type Programme } from './programme-builder.ts'
import type { Assignment, Task } from './task.ts'

/** What narrows a programme: days that tasks may have, and tasks that stay where a plan has them. */
export interface ProgrammeLimits {
  readonly daysOf?: ReadonlyMap<string, readonly number[]>
  readonly fixed?: Assignment
}

/** Days on which a task may lie, by their place in the row; where it stays, its own or none. */
function openDays(
  facts: Facts,
  task: Task,
  { daysOf, fixed }: Required<Pick<ProgrammeLimits, 'daysOf'>> & ProgrammeLimits,
): readonly number[] {
  if (!fixed?.has(task.id)) return daysOf.get(task.id) ?? []
  const day: Day | undefined = fixed.get(task.id)
  const at = day === undefined ? undefined : facts.indexOf.get(day)
  return at === undefined ? [] : [at]
}

/**
 * The plan of a season as a programme: which day for each task, or none; trips that are shared; days
 * that one comes late or early after another. Days that a task may not have by itself have no column.
 */
export function programmeOf(
  facts: Facts,
  tasks: readonly Task[],
  { daysOf = candidateDays(facts, tasks), fixed }: ProgrammeLimits = {},
): Programme {
  const builder = new Builder()
  const costOf = costsOn(facts)
  const known = new Set(tasks.map(({ id }) => id))
  const linked = new Set(
    tasks.flatMap((task) => {
      const others = task.follows.map(({ taskId }) => taskId).filter((id) => known.has(id))
      const after = task.wantedAfter?.taskId
      const all = after !== undefined && known.has(after) ? [...others, after] : others
      return all.length > 0 ? [task.id, ...all] : []
    }),
  )
  const trips = new Map<string, number>()
  const all = tasks.map((task): TaskColumns => {
    const stays = fixed?.has(task.id) === true
    const isTimed = task.wantedAfter !== undefined && known.has(task.wantedAfter.taskId)
    const on = new Map<number, number>()
    for (const at of openDays(facts, task, { daysOf, ...(fixed ? { fixed } : {}) })) {
      const day = facts.frame.days[at]?.day ?? ''
      const cost = costOf(task, day, new Map())
      // What comes late or early after another job is calculated by columns of its own.
      const own = isTimed ? cost.unfit + cost.washedOff : cost.total
      const column = builder.add({ kind: 'on', task, at, cost: own })
      on.set(at, column)
      const key = tripOf(task, day)
      const trip = trips.get(key) ?? builder.add({ kind: 'trip', key, cost: facts.frame.tripCost })
      trips.set(key, trip)
      builder.row(-unbounded, [[column, 1], [trip, -1]], 0) // prettier-ignore
    }
    const out = builder.add({ kind: 'out', task, cost: task.skipCost })
    // A held job stays, whatever it breaks.
    const isHeld = on.size > 0 && (stays || task.lockedOn !== undefined)
    const days = [...on.values()].map((column) => [column, 1] as const)
    builder.row(1, isHeld ? days : [...days, [out, 1]], 1)
    const by = linked.has(task.id) ? cumulate(builder, task, on) : []
    return { task, on, out, by }
  })
  const byId = new Map(all.map((each) => [each.task.id, each]))
  for (const after of all) addChain(builder, facts, after, byId)
  addLimits(builder, facts, all)
  return { columns: builder.columns, rows: builder.rows }
}

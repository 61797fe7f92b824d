import { gapBetween, type Facts } from './calendar-facts.ts'
import { unbounded, type Builder, type Terms } from './programme-builder.ts'
import type { Follow, Task } from './task.ts'

/** Where the columns of a task stand; its days and what is done by each, in order. */
export interface TaskColumns {
  readonly task: Task
  readonly on: ReadonlyMap<number, number>
  readonly out: number
  readonly by: readonly { readonly at: number; readonly column: number }[]
}

/**
 * Columns that tell whether a task is done by each of its days. What has to come before or after
 * another is said with them in rows of two or three terms, whose corners are nearly all whole: the
 * solver seldom has to branch.
 */
export function cumulate(
  builder: Builder,
  task: Task,
  on: ReadonlyMap<number, number>,
): TaskColumns['by'] {
  let before: number | undefined
  return [...on].map(([at, column]) => {
    const by = builder.add({ kind: 'by', task, at, cost: 0 })
    const terms: Terms = [[by, 1], [column, -1]] // prettier-ignore
    builder.row(0, before === undefined ? terms : [...terms, [before, -1]], 0)
    before = by
    return { at, column: by }
  })
}

/** The column of what is done by a day; undefined where nothing can be by then. */
const doneBy = ({ by }: TaskColumns, at: number): number | undefined =>
  by.findLast((each) => each.at <= at)?.column

const term = (column: number | undefined, value: number): Terms =>
  column === undefined ? [] : [[column, value]]

/** None is done by a day unless the other was done early enough before it; or soon enough after. */
function addGap(
  builder: Builder,
  facts: Facts,
  { gap }: Follow,
  [before, after]: readonly [TaskColumns, TaskColumns],
): void {
  const run = (first: number, own: number) =>
    own < first ? -1 : gapBetween(facts, after.task.standId, gap, [first, own])
  for (const { at, column } of after.by) {
    // Days run one way: the last day of the other that is far enough back.
    const ready = before.by.findLast(({ at: first }) => run(first, at) >= gap.least - 1e-9)
    builder.row(-unbounded, [[column, 1], ...term(ready?.column, -1)], 0)
  }
  const { most } = gap
  if (most === undefined) return
  for (const { at, column } of before.by) {
    const last = after.by.findLast(({ at: own }) => run(at, own) <= most + 1e-9)
    builder.row(-unbounded, [[column, 1], ...term(last?.column, -1), [after.out, -1]], 0)
  }
}

/** Days late and early after where the other lies, stretch by stretch between the days that matter. */
function addLag(builder: Builder, before: TaskColumns, after: TaskColumns): void {
  const { task } = after
  const days = task.wantedAfter?.days ?? 0
  const moments = [
    ...new Set([...before.by.map(({ at }) => at + days), ...after.by.map(({ at }) => at)]),
  ].toSorted((one, other) => one - other)
  moments.slice(0, -1).forEach((at, index) => {
    const stretch = (moments[index + 1] ?? at) - at
    const wanted = term(doneBy(before, at - days), 1)
    const done = term(doneBy(after, at), -1)
    const late = builder.add({ kind: 'late', task, at, cost: task.latePerDay * stretch })
    // late ≥ wanted − done, and nothing where it is left out.
    builder.row(-unbounded, [...wanted, ...done, [after.out, -1], [late, -1]], 0)
    const early = builder.add({ kind: 'early', task, at, cost: task.earlyPerDay * stretch })
    builder.row(
      -unbounded,
      [
        ...wanted.map(([column]) => [column, -1] as const),
        ...done.map(([column]) => [column, 1] as const),
        [early, -1],
      ],
      0,
    )
  })
}

/** Rows that tie a task to those that come before it. */
export function addChain(
  builder: Builder,
  facts: Facts,
  after: TaskColumns,
  byId: ReadonlyMap<string, TaskColumns>,
): void {
  // A job that somebody holds stays where it is, whatever comes before it.
  if (after.task.lockedOn === undefined) {
    for (const follow of after.task.follows) {
      const before = byId.get(follow.taskId)
      if (before) addGap(builder, facts, follow, [before, after])
    }
  }
  const wanted = byId.get(after.task.wantedAfter?.taskId ?? '')
  if (wanted) addLag(builder, wanted, after)
}

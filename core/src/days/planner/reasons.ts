import { percent } from '../../base/quantity/index.ts'
import { addDays, daysBetween, dayWords, type Day } from '../../base/calendar/index.ts'
import { workWindows } from '../weather/index.ts'
import type { Facts } from './calendar-facts.ts'
import { costsOn, planCost, tripOf, wantedIn } from './cost.ts'
import { breachesAlone, breachesOf, type Breach } from './rules.ts'
import type { Assignment, Task } from './task.ts'

/** Below it, weather is what stands against a day [1]. */
const poorChance = 0.5

/** What speaks against one more day for a task, in a few words; undefined where only money does. */
function againstDay(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
  at: { task: Task; day: Day },
) {
  const { task, day } = at
  const [alone] = breachesAlone(facts, task, day)
  if (alone) return alone.words
  const index = facts.indexOf.get(day)
  const known = index === undefined ? undefined : facts.frame.days[index]
  const chance = known?.chance[task.work] ?? 0
  const weather = known?.against[task.work] ?? []
  if (chance < poorChance) {
    const label = workWindows[task.work].label
    return weather.length > 0
      ? `${weather.join(', ')} (${percent(chance)} chance of fit hours)`
      : `such days are fit for a ${label} ${percent(chance)} of the time`
  }
  const moved = new Map(plan).set(task.id, day)
  const before = new Set(
    breachesOf(facts, tasks, plan).map(({ taskId, rule }) => `${taskId}${rule}`),
  )
  const broken = breachesOf(facts, tasks, moved).find(
    ({ taskId, rule }) => !before.has(`${taskId}${rule}`),
  )
  return broken?.words
}

interface Stretch {
  from: Day
  to: Day
  readonly words: string
}

const span = ({ from, to }: Stretch) =>
  from === to
    ? dayWords(from, from.slice(0, 4))
    : `${dayWords(from, from.slice(0, 4))} to ${dayWords(to, from.slice(0, 4))}`

/** Days that follow each other with the same words against them, as one stretch. */
function stretches(
  days: readonly { readonly day: Day; readonly words: string }[],
): readonly Stretch[] {
  const found: Stretch[] = []
  for (const { day, words } of days) {
    const last = found.at(-1)
    if (last?.words === words && addDays(last.to, 1) === day) last.to = day
    else found.push({ from: day, to: day, words })
  }
  return found
}

const mostStretches = 3
const farBack = 30

/**
 * Why a task lies where a plan has it, in sentences for whoever has to accept it.
 * @returns the most telling first; never empty
 */
export function reasonsFor(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
  task: Task,
): readonly string[] {
  const { days } = facts.frame
  const first = days[0]?.day ?? ''
  const day = plan.get(task.id)
  const best = wantedIn(facts, task, plan)
  const wanted = best < first ? first : best
  if (task.lockedOn !== undefined) return [`You hold it on ${dayWords(task.lockedOn)}.`]
  if (day === undefined) return leftOutReasons(facts, tasks, plan, task)
  const words: string[] = []
  const between = daysBetween(wanted, day)
  if (between === 0) {
    words.push(
      best < first
        ? `It was due on ${dayWords(best)}; this is the first day left.`
        : 'The day on which it is wanted.',
    )
  }
  const passed = Array.from({ length: Math.min(farBack, Math.abs(between)) }, (_, step) =>
    addDays(between > 0 ? wanted : day, between > 0 ? step : step + 1),
  ).filter((each) => each >= first)
  const against = passed.flatMap((each) => {
    const said = againstDay(facts, tasks, plan, { task, day: each })
    return said === undefined ? [] : [{ day: each, words: said }]
  })
  const said = stretches(between > 0 ? against : against.filter(({ day: each }) => each <= wanted))
  words.push(...said.slice(0, mostStretches).map((each) => `${span(each)}: ${each.words}`))
  if (said.length > mostStretches) words.push('and more days like these')
  words.push(...besides(facts, tasks, plan, { task, day, between }))
  return words
}

function besides(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
  { task, day, between }: { task: Task; day: Day; between: number },
): string[] {
  const words: string[] = []
  const shared = tasks.filter(
    (each) => each !== task && plan.get(each.id) === day && tripOf(each, day) === tripOf(task, day),
  )
  const nameOf = (each: Task) => facts.stand.get(each.standId)?.name ?? each.title
  if (shared.length > 0) {
    words.push(`One trip with ${[...new Set(shared.map(nameOf))].join(' and ')}.`)
  }
  for (const { taskId, why } of task.follows) {
    const before = tasks.find(({ id }) => id === taskId)
    const on = plan.get(taskId)
    if (before && on !== undefined)
      words.push(`After ${before.title} on ${dayWords(on, day.slice(0, 4))}: ${why}.`)
  }
  const known = facts.frame.days[facts.indexOf.get(day) ?? -1]
  if (task.work === 'leaf' && known) {
    words.push(`Fit hours are ${percent(known.chance.leaf)} likely.`)
  }
  if (words.length === 0 && between !== 0) {
    const cost = costsOn(facts)
    const wanted = wantedIn(facts, task, plan)
    const saves = cost(task, wanted, plan).total - cost(task, day, plan).total
    words.push(
      saves > 0.5
        ? 'Waiting costs less than the day it was wanted on.'
        : 'It gives way to a job that loses more by waiting.',
    )
  }
  return words
}

function leftOutReasons(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
  task: Task,
): readonly string[] {
  const { days } = facts.frame
  const said = new Map<string, number>()
  const open = days.filter(({ day }) => day >= task.earliest && day <= task.latest)
  for (const { day } of open.slice(0, farBack)) {
    const [broken] = breachesOf(facts, tasks, new Map(plan).set(task.id, day))
    if (broken) said.set(broken.words, (said.get(broken.words) ?? 0) + 1)
  }
  const most = [...said].toSorted(([, one], [, other]) => other - one).slice(0, 2)
  if (open.length === 0) return ['No day is left in which it belongs; move it or drop it.']
  if (most.length === 0) return ['No day pays for it.']
  return most.map(([words]) => words)
}

/** A job that lies on another day in one plan than in another. */
export interface Move {
  readonly task: Task
  readonly from: Day | undefined
  readonly to: Day | undefined
  readonly reasons: readonly string[]
}

/** What changes from one plan to another, by the new day; held jobs never do. */
export function movesBetween(
  facts: Facts,
  tasks: readonly Task[],
  { before, after }: { readonly before: Assignment; readonly after: Assignment },
): readonly Move[] {
  return tasks
    .flatMap((task): Move[] => {
      const [from, to] = [before.get(task.id), after.get(task.id)]
      return from === to ? [] : [{ task, from, to, reasons: reasonsFor(facts, tasks, after, task) }]
    })
    .toSorted((one, other) => ((one.to ?? '9') < (other.to ?? '9') ? -1 : 1))
}

/** What putting one job on another day breaks and costs. */
export interface Effect {
  readonly breaches: readonly Breach[]
  /** What stands against the weather of the day, where it is poor. */
  readonly weather: string | undefined
  /** Expected loss that it adds; negative where it saves. */
  readonly adds: number
}

/** What a plan would suffer from a job being moved; breaches that are there already are not said again. */
export function effectOfMove(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
  to: { readonly taskId: string; readonly day: Day },
): Effect {
  const moved = new Map(plan).set(to.taskId, to.day)
  const key = ({ taskId, words }: Breach) => `${taskId}${words}`
  const there = new Set(breachesOf(facts, tasks, plan).map(key))
  const task = tasks.find(({ id }) => id === to.taskId)
  const known = facts.frame.days[facts.indexOf.get(to.day) ?? -1]
  const isPoor = task && known && known.chance[task.work] < poorChance
  const weather = isPoor ? (known.against[task.work] ?? []).join(', ') : ''
  return {
    breaches: breachesOf(facts, tasks, moved).filter((each) => !there.has(key(each))),
    weather: isPoor
      ? weather || `fit in ${percent(known.chance[task.work])} of such days`
      : undefined,
    adds: planCost(facts, tasks, moved).total - planCost(facts, tasks, plan).total,
  }
}

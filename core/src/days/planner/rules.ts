import { formatNumber } from '../../base/writing/index.ts'
import { putsOut } from '../plan/index.ts'
import { addDays, dayWords, type Day } from '../../base/calendar/index.ts'
import { amountWords, quantityOf, valueIn, type UnitSystem } from '../../base/quantity/index.ts'
import { seasonOf, type SeasonNutrient } from '../../soil/season/index.ts'
import { gapBetween, weekdayOf, type Facts } from './calendar-facts.ts'
import type { Assignment, Follow, PlanStock, Task } from './task.ts'

/** What a plan may not do. */
export type Rule =
  | 'window'
  | 'locked'
  | 'blackout'
  | 'mowing'
  | 'watering'
  | 'crew'
  | 'equipment'
  | 'one-a-day'
  | 'gap'
  | 'season'
  | 'stock'

/** A rule that a task breaks on its day, in words for whoever put it there. */
export interface Breach {
  readonly taskId: string
  readonly rule: Rule
  readonly words: string
}

const isSprayOfTurf = (facts: Facts, task: Task) =>
  task.work === 'leaf' && facts.stand.get(task.standId)?.isTurf === true

/** What the task by itself may not do on a day; nothing where the day is open to it. */
export function breachesAlone(facts: Facts, task: Task, day: Day): readonly Breach[] {
  const breaches: Breach[] = []
  const say = (rule: Rule, words: string) => breaches.push({ taskId: task.id, rule, words })
  const stand = facts.stand.get(task.standId)
  if (task.lockedOn !== undefined && day !== task.lockedOn) {
    say('locked', `It is held on ${dayWords(task.lockedOn)}; let it go first.`)
  }
  if (task.lockedOn === undefined && (day < task.earliest || day > task.latest)) {
    const [from, to] = [dayWords(task.earliest), dayWords(task.latest)]
    say('window', from === to ? `It belongs on ${from}.` : `It belongs between ${from} and ${to}.`)
  }
  const blackout = task.isFertiliser ? facts.blackoutOn(day) : undefined
  if (blackout !== undefined) say('blackout', `No fertiliser may go out: ${blackout}.`)
  const mownNext = stand?.mowingDays.includes(weekdayOf(addDays(day, 1))) ?? false
  if (isSprayOfTurf(facts, task) && mownNext) {
    say('mowing', 'It is mown the day after: the spray would go with the clippings.')
  }
  if (task.work === 'leaf' && stand?.wateringDays.includes(weekdayOf(day))) {
    say('watering', 'It is watered that day: the spray would be washed off.')
  }
  const has = facts.crewHoursOn(day)
  if (has === 0) say('crew', 'Nobody works that day.')
  else if (task.hours > has) {
    say(
      'crew',
      `It takes ${formatNumber(task.hours, 2)} h and the crew has ${formatNumber(has, 2)} h that day.`,
    )
  }
  return breaches
}

/** Tasks that are done, with the place of their day in the row. */
interface Placed {
  readonly task: Task
  readonly day: Day
  readonly at: number
}

function placedOf(facts: Facts, tasks: readonly Task[], plan: Assignment): readonly Placed[] {
  return tasks.flatMap((task) => {
    const day = plan.get(task.id)
    const at = day === undefined ? undefined : facts.indexOf.get(day)
    return day === undefined || at === undefined ? [] : [{ task, day, at }]
  })
}

const sumOf = (placed: readonly Placed[], of: (task: Task) => number) =>
  placed.reduce((sum, { task }) => sum + of(task), 0)

const grouped = <Key>(placed: readonly Placed[], keyOf: (each: Placed) => Key | undefined) => {
  const groups = new Map<Key, Placed[]>()
  for (const each of placed) {
    const key = keyOf(each)
    if (key !== undefined) groups.set(key, [...(groups.get(key) ?? []), each])
  }
  return groups
}

function dayBreaches(facts: Facts, placed: readonly Placed[]): Breach[] {
  const { equipmentHours } = facts.frame
  const perDay = [...grouped(placed, ({ day }) => day)].flatMap(([day, ofDay]): Breach[] => {
    const hours = sumOf(ofDay, (task) => task.hours)
    const has = facts.crewHoursOn(day)
    // Where nobody works at all, each task says so by itself.
    if (hours <= has + 1e-9 || has === 0) return []
    const words = `${dayWords(day)} holds ${formatNumber(hours, 2)} h of work and the crew has ${formatNumber(has, 2)} h.`
    return ofDay.map(({ task }) => ({ taskId: task.id, rule: 'crew', words }))
  })
  const machines = grouped(
    placed,
    ({ task, day }) => task.equipmentId && `${day} ${task.equipmentId}`,
  )
  const perMachine = [...machines.values()].flatMap((ofDay): Breach[] => {
    const hours = sumOf(ofDay, (task) => task.hours)
    if (hours <= equipmentHours + 1e-9) return []
    const words = `The sprayer would be out for ${formatNumber(hours, 2)} h that day, of ${formatNumber(equipmentHours, 2)} h.`
    return ofDay.map(({ task }) => ({ taskId: task.id, rule: 'equipment', words }))
  })
  const applied = placed.filter(({ task }) => putsOut(task.kind))
  const twice = [...grouped(applied, ({ task, day }) => `${day} ${task.standId}`).values()]
  const perStand = twice.flatMap((ofDay): Breach[] => {
    if (ofDay.length < 2) return []
    const words = `Two applications on one stand on one day: ${ofDay.map(({ task }) => task.title).join(' and ')}.`
    return ofDay.map(({ task }) => ({ taskId: task.id, rule: 'one-a-day', words }))
  })
  return [...perDay, ...perMachine, ...perStand]
}

const gapUnits = {
  days: ['day', 'days'],
  growth: ['degree day of growth', 'degree days of growth'],
  mowings: ['mowing', 'mowings'],
} as const

function gapWords(follow: Follow, before: Task, run: number): string {
  const { by, least, most } = follow.gap
  if (run < 0) return `${before.title} comes first: ${follow.why}.`
  const count = (value: number) => `${formatNumber(value, 3)} ${gapUnits[by][value === 1 ? 0 : 1]}`
  const wanted = run < least ? `at least ${count(least)}` : `at most ${count(most ?? 0)}`
  return `It has to come ${wanted} after ${before.title}, not ${count(run)}: ${follow.why}.`
}

function gapBreaches(facts: Facts, placed: readonly Placed[], tasks: readonly Task[]): Breach[] {
  const at = new Map(placed.map((each) => [each.task.id, each.at]))
  const byId = new Map(tasks.map((task) => [task.id, task]))
  return placed.flatMap(({ task, at: own }) =>
    task.follows.flatMap((follow): Breach[] => {
      const before = byId.get(follow.taskId)
      if (!before) return []
      const first = at.get(before.id)
      const breach = (words: string): Breach[] => [{ taskId: task.id, rule: 'gap', words }]
      if (first === undefined) return breach(`${before.title} comes first and is not planned.`)
      const run = gapBetween(facts, task.standId, follow.gap, [first, own])
      const { least, most = Number.POSITIVE_INFINITY } = follow.gap
      const isFine = own >= first && run >= least - 1e-9 && run <= most + 1e-9
      return isFine ? [] : breach(gapWords(follow, before, run))
    }),
  )
}

/** A nutrient over ground as people of the place say it. */
function perGround(kgPerHa: number, system: UnitSystem): string {
  if (system === 'metric') return `${formatNumber(kgPerHa, 3)} kg/ha`
  return `${formatNumber(valueIn(quantityOf(kgPerHa, 'kg/ha'), 'lb/acre'), 3)} lb/acre`
}

function seasonBreaches(facts: Facts, placed: readonly Placed[]): Breach[] {
  return [
    ...grouped(placed, ({ task, day }) => `${task.standId} ${seasonOf(day)}`).values(),
  ].flatMap((ofSeason) => {
    const [first] = ofSeason
    const left = first && facts.stand.get(first.task.standId)?.seasonLeft[seasonOf(first.day)]
    const limits = Object.entries(left ?? {}) as [SeasonNutrient, number][]
    return limits.flatMap(([nutrient, kgPerHa]): Breach[] => {
      const brings = ofSeason.filter(({ task }) => (task.nutrientsKgPerHa[nutrient] ?? 0) > 0)
      const sum = sumOf(brings, (task) => task.nutrientsKgPerHa[nutrient] ?? 0)
      if (sum <= Math.max(0, kgPerHa) + 1e-6) return []
      const { system } = facts.frame
      const words = `The season may still bring ${perGround(Math.max(0, kgPerHa), system)} of ${nutrient}; these bring ${perGround(sum, system)}.`
      return brings.map(({ task }) => ({ taskId: task.id, rule: 'season', words }))
    })
  })
}

/** Product that has come by a day [kg]. */
export const stockBy = (stock: PlanStock, day: Day): number =>
  stock.deliveries.reduce((sum, each) => sum + (each.day <= day ? each.kg : 0), stock.kg)

function stockBreaches(facts: Facts, placed: readonly Placed[]): Breach[] {
  return facts.frame.stock.flatMap((stock) => {
    const uses = placed
      .filter(({ task }) => task.productId === stock.productId && task.productKg > 0)
      .toSorted((one, other) => one.at - other.at)
    let used = 0
    return uses.flatMap(({ task, day }): Breach[] => {
      used += task.productKg
      const has = stockBy(stock, day)
      if (used <= has + 1e-6) return []
      const mass = (kg: number) => amountWords('mass', kg, facts.frame.system)
      const words = `${stock.name} runs short: ${mass(has)} by then, ${mass(used)} wanted.`
      return [{ taskId: task.id, rule: 'stock', words }]
    })
  })
}

/**
 * Every rule that a plan breaks.
 * @param plan a day a task; tasks without one are left out and break nothing by it
 */
export function breachesOf(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
): readonly Breach[] {
  const placed = placedOf(facts, tasks, plan)
  return [
    ...placed.flatMap(({ task, day }) => breachesAlone(facts, task, day)),
    ...dayBreaches(facts, placed),
    ...gapBreaches(facts, placed, tasks),
    ...seasonBreaches(facts, placed),
    ...stockBreaches(facts, placed),
  ]
}

import { group } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { gapBetween, type Facts } from './calendar-facts.ts'
import { costsOn, planCost, tripOf } from './cost.ts'
import { breachesOf } from './rules.ts'
import type { Assignment, Gap, Task } from './task.ts'

/** A choice for a task: its day by its place in the row, or left out. */
type Choice = number | undefined
/** The one that a task comes behind, and where it lies. */
type Before = { readonly task: Task; readonly at: number } | undefined
/** The least that a task and all behind it can cost, and where it lies then. */
interface Best {
  readonly cost: number
  readonly at: Choice
}

/** What is asked of a task and a day over and over, looked up by its place in the row. */
interface Known {
  readonly daysOf: ReadonlyMap<string, readonly number[]>
  /** Hours of the crew on each day. */
  readonly crewHours: readonly number[]
  /** Expected loss of a task on each of its days, whatever day was wanted. */
  readonly weatherLoss: ReadonlyMap<string, ReadonlyMap<number, number>>
  /** Where the wanted day of each task lies, before or after the row too. */
  readonly wantedAt: ReadonlyMap<string, number>
}

function knownOf(
  facts: Facts,
  tasks: readonly Task[],
  daysOf: ReadonlyMap<string, readonly number[]>,
): Known {
  const { days } = facts.frame
  const costOf = costsOn(facts)
  const nowhere = new Map<string, undefined>()
  const lossOn = (task: Task) =>
    new Map(
      (daysOf.get(task.id) ?? []).map((at) => {
        const { unfit, washedOff } = costOf(task, days[at]?.day ?? '', nowhere)
        return [at, unfit + washedOff]
      }),
    )
  const first = days[0]?.day ?? ''
  return {
    daysOf,
    crewHours: days.map(({ day }) => facts.crewHoursOn(day)),
    weatherLoss: new Map(tasks.map((task) => [task.id, lossOn(task)])),
    wantedAt: new Map(tasks.map(({ id, wanted }) => [id, daysBetween(first, wanted)])),
  }
}

/** What the other stands leave of days and machines, and the trips that are made anyway. */
interface Around {
  readonly crew: ReadonlyMap<number, number>
  readonly machine: ReadonlyMap<string, number>
  readonly trips: ReadonlySet<string>
}

function aroundOf(facts: Facts, tasks: readonly Task[], plan: Assignment): Around {
  const crew = new Map<number, number>()
  const machine = new Map<string, number>()
  const trips = new Set<string>()
  for (const task of tasks) {
    const day = plan.get(task.id)
    const at = day === undefined ? undefined : facts.indexOf.get(day)
    if (day === undefined || at === undefined) continue
    crew.set(at, (crew.get(at) ?? 0) + task.hours)
    trips.add(tripOf(task, day))
    if (task.equipmentId !== undefined) {
      const key = `${at} ${task.equipmentId}`
      machine.set(key, (machine.get(key) ?? 0) + task.hours)
    }
  }
  return { crew, machine, trips }
}

function inside<Value>(all: Map<string, Map<number, Value>>, name: string): Map<number, Value> {
  const known = all.get(name)
  if (known) return known
  const made = new Map<number, Value>()
  all.set(name, made)
  return made
}

/**
 * Lays the jobs of one stand anew while all others stay, best by expectation: jobs that follow each
 * other are a tree, and the least cost of each is known once that of those behind it is. What it cannot
 * see (two jobs of the stand on one day, the season's sums, stock) is asked of the whole plan after.
 */
class StandLayout {
  readonly #facts: Facts
  readonly #plan: Assignment
  readonly #around: Around
  readonly #given: Known
  /** Room and a trip by task and day: asked again for every day of the one before. */
  readonly #open = new Map<string, Map<number, boolean>>()
  readonly #tripCost = new Map<string, Map<number, number>>()
  readonly #behind = new Map<string, Task[]>()
  readonly #roots: Task[] = []
  readonly #known = new Map<string, Map<number, Best>>()

  constructor(
    {
      facts,
      plan,
      around,
    }: { readonly facts: Facts; readonly plan: Assignment; readonly around: Around },
    own: readonly Task[],
    given: Known,
  ) {
    this.#facts = facts
    this.#plan = plan
    this.#around = around
    this.#given = given
    const ids = new Set(own.map(({ id }) => id))
    for (const task of own) {
      const before = task.follows.find(({ taskId }) => ids.has(taskId))
      if (!before) this.#roots.push(task)
      else this.#behind.set(before.taskId, [...(this.#behind.get(before.taskId) ?? []), task])
    }
  }

  #dayAt(at: number): Day {
    return this.#facts.frame.days[at]?.day ?? ''
  }

  #hasRoom(task: Task, at: number): boolean {
    const used = this.#around.crew.get(at) ?? 0
    const out = this.#around.machine.get(`${at} ${task.equipmentId}`) ?? 0
    const { equipmentHours } = this.#facts.frame
    return (
      used + task.hours <= (this.#given.crewHours[at] ?? 0) + 1e-9 &&
      (task.equipmentId === undefined || out + task.hours <= equipmentHours + 1e-9)
    )
  }

  #tripAt(task: Task, at: number): number {
    const ofTrip = inside(this.#tripCost, task.tripKey)
    const known = ofTrip.get(at)
    if (known !== undefined) return known
    const isMadeAnyway = this.#around.trips.has(tripOf(task, this.#dayAt(at)))
    const cost = isMadeAnyway ? 0 : this.#facts.frame.tripCost
    ofTrip.set(at, cost)
    return cost
  }

  /** Whether a day is open to a task, whatever the one that it comes behind does. */
  #isOpen(task: Task, at: number, before: Before): boolean {
    const ofTask = inside(this.#open, task.id)
    const known = ofTask.get(at)
    if (known !== undefined) return known
    const others = task.follows.filter(({ taskId }) => taskId !== before?.task.id)
    const isOpen =
      (task.lockedOn !== undefined || this.#hasRoom(task, at)) &&
      others.every(({ taskId, gap }) => {
        const day = this.#plan.get(taskId)
        const first = day === undefined ? undefined : this.#facts.indexOf.get(day)
        if (first === undefined) return !this.#plan.has(taskId)
        return this.#holds(task, gap, first, at)
      })
    ofTask.set(at, isOpen)
    return isOpen
  }

  #holds(task: Task, gap: Gap, first: number, at: number): boolean {
    if (at < first) return false
    const run =
      gap.by === 'days' ? at - first : gapBetween(this.#facts, task.standId, gap, [first, at])
    return run >= gap.least - 1e-9 && run <= (gap.most ?? Infinity) + 1e-9
  }

  #wantedAt({ id, wantedAfter }: Task, before: Before): number {
    const own = this.#given.wantedAt.get(id) ?? 0
    if (!wantedAfter) return own
    if (wantedAfter.taskId === before?.task.id) return before.at + wantedAfter.days
    const day = this.#plan.get(wantedAfter.taskId)
    const at = day === undefined ? undefined : this.#facts.indexOf.get(day)
    return at === undefined ? own : at + wantedAfter.days
  }

  #costAt(task: Task, at: number, before: Before): number {
    const by = at - this.#wantedAt(task, before)
    const off = by > 0 ? by * task.latePerDay : -by * task.earlyPerDay
    const weather = this.#given.weatherLoss.get(task.id)?.get(at) ?? 0
    return off + weather + this.#tripAt(task, at)
  }

  /** The best of a task and all behind it, where the one before it lies at a place in the row. */
  #best(task: Task, before: Before): Best {
    const ofTask = inside(this.#known, task.id)
    const known = ofTask.get(before?.at ?? -1)
    if (known) return known
    const behind = this.#behind.get(task.id) ?? []
    // Whatever comes behind one that is left out is left out with it.
    let best: Best = { cost: this.#outCost(task), at: undefined }
    const gap = before && task.follows.find(({ taskId }) => taskId === before.task.id)?.gap
    for (const at of this.#given.daysOf.get(task.id) ?? []) {
      if (before && gap && !this.#holds(task, gap, before.at, at)) continue
      if (!this.#isOpen(task, at, before)) continue
      let cost = this.#costAt(task, at, before)
      for (const each of behind) cost += this.#best(each, { task, at }).cost
      if (cost < best.cost) best = { cost, at }
    }
    ofTask.set(before?.at ?? -1, best)
    return best
  }

  #outCost(task: Task): number {
    const behind = this.#behind.get(task.id) ?? []
    return behind.reduce((sum, each) => sum + this.#outCost(each), task.skipCost)
  }

  #put(plan: Map<string, Day | undefined>, task: Task, before: Before, isOut: boolean): void {
    const { at } = isOut ? { at: undefined } : this.#best(task, before)
    plan.set(task.id, at === undefined ? undefined : this.#dayAt(at))
    for (const each of this.#behind.get(task.id) ?? []) {
      this.#put(plan, each, at === undefined ? undefined : { task, at }, at === undefined)
    }
  }

  /** What the jobs of the stand cost where they lie now, counted alike. */
  costNow(): number {
    const of = (task: Task, before: Before): number => {
      const day = this.#plan.get(task.id)
      const at = day === undefined ? undefined : this.#facts.indexOf.get(day)
      if (at === undefined) return this.#outCost(task)
      const behind = this.#behind.get(task.id) ?? []
      return behind.reduce(
        (sum, each) => sum + of(each, { task, at }),
        this.#costAt(task, at, before),
      )
    }
    return this.#roots.reduce((sum, task) => sum + of(task, undefined), 0)
  }

  leastCost(): number {
    return this.#roots.reduce((sum, task) => sum + this.#best(task, undefined).cost, 0)
  }

  laid(): Assignment {
    const plan = new Map(this.#plan)
    for (const task of this.#roots) this.#put(plan, task, undefined, false)
    return plan
  }
}

/** Rounds over all stands; one that gains nothing ends it before. */
const mostRounds = 8

/**
 * Betters a plan stand by stand until none gains: quick, and never worse than what it begins with.
 * @param daysOf days of every task, by their place in the row
 */
export function standByStand(
  facts: Facts,
  tasks: readonly Task[],
  start: Assignment,
  daysOf: ReadonlyMap<string, readonly number[]>,
): Assignment {
  const given = knownOf(facts, tasks, daysOf)
  const stands = group(tasks, ({ standId }) => standId)
  let plan = start
  let cost = planCost(facts, tasks, plan).total
  let broken = breachesOf(facts, tasks, plan).length
  for (let round = 0; round < mostRounds; round += 1) {
    const before = cost
    for (const own of stands.values()) {
      const isOwn = new Set(own.map(({ id }) => id))
      const around = aroundOf(
        facts,
        tasks.filter(({ id }) => !isOwn.has(id)),
        plan,
      )
      const layout = new StandLayout({ facts, plan, around }, own, given)
      if (layout.leastCost() >= layout.costNow() - 1e-9) continue
      const laid = layout.laid()
      const total = planCost(facts, tasks, laid).total
      if (total >= cost - 1e-9) continue
      const breaches = breachesOf(facts, tasks, laid).length
      if (breaches > broken) continue
      plan = laid
      cost = total
      broken = breaches
    }
    if (before - cost < 1e-9) break
  }
  return plan
}

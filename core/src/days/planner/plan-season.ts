import type { Day } from '../../base/calendar/index.ts'
import { factsOf, type Facts } from './calendar-facts.ts'
import { candidateDays } from './candidates.ts'
import { planCost, tripOf, type PlanCost } from './cost.ts'
import { leastLoss } from './least-loss.ts'
import { neighbourhoodsOf } from './neighbourhoods.ts'
import { programmeOf } from './programme.ts'
import type { Programme } from './programme-builder.ts'
import { breachesOf, type Breach } from './rules.ts'
import { earliestFit, fixedIntervals } from './simple-plans.ts'
import type { Solver } from './solver.ts'
import { standByStand } from './stand-by-stand.ts'
import type { Assignment, PlanFrame, Task } from './task.ts'

export interface SeasonPlan {
  readonly plan: Assignment
  readonly cost: PlanCost
  /** Expected loss that no plan within the rules can be under. */
  readonly bound: number
  /** Rules that jobs which are held break; nothing else breaks any. */
  readonly breaches: readonly Breach[]
}

/** How far a search is, with the best plan so far: whoever has enough can take that. */
export interface PlanProgress {
  /** Of the most that it may take [1]. */
  readonly share: number
  readonly season: SeasonPlan
}

export interface PlanLimits {
  /** Seconds of solving in all, after which the best so far has to do. */
  readonly seconds: number
  /** Share by which a part may be dearer than its cheapest [1]. */
  readonly gap: number
}

/** A good plan is there at once; whoever waits on sees it bettered, and stops it when he has enough. */
const usualLimits: PlanLimits = { seconds: 30, gap: 0.003 }

/** A plan as values of the programme's columns. */
function startOf(programme: Programme, facts: Facts, plan: Assignment): readonly number[] {
  const trips = new Set<string>()
  for (const column of programme.columns) {
    if (column.kind !== 'on') continue
    const day = plan.get(column.task.id)
    if (day !== undefined) trips.add(tripOf(column.task, day))
  }
  const isDoneBy = (id: string, at: number) => {
    const day = plan.get(id)
    return day !== undefined && (facts.indexOf.get(day) ?? Infinity) <= at
  }
  return programme.columns.map((column) => {
    switch (column.kind) {
      case 'on':
        return Number(facts.frame.days[column.at]?.day === plan.get(column.task.id))
      case 'out':
        return Number(plan.get(column.task.id) === undefined)
      case 'trip':
        return Number(trips.has(column.key))
      case 'by':
        return Number(isDoneBy(column.task.id, column.at))
      case 'late':
      case 'early': {
        const { taskId = '', days = 0 } = column.task.wantedAfter ?? {}
        if (plan.get(column.task.id) === undefined) return 0
        const wanted = Number(isDoneBy(taskId, column.at - days))
        const by = wanted - Number(isDoneBy(column.task.id, column.at))
        return Math.max(0, column.kind === 'late' ? by : -by)
      }
    }
  })
}

function planOf(programme: Programme, facts: Facts, values: readonly number[]): Assignment {
  const plan = new Map<string, Day | undefined>()
  programme.columns.forEach((column, index) => {
    if (column.kind === 'out' && !plan.has(column.task.id)) plan.set(column.task.id, undefined)
    if (column.kind === 'on' && Math.round(values[index] ?? 0) === 1) {
      plan.set(column.task.id, facts.frame.days[column.at]?.day)
    }
  })
  return plan
}

/** Columns up to which the whole is worth trying at once. */
const wholeColumns = 1500
const wholeShare = 0.1
/** What one part may take [s]. */
const mostForPart = 1.5
/** Most rounds over all parts; one that improves nothing ends the search before. */
const mostRounds = 6
/** A round that saves less than this share has found what there is [1]. */
const worthGoingOn = 0.001

class Search {
  readonly #facts: Facts
  readonly #tasks: readonly Task[]
  readonly #solve: Solver
  readonly #limits: PlanLimits
  readonly #daysOf: ReadonlyMap<string, readonly number[]>
  #best: Assignment
  #cost: PlanCost
  #bound: number
  #seconds = 0
  /** Parts that gained nothing since anything moved. */
  readonly #settled = new Set<string>()

  constructor(facts: Facts, tasks: readonly Task[], solve: Solver, limits: PlanLimits) {
    this.#facts = facts
    this.#tasks = tasks
    this.#solve = solve
    this.#limits = limits
    this.#daysOf = candidateDays(facts, tasks)
    this.#bound = leastLoss(facts, tasks, this.#daysOf)
    const simple = [earliestFit(facts, tasks), fixedIntervals(facts, tasks)].map((plan) => ({
      plan,
      cost: planCost(facts, tasks, plan),
    }))
    const [first] = simple.toSorted((one, other) => one.cost.total - other.cost.total)
    this.#best = first?.plan ?? new Map()
    this.#cost = first?.cost ?? planCost(facts, tasks, this.#best)
    this.bettered()
  }

  get isOver(): boolean {
    return this.#seconds >= this.#limits.seconds
  }

  get season(): SeasonPlan {
    return {
      plan: this.#best,
      cost: this.#cost,
      bound: this.#bound,
      breaches: breachesOf(this.#facts, this.#tasks, this.#best),
    }
  }

  get progress(): PlanProgress {
    return { share: Math.min(1, this.#seconds / this.#limits.seconds), season: this.season }
  }

  #take(plan: Assignment): void {
    const cost = planCost(this.#facts, this.#tasks, plan)
    if (cost.total >= this.#cost.total - 1e-9) return
    this.#best = plan
    this.#cost = cost
    this.#settled.clear()
  }

  /** Stand by stand, which takes no solver. */
  bettered(): void {
    this.#take(standByStand(this.#facts, this.#tasks, this.#best, this.#daysOf))
  }

  /** Everything at once; whether nothing better can be. */
  whole(): boolean {
    const programme = programmeOf(this.#facts, this.#tasks, { daysOf: this.#daysOf })
    if (programme.columns.length > wholeColumns) return false
    const { values, bound, isProven, seconds } = this.#solve(
      programme,
      startOf(programme, this.#facts, this.#best),
      { seconds: this.#limits.seconds * wholeShare, gap: this.#limits.gap },
    )
    this.#seconds += seconds
    this.#bound = Math.max(this.#bound, bound)
    if (values) this.#take(planOf(programme, this.#facts, values))
    return isProven
  }

  /** A part laid anew, all else staying where it is. */
  part(free: ReadonlySet<string>): void {
    const name = [...free].toSorted().join(' ')
    if (this.#settled.has(name)) return
    const fixed = new Map([...this.#best].filter(([id]) => !free.has(id)))
    const programme = programmeOf(this.#facts, this.#tasks, { daysOf: this.#daysOf, fixed })
    const left = Math.max(0.05, this.#limits.seconds - this.#seconds)
    const { values, seconds } = this.#solve(
      programme,
      startOf(programme, this.#facts, this.#best),
      { seconds: Math.min(left, mostForPart), gap: this.#limits.gap },
    )
    this.#seconds += seconds
    if (values) this.#take(planOf(programme, this.#facts, values))
    this.#settled.add(name)
  }
}

/**
 * Plans every job of a place for a season: the days that lose least, by expectation, within all rules.
 * A small season is solved whole. A large one begins with the better of two simple plans and lays parts
 * of it anew, stand by stand and month by month, until nothing is gained: never worse than either.
 * @throws {CoreError} not-applicable for a frame without days
 */
export function planSeason(
  frame: PlanFrame,
  tasks: readonly Task[],
  solve: Solver,
  {
    limits = usualLimits,
    onProgress = () => undefined,
  }: {
    readonly limits?: PlanLimits
    readonly onProgress?: (progress: PlanProgress) => void
  } = {},
): SeasonPlan {
  const facts = factsOf(frame)
  const search = new Search(facts, tasks, solve, limits)
  if (tasks.length === 0) return search.season
  onProgress(search.progress)
  if (search.whole()) return search.season
  for (let round = 0; round < mostRounds && !search.isOver; round++) {
    const before = search.season.cost.total
    for (const free of neighbourhoodsOf(facts, tasks, search.season.plan)) {
      if (search.isOver) break
      search.part(free)
      onProgress(search.progress)
    }
    search.bettered()
    onProgress(search.progress)
    if (before - search.season.cost.total < worthGoingOn * before) break
  }
  return search.season
}

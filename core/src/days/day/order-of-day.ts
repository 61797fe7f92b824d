import type { Figure } from '../../base/reference/index.ts'
import type { GridPoint } from '../../stand/ground/index.ts'
import { stretchesOf } from '../weather/index.ts'

/** What an order of the day is reckoned with. */
export const dayFigures = {
  beginsAt: { value: 6, unit: 'h', source: 'hours at which crews begin', mark: 'J' },
  goMPerH: {
    value: 6000,
    unit: 'm/h',
    source: 'on foot with a pack, or by a cart at walking pace',
    mark: 'J',
  },
} as const satisfies Readonly<Record<string, Figure>>

/** A job of the day, as far as its place among the others goes. */
export interface DayTask {
  readonly id: string
  /** How long it takes [h]. */
  readonly hours: number
  /** Hours of the day that are fit for it; undefined where the weather has no say, or nobody knows it. */
  readonly fitHours: readonly number[] | undefined
  /** The hour by the clock at which it is to begin; undefined where the day will do. */
  readonly startsAtH: number | undefined
  /** A job of the same day that has to come before it. */
  readonly afterId: string | undefined
  /** Where it is on the ground of the place [m]; undefined where nobody placed it. */
  readonly at: GridPoint | undefined
  /** Jobs with the same key are done in one trip. */
  readonly tripKey: string
}

/** A job in its place among the others. */
export interface DayStep {
  readonly id: string
  /** When it can begin [h of the day]. */
  readonly startH: number
  /** Whether no fit hour is left for it where it stands. */
  readonly missesWindow: boolean
  /** How much after its hour by the clock it would begin [h]. */
  readonly lateH: number
  /** The way from the one before [m]; undefined where one of them is not placed. */
  readonly wayM: number | undefined
}

/** An order that is being made. */
interface Beginning {
  readonly steps: readonly DayStep[]
  readonly left: readonly DayTask[]
  readonly last: DayTask | undefined
  readonly clockH: number
  readonly cost: readonly [misses: number, lateH: number, endH: number, trips: number, wayM: number]
}

/** Orders that are kept at each step: all of up to six jobs, and as many of more as are looked through at once. */
const mostKept = 720
const lookedThrough = 10_000
const allUpTo = 6
const widthFor = (jobs: number): number =>
  jobs <= allUpTo ? mostKept : Math.min(mostKept, Math.floor(lookedThrough / jobs ** 2))
/** More jobs than anybody does in a day are put in order one stretch of them after the other. */
const mostAtOnce = 24
/** Differences below are none [h, m]. */
const alike = 1e-6

function byCost(one: Beginning, other: Beginning): number {
  for (const [index, value] of one.cost.entries()) {
    const difference = value - (other.cost[index] ?? 0)
    if (Math.abs(difference) > alike) return difference
  }
  return 0
}

const wayBetween = (one: DayTask | undefined, other: DayTask): number | undefined =>
  one?.at && other.at ? Math.hypot(one.at[0] - other.at[0], one.at[1] - other.at[1]) : undefined

/** The hours that are fit for a job, as they are looked up over and over. */
interface FitHours {
  readonly hours: readonly number[]
  readonly set: ReadonlySet<number>
  /** The longest stretch of them [h]. */
  readonly longest: number
}
const known = new WeakMap<DayTask, FitHours>()

function fitOf(task: DayTask, hours: readonly number[]): FitHours {
  const before = known.get(task)
  if (before) return before
  const set = new Set(hours)
  const stretches = stretchesOf(hours).map(([from, to]) => to - from)
  const fit = { hours, set, longest: Math.max(0, ...stretches) }
  known.set(task, fit)
  return fit
}

/** Whether every hour that a job would last from a moment on is fit. */
function isFitFrom(fit: ReadonlySet<number>, startH: number, hours: number): boolean {
  for (let hour = Math.floor(startH); hour < startH + hours - alike; hour += 1)
    if (!fit.has(hour)) return false
  return true
}

/** The first moment from one on at which a job can be done whole in fit hours; undefined where none is left. */
function fitStart(task: DayTask, fromH: number): number | undefined {
  if (task.fitHours === undefined) return fromH
  const { hours, set, longest } = fitOf(task, task.fitHours)
  if (hours.length === 0) return undefined
  // What is longer than every stretch begins where the weather is fit at least.
  const lasts = Math.min(task.hours, longest)
  if (isFitFrom(set, fromH, lasts)) return fromH
  return hours.find((hour) => hour > fromH && isFitFrom(set, hour, lasts))
}

function withNext({ steps, left, last, clockH, cost }: Beginning, task: DayTask): Beginning {
  const wayM = wayBetween(last, task)
  const thereH = clockH + (wayM ?? 0) / dayFigures.goMPerH.value
  const soonestH = Math.max(thereH, task.startsAtH ?? 0)
  const fitH = fitStart(task, soonestH)
  const startH = fitH ?? soonestH
  const lateH = task.startsAtH === undefined ? 0 : Math.max(0, startH - task.startsAtH)
  const endH = startH + task.hours
  const [misses, late, , trips, way] = cost
  const isNewTrip = last !== undefined && last.tripKey !== task.tripKey
  return {
    steps: [...steps, { id: task.id, startH, missesWindow: fitH === undefined, lateH, wayM }],
    left: left.filter(({ id }) => id !== task.id),
    last: task,
    clockH: endH,
    cost: [
      misses + Number(fitH === undefined),
      late + lateH,
      endH,
      trips + Number(isNewTrip),
      way + (wayM ?? 0),
    ],
  }
}

const isFree = ({ afterId }: DayTask, left: readonly DayTask[]): boolean =>
  afterId === undefined || left.every(({ id }) => id !== afterId)

/** The best orders of some jobs after a beginning, the best first. */
function searched(from: Beginning, tasks: readonly DayTask[]): Beginning {
  let best: readonly Beginning[] = [{ ...from, left: tasks }]
  for (let done = 0; done < tasks.length; done += 1) {
    best = best
      .flatMap((beginning) => {
        const free = beginning.left.filter((task) => isFree(task, beginning.left))
        return (free.length > 0 ? free : beginning.left).map((task) => withNext(beginning, task))
      })
      .toSorted(byCost)
      .slice(0, widthFor(tasks.length))
  }
  return best[0] ?? from
}

/** By when a job has to be begun: its hour by the clock, or the last that is fit; what waits for it no sooner. */
function soonestFirst(tasks: readonly DayTask[]): readonly DayTask[] {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const untilOf = (task: DayTask, seen: ReadonlySet<string>): number => {
    const own = task.startsAtH ?? task.fitHours?.at(-1) ?? Infinity
    const before = byId.get(task.afterId ?? '')
    if (!before || seen.has(task.id)) return own
    return Math.max(own, untilOf(before, new Set([...seen, task.id])))
  }
  const until = new Map(tasks.map((task) => [task.id, untilOf(task, new Set())]))
  const depthOf = (task: DayTask, seen = 0): number => {
    const before = byId.get(task.afterId ?? '')
    return before && seen < tasks.length ? depthOf(before, seen + 1) : seen
  }
  const of = (map: ReadonlyMap<string, number>, { id }: DayTask) => map.get(id) ?? 0
  const depth = new Map(tasks.map((task) => [task.id, depthOf(task)]))
  return tasks.toSorted((one, other) => {
    const [first, second] = [of(until, one), of(until, other)]
    return first === second ? of(depth, one) - of(depth, other) : first - second
  })
}

/**
 * The order in which the jobs of a day are best done: as few as can be outside of the hours that are fit for
 * them, at the hour by the clock where they have one, the soonest done, with the fewest fillings, on the shortest
 * way; what waits for another after it.
 * @param beginsAtH when the first can begin [h of the day]
 * @returns every job once; jobs that wait for each other stand at the end
 * @source a search that keeps the best beginnings, which is every order of up to six jobs; of more than 24, what
 * has to be begun soonest first, 24 at once; order of what counts: judgement [J]
 */
export function orderOfDay(tasks: readonly DayTask[], beginsAtH: number): readonly DayStep[] {
  let beginning: Beginning = { steps: [], left: [], last: undefined, clockH: beginsAtH, cost: [0, 0, beginsAtH, 0, 0] } // prettier-ignore
  const all = tasks.length > mostAtOnce ? soonestFirst(tasks) : tasks
  for (let from = 0; from < all.length; from += mostAtOnce)
    beginning = searched(beginning, all.slice(from, from + mostAtOnce))
  return beginning.steps
}

import { addDays, type Day } from '../../base/calendar/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import type { Rate } from '../../material/rate/index.ts'
import type { Response } from '../../material/source/index.ts'

export const jobKinds = ['apply', 'look', 'test', 'buy', 'check', 'strip', 'partner'] as const
export type JobKind = (typeof jobKinds)[number]

/** A job of the same remedy that comes before, by its place in the list, and days between them. */
export interface AfterJob {
  readonly index: number
  readonly leastDays: number
  readonly mostDays?: number
}

/** A job that a remedy brings with it. */
export interface PlannedJob {
  readonly kind: JobKind
  readonly dueOn: Day
  readonly title: string
  /** Share of the whole amount that goes out on this day [1]; 0 for a look. */
  readonly share: number
  readonly after?: AfterJob
}

export interface RemedyJobsInput {
  readonly applyOn: Day
  readonly sourceName: string
  readonly route: Route
  readonly rate: Pick<Rate, 'stepDays' | 'intervalDays'>
  readonly response: Response
  /** How often it is done again after the first time. */
  readonly repeats?: number
  /** Whether a strip is left untreated, to compare with; marked before the first application. */
  readonly hasStrip?: boolean
  /** Partners that would have been in the tank and must be watered in: they go out by themselves. */
  readonly apart?: readonly string[]
  readonly retestOn?: Day | undefined
}

/** Days that iron stays on the leaf before anything is watered in over it: the longest drying time. */
const leafRestDays = 1
/** A repeat without an interval of its own comes when the effect fades. */
const intervalOf = ({ rate, response }: RemedyJobsInput) => rate.intervalDays ?? response.fades

/**
 * The jobs of a quick fix, each linked to what has to come before it: a strip marked before anything
 * goes out; in a solution pH and nitrate tested first; the application, in steps where the rate says
 * so; partners that must be watered in by themselves a day later; a look when the first change is due
 * and one when it should be green, after every application; repeats; the retest. Looking is a task
 * like any other.
 * @throws {CoreError} date-unreadable
 * @source common practice: pH first, then iron; a control strip before the first application
 */
export function jobsOfRemedy(input: RemedyJobsInput): readonly PlannedJob[] {
  const { applyOn, sourceName, response, route, repeats = 0, apart = [] } = input
  const jobs: PlannedJob[] = []
  const add = (job: PlannedJob) => jobs.push(job) - 1
  let before: AfterJob | undefined
  if (input.hasStrip) {
    const index = add({
      kind: 'strip',
      dueOn: applyOn,
      title: 'Mark a strip to leave untreated',
      share: 0,
    })
    before = { index, leastDays: 0 }
  }
  if (route === 'solution') {
    const index = add({
      kind: 'test',
      dueOn: applyOn,
      title: 'Test pH and nitrate before the first dose',
      share: 0,
      ...(before ? { after: before } : {}),
    })
    before = { index, leastDays: 0, mostDays: 2 }
  }
  const steps = input.rate.stepDays ?? 1
  const { low, high } = intervalOf(input)
  const gap = Math.round((low + high) / 2)
  for (let round = 0; round <= repeats; round++) {
    const from = addDays(applyOn, round * (gap + steps - 1))
    for (let step = 0; step < steps; step++) {
      const dose = steps > 1 ? `, dose ${step + 1} of ${steps}` : ''
      const again = round > 0 ? `, repeat ${round} of ${repeats}` : ''
      const index: number = add({
        kind: 'apply',
        dueOn: addDays(from, step),
        title: `${sourceName}${again}${dose}`,
        share: 1 / steps,
        ...(before ? { after: before } : {}),
      })
      before =
        step < steps - 1
          ? { index, leastDays: 1, mostDays: 3 }
          : { index, leastDays: low, mostDays: high + 14 }
      if (step < steps - 1) continue
      if (round === 0) addPartners(index, from)
      addLooks(index, addDays(from, step))
    }
  }
  if (input.retestOn !== undefined) {
    add({ kind: 'test', dueOn: input.retestOn, title: 'Test pH again', share: 0 })
  }
  return jobs

  function addPartners(index: number, from: Day): void {
    for (const name of apart) {
      add({
        kind: 'partner',
        dueOn: addDays(from, leafRestDays),
        title: `${name}, watered in by itself`,
        share: 0,
        after: { index, leastDays: leafRestDays },
      })
    }
  }

  function addLooks(index: number, done: Day): void {
    const look = ({ low: least, high: most }: Response['full'], title: string) =>
      add({
        kind: 'look',
        dueOn: addDays(done, most),
        title,
        share: 0,
        after: { index, leastDays: least, mostDays: most + 7 },
      })
    look(response.firstChange, 'Look for the first change')
    look(response.full, 'Look whether it is green')
  }
}

import { addDays, type Day } from '../../base/calendar/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import type { Rate } from '../../material/rate/index.ts'
import type { Response } from '../../material/source/index.ts'
import type { Strip } from './strip.ts'
import type { JobKind, JobPurpose } from './job-kinds.ts'

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
  readonly purpose: JobPurpose | null
  /** Name of a partner that goes out by itself. */
  readonly subject: string | null
  /** Which repeat, of how many; null for the first time. */
  readonly round: number | null
  readonly rounds: number | null
  /** Which dose, of how many; null where it goes out at once. */
  readonly step: number | null
  readonly steps: number | null
  /** Share of the whole amount that goes out on this day [1]; 0 for a look. */
  readonly share: number
  readonly after?: AfterJob
}

const plainJob = {
  purpose: null,
  subject: null,
  round: null,
  rounds: null,
  step: null,
  steps: null,
  share: 0,
} as const

export interface RemedyJobsInput {
  readonly applyOn: Day
  readonly route: Route
  readonly rate: Pick<Rate, 'stepDays' | 'intervalDays'>
  readonly response: Response
  /** How often it is done again after the first time. */
  readonly repeats?: number
  /** What is left untreated, to compare with; marked before the first application. */
  readonly strip?: Pick<Strip, 'share'> | undefined
  /** The day on which it is planned: nothing is due before. */
  readonly today?: Day
  /** Partners that would have been in the tank and must be watered in: they go out by themselves. */
  readonly apart?: readonly string[]
  readonly retestOn?: Day | undefined
}

/** Days that iron stays on the leaf before anything is watered in over it: the longest drying time. */
const leafRestDays = 1
/** A repeat without an interval of its own comes when the effect fades. */
const intervalOf = ({ rate, response }: RemedyJobsInput) => rate.intervalDays ?? response.fades

type NewJob = Pick<PlannedJob, 'kind' | 'dueOn'> & Partial<PlannedJob>

/** Partners that must be watered in by themselves, once the iron is on the leaf. */
const partnersAfter = (index: number, from: Day, apart: readonly string[]): readonly NewJob[] =>
  apart.map((subject) => ({
    kind: 'partner',
    dueOn: addDays(from, leafRestDays),
    subject,
    after: { index, leastDays: leafRestDays },
  }))

/** A look when the first change is due, and one when it should be green. */
function looksAfter(index: number, done: Day, { firstChange, full }: Response): readonly NewJob[] {
  const look = ({ low, high }: Response['full'], purpose: JobPurpose): NewJob => ({
    kind: 'look',
    dueOn: addDays(done, high),
    purpose,
    after: { index, leastDays: low, mostDays: high + 7 },
  })
  return [look(firstChange, 'first-change'), look(full, 'green')]
}

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
  const { applyOn, response, route, repeats = 0, apart = [] } = input
  const jobs: PlannedJob[] = []
  const add = (job: NewJob): number => jobs.push({ ...plainJob, ...job }) - 1
  let before: AfterJob | undefined
  if (input.strip) {
    // The evening before, so that nobody sprays over it; on the day itself where that is today.
    const eve = addDays(applyOn, -1)
    const dueOn = input.today !== undefined && eve >= input.today ? eve : applyOn
    const index = add({ kind: 'strip', dueOn })
    before = { index, leastDays: 0 }
  }
  if (route === 'solution') {
    const index = add({
      kind: 'test',
      dueOn: applyOn,
      purpose: 'before-dose',
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
      const index: number = add({
        kind: 'apply',
        dueOn: addDays(from, step),
        ...(round > 0 ? { round, rounds: repeats } : {}),
        ...(steps > 1 ? { step: step + 1, steps } : {}),
        share: (1 - (input.strip?.share ?? 0)) / steps,
        ...(before ? { after: before } : {}),
      })
      before =
        step < steps - 1
          ? { index, leastDays: 1, mostDays: 3 }
          : { index, leastDays: low, mostDays: high + 14 }
      if (step < steps - 1) continue
      if (round === 0) partnersAfter(index, from, apart).forEach(add)
      looksAfter(index, addDays(from, step), response).forEach(add)
    }
  }
  if (input.retestOn !== undefined) {
    add({ kind: 'test', dueOn: input.retestOn, purpose: 'retest' })
  }
  return jobs
}

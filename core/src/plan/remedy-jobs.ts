import { addDays, type Day } from '../calendar/index.ts'
import type { Rate } from '../rate/index.ts'
import type { Response } from '../regreening/index.ts'

export const jobKinds = ['apply', 'look', 'test', 'buy', 'check'] as const
export type JobKind = (typeof jobKinds)[number]

/** A job that a remedy brings with it. */
export interface PlannedJob {
  readonly kind: JobKind
  readonly dueOn: Day
  readonly title: string
  /** Share of the whole amount that goes out on this day [1]; 0 for a look. */
  readonly share: number
}

export interface RemedyJobsInput {
  readonly applyOn: Day
  readonly sourceName: string
  readonly rate: Pick<Rate, 'stepDays'>
  readonly response: Response
}

/**
 * The jobs of a quick fix: the application (in steps where the rate says so), a look when the
 * first change is due and one when it should be green. Looking is a task like any other.
 * @throws {CoreError} date-unreadable
 */
export function jobsOfRemedy(input: RemedyJobsInput): readonly PlannedJob[] {
  const { applyOn, sourceName, response } = input
  const steps = input.rate.stepDays ?? 1
  const applications = Array.from({ length: steps }, (_, index): PlannedJob => {
    const step = steps > 1 ? `, dose ${index + 1} of ${steps}` : ''
    return {
      kind: 'apply',
      dueOn: addDays(applyOn, index),
      title: `${sourceName}${step}`,
      share: 1 / steps,
    }
  })
  const look = (days: number, title: string): PlannedJob => ({
    kind: 'look',
    dueOn: addDays(applyOn, steps - 1 + days),
    title,
    share: 0,
  })
  return [
    ...applications,
    look(response.firstChange.high, 'Look for the first change'),
    look(response.full.high, 'Look whether it is green'),
  ]
}

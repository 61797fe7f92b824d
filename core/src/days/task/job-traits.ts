import { putsOut, type JobKind } from '../plan/index.ts'
import { lateShare, windowDays, workPace } from '../planner/index.ts'
import { weatherWorkOf, type WeatherWork } from '../weather/index.ts'
import type { DatedJob, DatedRemedy } from './facts.ts'

/** Days before and after its own in which a job may lie [d]. */
export interface JobWindow {
  readonly before: number
  readonly after: number
}

/** What a job puts out, and onto how much ground. */
export interface JobAmounts {
  readonly waterL: number
  readonly groundM2: number
}

/** How a kind of job is planned. */
interface JobTraits {
  readonly work: (job: DatedJob, remedy: DatedRemedy | undefined) => WeatherWork
  readonly hours: (work: WeatherWork, amounts: JobAmounts) => number
  /** Share of a day's loss by which being late counts [1]. */
  readonly lateShare: (job: DatedJob, paleness: number) => number
  readonly window: (job: DatedJob) => JobWindow
  /** Whether its day is worth most for itself: too early loses as too late does. */
  readonly isTimed: boolean
  /** Why others wait for it, where the reason is its own. */
  readonly whyBefore: string | undefined
  /** Why it waits for the one before. */
  readonly whyAfter: string
  /** Jobs with the same key are done in one trip. */
  readonly tripKey: (job: DatedJob, remedy: DatedRemedy | undefined, work: WeatherWork) => string
}

const isStep = ({ acidPlanId }: DatedJob): boolean => acidPlanId !== null
/** A repeat, and not the next of some doses. */
export const repeatFromDays = 7

const paceOf: Readonly<Record<WeatherWork, (amounts: JobAmounts) => number>> = {
  leaf: ({ waterL }) => waterL / workPace.sprayLPerH.value,
  drench: ({ waterL }) => waterL / workPace.drenchLPerH.value,
  granules: ({ groundM2 }) => groundM2 / workPace.spreadM2PerH.value,
  dose: () => 0,
  look: () => 0,
}

const first = { isTimed: false, whyBefore: undefined, whyAfter: 'it has to come first' } as const

const apply: JobTraits = {
  ...first,
  whyAfter: 'a repeat before the last has grown out is wasted',
  work: (job, remedy) => {
    const isDry = isStep(job) || remedy?.carrierL === 0
    return weatherWorkOf(job.route ?? 'soil', isDry ? 'dry' : 'in water')
  },
  hours: (work, amounts) =>
    Math.min(workPace.longest.value, workPace.ready.value + paceOf[work](amounts)),
  lateShare: (job, paleness) =>
    isStep(job) ? lateShare.acid.value : Math.max(lateShare.least.value, paleness),
  window: (job) => {
    if (isStep(job)) return windowDays.acid
    return (job.afterDays ?? 0) >= repeatFromDays ? windowDays.repeat : windowDays.apply
  },
  tripKey: (job, remedy, work) => `${remedy?.sprayerId ?? work} ${job.sourceId ?? ''}`,
}

const test: JobTraits = {
  ...first,
  work: () => 'look',
  hours: () => workPace.test.value,
  lateShare: (job) => (isStep(job) ? lateShare.acid : lateShare.test).value,
  window: () => windowDays.test,
  tripKey: () => 'walk',
}

/** Something small that is done on a walk. */
const small: JobTraits = {
  ...first,
  work: () => 'look',
  hours: () => workPace.look.value,
  lateShare: () => lateShare.small.value,
  window: () => windowDays.other,
  tripKey: () => 'walk',
}

/** How each kind of job is planned. */
export const jobTraits: Readonly<Record<JobKind, JobTraits>> = {
  apply,
  look: {
    ...small,
    isTimed: true,
    whyAfter: 'a look is worth most when the response is due',
    lateShare: () => lateShare.look.value,
    window: () => windowDays.look,
  },
  test: { ...test, whyBefore: 'the dose rests on the test' },
  check: test,
  buy: { ...small, work: () => 'dose', tripKey: () => 'shop' },
  strip: { ...small, whyBefore: 'without a strip nobody can tell what it did' },
  practice: { ...small, hours: () => workPace.practice.value, tripKey: ({ title }) => title },
  partner: {
    ...small,
    work: () => 'drench',
    hours: () => workPace.partner.value,
    tripKey: ({ title }) => title,
  },
}

/** Product and water that a job puts out. */
export const amountsOf = (
  job: Pick<DatedJob, 'kind' | 'plannedKg' | 'share'>,
  remedy: Pick<DatedRemedy, 'productKg' | 'carrierL'> | undefined,
) => ({
  productKg: putsOut(job.kind) ? (job.plannedKg ?? (remedy?.productKg ?? 0) * job.share) : 0,
  waterL: putsOut(job.kind) ? (remedy?.carrierL ?? 0) * job.share : 0,
})

/** What doing a job asks of whoever does it. */
export interface JobWork {
  readonly work: WeatherWork
  /** How long it takes [h]. */
  readonly hours: number
  /** Jobs with the same key are done in one trip. */
  readonly tripKey: string
}

/**
 * What doing a job asks of whoever does it.
 * @param groundM2 of its stand [m²]; undefined where nobody measured it
 * @returns how long it takes [h], the kind of weather it needs, and what it shares a trip with
 */
export function workOf(
  job: DatedJob,
  remedy: DatedRemedy | undefined,
  groundM2: number | undefined,
): JobWork {
  const traits = jobTraits[job.kind]
  const work = traits.work(job, remedy)
  const { waterL } = amountsOf(job, remedy)
  const hours = traits.hours(work, { waterL, groundM2: groundM2 ?? 0 })
  return { work, hours, tripKey: traits.tripKey(job, remedy, work) }
}

import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { findSource } from '../../material/source/index.ts'
import type { SeasonNutrient } from '../../soil/season/index.ts'
import { findPlant, groundOf } from '../../stand/plant/index.ts'
import { contentsOf, standingEntries } from '../entry/index.ts'
import { putsOut } from '../plan/index.ts'
import {
  acidBeforeIron,
  growthBase,
  skipCostOf,
  usualWarmth,
  windowDays,
  type Follow,
  type Gap,
  type Task,
} from '../planner/index.ts'
import type {
  DatedJob,
  DatedRemedy,
  DatedStand,
  KeptOfPlace,
  PlaceRules,
  PlanSurroundings,
} from './facts.ts'
import { amountsOf, jobTraits, repeatFromDays, workOf } from './job-traits.ts'
import { palenessOf, paleLossOf } from './pale-loss.ts'

export const isWarm = (plantId: string) => findPlant(plantId).tissue === 'warm-season turf'

const laterOf = (one: Day, other: Day) => (one > other ? one : other)
const earlierOf = (one: Day, other: Day) => (one < other ? one : other)

/** A repeat counted by growth or mowings instead of days, where the place wants it so. */
function gapOf(job: DatedJob, stand: DatedStand, settings: PlaceRules): Gap {
  const least = job.afterDays ?? 0
  const most = job.withinDays ?? undefined
  const clock = settings.work?.intervalBy ?? 'days'
  // Only what is sprayed on leaves grows out with them.
  const isRepeat = putsOut(job.kind) && job.route === 'leaf' && least >= repeatFromDays
  if (!isRepeat || clock === 'days') return { by: 'days', least, most }
  const season = isWarm(stand.plantId) ? 'warm' : 'cool'
  const aDay = clock === 'mowings' ? 1 / 7 : usualWarmth[season].value - growthBase[season].value
  // A most by growth would hurry a spray in a cold spring for nothing: growth alone tells when.
  return { by: clock, least: least * aDay }
}

const whyAfter = (job: DatedJob, before: DatedJob): string =>
  jobTraits[before.kind].whyBefore ?? jobTraits[job.kind].whyAfter

/** Turns jobs into tasks, each with what the planner asks of it. */
export class TaskMaker {
  private readonly jobs: ReadonlyMap<string, DatedJob>
  private readonly done: ReadonlyMap<string, KeptOfPlace['entries'][number]>

  constructor(
    private readonly planning: KeptOfPlace,
    private readonly around: PlanSurroundings,
  ) {
    this.jobs = new Map(planning.jobs.map((job) => [job.id, job]))
    this.done = new Map(standingEntries(planning.entries).map((entry) => [entry.jobId, entry]))
  }

  task(job: DatedJob): Task[] {
    const { planning, around } = this
    const stand = planning.stands.find(({ id }) => id === job.standId)
    if (!stand || job.status !== 'planned') return []
    const remedy = planning.remedies.find(({ id }) => id === job.remedyId)
    const plan = planning.acidPlans.find(({ id }) => id === job.acidPlanId)
    const traits = jobTraits[job.kind]
    const groundM2 = plan?.groundM2 ?? groundOf(stand.size, stand.measures ?? {})
    const { productKg } = amountsOf(job, remedy)
    const product = around.products.find(({ id }) => id === remedy?.productId)
    const price = product?.packPrice && product.packKg ? product.packPrice / product.packKg : 0
    const latePerDay = paleLossOf(stand) * traits.lateShare(job, palenessOf(stand.id, planning))
    const redoCost = price * productKg
    const repeatDays = putsOut(job.kind) ? (job.afterDays ?? 0) : 0
    const isHeld = job.isLocked && job.dueOn >= around.today
    return [
      {
        id: job.id,
        standId: stand.id,
        kind: job.kind,
        title: job.title,
        ...workOf(job, remedy, groundM2),
        wanted: job.dueOn,
        ...this.window(job),
        wantedAfter: this.wantedAfter(job),
        equipmentId: remedy?.sprayerId && putsOut(job.kind) ? remedy.sprayerId : undefined,
        productId: putsOut(job.kind) ? (remedy?.productId ?? undefined) : undefined,
        productKg,
        nutrientsKgPerHa: this.nutrients(job, remedy, { productKg, groundM2 }),
        latePerDay,
        earlyPerDay: traits.isTimed
          ? latePerDay
          : repeatDays >= repeatFromDays
            ? redoCost / repeatDays
            : latePerDay * 0.05,
        redoCost,
        skipCost: skipCostOf(latePerDay),
        follows: this.follows(job, stand),
        isFertiliser: putsOut(job.kind) && job.route !== 'solution',
        lockedOn: isHeld ? job.dueOn : undefined,
      },
    ]
  }

  private nutrients(
    job: DatedJob,
    remedy: DatedRemedy | undefined,
    { productKg, groundM2 }: { productKg: number; groundM2: number | undefined },
  ): Task['nutrientsKgPerHa'] {
    if (!putsOut(job.kind) || groundM2 === undefined || job.sourceId === null) return {}
    const usual = findSource(job.sourceId).contentShare.usual
    const by = remedy ?? { productId: null, sourceId: job.sourceId, contentShare: usual }
    const contents = Object.entries(contentsOf(by, this.around.products)) as [
      SeasonNutrient,
      number,
    ][]
    return Object.fromEntries(
      contents.map(([nutrient, share]) => [nutrient, (share * productKg) / (groundM2 / 1e4)]),
    )
  }

  /** The days in which a job may lie: around its own, after what was done before it. */
  private window(job: DatedJob): { earliest: Day; latest: Day } {
    const { today } = this.around
    const { before, after } = jobTraits[job.kind].window(job)
    const done = this.done.get(job.afterJobId ?? '')?.happenedOn
    const soonest = done === undefined ? today : addDays(done, job.afterDays ?? 0)
    // What follows goes wherever the one before goes; the days between bind it.
    const isLinked = this.jobs.get(job.afterJobId ?? '')?.status === 'planned'
    const early = isLinked ? windowDays.linked : before
    const far = isLinked ? windowDays.linked : after
    const earliest = laterOf(today, laterOf(addDays(job.dueOn, -early), soonest))
    const usual = laterOf(addDays(job.dueOn, far), addDays(earliest, far))
    const bound =
      done === undefined || job.withinDays === null ? usual : addDays(done, job.withinDays)
    return { earliest, latest: bound < earliest ? usual : earlierOf(usual, bound) }
  }

  /** A job behind another is wanted as long after it as it was planned. */
  private wantedAfter(job: DatedJob): Task['wantedAfter'] {
    const before = this.jobs.get(job.afterJobId ?? '')
    if (before?.status !== 'planned') return undefined
    return { taskId: before.id, days: Math.max(0, daysBetween(before.dueOn, job.dueOn)) }
  }

  private follows(job: DatedJob, stand: DatedStand): Follow[] {
    const before = this.jobs.get(job.afterJobId ?? '')
    const linked: Follow[] =
      before?.status === 'planned'
        ? [
            {
              taskId: before.id,
              gap: gapOf(job, stand, this.around.settings),
              why: whyAfter(job, before),
            },
          ]
        : []
    return [...linked, ...this.acidFirst(job)]
  }

  /** pH first, then iron: iron into the soil waits for the step of acid that is due before it. */
  private acidFirst(job: DatedJob): Follow[] {
    const isIronIntoSoil = putsOut(job.kind) && job.route === 'soil' && job.acidPlanId === null
    if (!isIronIntoSoil) return []
    const step = this.planning.jobs
      .filter(
        (each) =>
          each.standId === job.standId &&
          putsOut(each.kind) &&
          each.acidPlanId !== null &&
          each.status === 'planned' &&
          daysBetween(each.dueOn, job.dueOn) >= 0,
      )
      .at(-1)
    return step
      ? [
          {
            taskId: step.id,
            gap: { by: 'days', least: acidBeforeIron.value },
            why: 'pH first, then iron',
          },
        ]
      : []
  }
}

import type { DayJobDto } from '@spudder/contract/day'
import type { JobDto } from '@spudder/contract/job'
import type { SprayerDto } from '@spudder/contract/sprayer'
import type { PlanningDto } from '@spudder/contract/planning'
import type { DayStep, DayTask } from '@spudder/core/days/day'
import { amountsOf, workOf } from '@spudder/core/days/task'
import type { WeatherWork, WorkOutlook } from '@spudder/core/days/weather'
import { middleOf, toOutline, type GridPoint } from '@spudder/core/stand/ground'
import { groundOf } from '@spudder/core/stand/plant'

/** What jobs of a day are told by. */
export interface DayFacts {
  readonly plan: Pick<PlanningDto, 'stands' | 'jobs' | 'remedies'>
  readonly sprayers: readonly SprayerDto[]
  /** What the day promises for a kind of work; undefined where nobody knows. */
  readonly outlookOf: (work: WeatherWork) => WorkOutlook | undefined
}

type Stand = PlanningDto['stands'][number]

/** The middle of a stand on the grid of the place; undefined where nobody placed it. */
function placeOf({ measures }: Stand): GridPoint | undefined {
  const { atM, outline } = measures ?? {}
  const [east, north] = atM ?? []
  if (east === undefined || north === undefined) return undefined
  const [x, y] = outline && outline.length > 2 ? middleOf(toOutline(outline)) : [0, 0]
  return [east + x, north + y]
}

/** No weather falls into a nutrient solution, and nobody buys by it. */
const isOutdoors = ({ kind, route }: JobDto): boolean => kind !== 'buy' && route !== 'solution'

/** Jobs of a day, as they are told and as they are put in order. */
export class DayJobs {
  readonly #facts: DayFacts
  readonly #stands: ReadonlyMap<string, Stand>
  readonly #remedies: ReadonlyMap<string, PlanningDto['remedies'][number]>

  constructor(facts: DayFacts) {
    this.#facts = facts
    this.#stands = new Map(facts.plan.stands.map((stand) => [stand.id, stand]))
    this.#remedies = new Map(facts.plan.remedies.map((remedy) => [remedy.id, remedy]))
  }

  #standOf({ standId }: JobDto): Stand {
    const stand = this.#stands.get(standId)
    if (!stand) throw new Error(`the stand ${standId} of a planned job is not of the place`)
    return stand
  }

  #workOf(job: JobDto) {
    const { size, measures } = this.#standOf(job)
    const remedy = this.#remedies.get(job.remedyId ?? '')
    const how = workOf(job, remedy, groundOf(size, measures ?? {}))
    return { ...how, outlook: isOutdoors(job) ? this.#facts.outlookOf(how.work) : undefined }
  }

  /** As it is put in order. */
  taskOf(job: JobDto): DayTask {
    const { hours, tripKey, outlook } = this.#workOf(job)
    const [hour, minute] = (job.startsAt ?? '').split(':').map(Number)
    return {
      id: job.id,
      hours,
      tripKey,
      fitHours: outlook?.fitHours,
      startsAtH: job.startsAt === null ? undefined : (hour ?? 0) + (minute ?? 0) / 60,
      afterId: job.afterJobId ?? undefined,
      at: placeOf(this.#standOf(job)),
    }
  }

  /** As it is told, in its place among the others where it has one. */
  toDto(job: JobDto, step?: DayStep): DayJobDto {
    const { plan, sprayers } = this.#facts
    const { hours, outlook } = this.#workOf(job)
    const remedy = this.#remedies.get(job.remedyId ?? '')
    const { productKg, waterL } = amountsOf(job, remedy)
    return {
      job,
      standName: this.#standOf(job).name,
      hours,
      fitHours: outlook ? [...outlook.fitHours] : null,
      against: [...(outlook?.against ?? [])],
      startH: step?.startH ?? null,
      missesWindow: step?.missesWindow ?? outlook?.fitHours.length === 0,
      wayM: step?.wayM ?? null,
      waitsFor: plan.jobs.find(({ id }) => id === job.afterJobId)?.title ?? null,
      productName: job.appliedName,
      productKg,
      waterL,
      sprayerName: sprayers.find(({ id }) => id === remedy?.sprayerId)?.name ?? null,
    }
  }
}

import { addDays, daysBetween, type Day } from '@spudder/core/base/calendar'
import {
  acidBeforeIron,
  growthBase,
  lateShare,
  paleLoss,
  plannerFigures,
  skipCostOf,
  usualWarmth,
  windowDays,
  workPace,
  type Follow,
  type Gap,
  type PlanDay,
  type PlanGround,
  type PlanStand,
  type PlanStock,
  type Task,
} from '@spudder/core/days/planner'
import { findPlant } from '@spudder/core/stand/plant'
import { greennessOf, healthyGreenness, isColourKind } from '@spudder/core/seen/colour'
import type { UnitSystem } from '@spudder/core/base/quantity'
import type { SeasonNutrient } from '@spudder/core/soil/season'
import { findSource } from '@spudder/core/material/source'
import type { WeatherWork } from '@spudder/core/days/weather'
import { standingEntries, type EntryDto } from '../entry/index.ts'
import type { JobDto } from '../job/index.ts'
import type { PlaceSettingsDto } from '../place/index.ts'
import type { RemedyDto } from '../remedy/index.ts'
import type { ProductDto } from '../shelf/index.ts'
import { contentsOf, type StandDto } from '../stand/index.ts'
import type { OutlookDto } from '../weather/index.ts'
import type { PlanningDto } from './planning.dto.ts'
import { groundOf, seasonLeftOf } from './season-left.ts'

/** What a plan is made of, beside what the server keeps of the place. */
export interface PlanSurroundings {
  readonly products: readonly ProductDto[]
  readonly settings: PlaceSettingsDto
  readonly outlook: OutlookDto
  readonly system: UnitSystem
  readonly today: Day
}

/** A ground and the tasks on it, in the terms of the planner. */
export interface PlanInput {
  readonly ground: PlanGround
  readonly tasks: readonly Task[]
}

const isWarm = (plantId: string) => findPlant(plantId).tissue === 'warm-season turf'

/** What a day of a wholly pale stand costs: as the grower says, else by its kind and size. */
export function paleLossOf({
  context,
  size,
  care,
}: Pick<StandDto, 'context' | 'size' | 'care'>): number {
  if (care?.paleLossPerDay !== undefined) return care.paleLossPerDay
  const { by, value } = paleLoss[context]
  const counts: Readonly<Record<string, number | undefined>> = {
    m2: size.areaM2,
    // A tree by area stands on about 25 m² of it.
    piece: size.count ?? (size.areaM2 ?? 0) / 25,
    L: size.volumeL,
  }
  return value * (counts[by] ?? 1)
}

/** How pale a stand is by its newest colour, from none to all [1]. */
function palenessOf(standId: string, { colours }: PlanningDto): number {
  const newest = colours.filter((each) => each.standId === standId).at(-1)
  if (!newest || !isColourKind(newest.kind)) return 0.5
  const green = greennessOf(newest.kind, newest.value)
  return Math.min(1, Math.max(0, 1 - green / healthyGreenness.value))
}

function workOf(job: JobDto, remedy: RemedyDto | undefined): WeatherWork {
  switch (job.kind) {
    case 'apply':
      if (job.route === 'leaf') return 'leaf'
      if (job.route === 'solution') return 'dose'
      return job.acidPlanId !== null || (remedy && remedy.carrierL === 0) ? 'granules' : 'drench'
    case 'partner':
      return 'drench'
    case 'buy':
      return 'dose'
    default:
      return 'look'
  }
}

/** Product and water that a job puts out. */
export const amountsOf = (job: JobDto, remedy: RemedyDto | undefined) => ({
  productKg: job.kind === 'apply' ? (job.plannedKg ?? (remedy?.productKg ?? 0) * job.share) : 0,
  waterL: job.kind === 'apply' ? (remedy?.carrierL ?? 0) * job.share : 0,
})

function hoursOf(job: JobDto, work: WeatherWork, by: { waterL: number; groundM2: number }): number {
  const { ready, sprayLPerH, drenchLPerH, spreadM2PerH, longest } = workPace
  if (job.kind === 'partner') return workPace.partner.value
  if (job.kind === 'test' || job.kind === 'check') return workPace.test.value
  if (job.kind !== 'apply') return workPace.look.value
  const pace: Readonly<Partial<Record<WeatherWork, number>>> = {
    leaf: by.waterL / sprayLPerH.value,
    drench: by.waterL / drenchLPerH.value,
    granules: by.groundM2 / spreadM2PerH.value,
  }
  return Math.min(longest.value, ready.value + (pace[work] ?? 0))
}

function lateShareOf(job: JobDto, paleness: number): number {
  if (job.acidPlanId !== null && job.kind === 'apply') return lateShare.acid.value
  switch (job.kind) {
    case 'apply':
      return Math.max(lateShare.least.value, paleness)
    case 'look':
      return lateShare.look.value
    case 'test':
    case 'check':
      return job.acidPlanId === null ? lateShare.test.value : lateShare.acid.value
    default:
      return lateShare.small.value
  }
}

function windowOf(job: JobDto): { before: number; after: number } {
  if (job.acidPlanId !== null && job.kind === 'apply') return windowDays.acid
  switch (job.kind) {
    case 'apply':
      return (job.afterDays ?? 0) >= 7 ? windowDays.repeat : windowDays.apply
    case 'look':
      return windowDays.look
    case 'test':
    case 'check':
      return windowDays.test
    default:
      return windowDays.other
  }
}

const laterOf = (one: Day, other: Day) => (one > other ? one : other)
const earlierOf = (one: Day, other: Day) => (one < other ? one : other)

/** A repeat counted by growth or mowings instead of days, where the place wants it so. */
function gapOf(job: JobDto, stand: StandDto, settings: PlaceSettingsDto): Gap {
  const least = job.afterDays ?? 0
  const most = job.withinDays ?? undefined
  const clock = settings.work?.intervalBy ?? 'days'
  // Only what is sprayed on leaves grows out with them.
  const isRepeat = job.kind === 'apply' && job.route === 'leaf' && least >= 7
  if (!isRepeat || clock === 'days') return { by: 'days', least, most }
  const season = isWarm(stand.plantId) ? 'warm' : 'cool'
  const aDay = clock === 'mowings' ? 1 / 7 : usualWarmth[season].value - growthBase[season].value
  // A most by growth would hurry a spray in a cold spring for nothing: growth alone tells when.
  return { by: clock, least: least * aDay }
}

/** Jobs that one trip does: the same sprayer with the same product, a walk, a shopping list. */
function tripKeyOf(job: JobDto, remedy: RemedyDto | undefined, work: WeatherWork): string {
  switch (job.kind) {
    case 'apply':
      return `${remedy?.sprayerId ?? work} ${job.sourceId ?? ''}`
    case 'partner':
      return job.title
    case 'buy':
      return 'shop'
    default:
      return 'walk'
  }
}

function whyAfter(job: JobDto, before: JobDto): string {
  if (before.kind === 'test') return 'the dose rests on the test'
  if (before.kind === 'strip') return 'without a strip nobody can tell what it did'
  if (job.kind === 'look') return 'a look is worth most when the response is due'
  if (job.kind === 'apply') return 'a repeat before the last has grown out is wasted'
  return 'it has to come first'
}

class TaskMaker {
  private readonly jobs: ReadonlyMap<string, JobDto>
  private readonly done: ReadonlyMap<string, EntryDto>

  constructor(
    private readonly planning: PlanningDto,
    private readonly around: PlanSurroundings,
  ) {
    this.jobs = new Map(planning.jobs.map((job) => [job.id, job]))
    this.done = new Map(standingEntries(planning.entries).map((entry) => [entry.jobId, entry]))
  }

  task(job: JobDto): Task[] {
    const { planning, around } = this
    const stand = planning.stands.find(({ id }) => id === job.standId)
    if (!stand || job.status !== 'planned') return []
    const remedy = planning.remedies.find(({ id }) => id === job.remedyId)
    const plan = planning.acidPlans.find(({ id }) => id === job.acidPlanId)
    const work = workOf(job, remedy)
    const groundM2 = plan?.groundM2 ?? groundOf(stand)
    const { productKg, waterL } = amountsOf(job, remedy)
    const product = around.products.find(({ id }) => id === remedy?.productId)
    const price = product?.packPrice && product.packKg ? product.packPrice / product.packKg : 0
    const latePerDay = paleLossOf(stand) * lateShareOf(job, palenessOf(stand.id, planning))
    const redoCost = price * productKg
    const isTimed = job.kind === 'look'
    const repeatDays = job.kind === 'apply' ? (job.afterDays ?? 0) : 0
    const isHeld = job.isLocked && job.dueOn >= around.today
    return [
      {
        id: job.id,
        standId: stand.id,
        kind: job.kind,
        title: job.title,
        work,
        wanted: job.dueOn,
        ...this.window(job),
        wantedAfter: this.wantedAfter(job),
        hours: hoursOf(job, work, { waterL, groundM2: groundM2 ?? 0 }),
        equipmentId: remedy?.sprayerId && job.kind === 'apply' ? remedy.sprayerId : undefined,
        tripKey: tripKeyOf(job, remedy, work),
        productId: job.kind === 'apply' ? (remedy?.productId ?? undefined) : undefined,
        productKg,
        nutrientsKgPerHa: this.nutrients(job, remedy, { productKg, groundM2 }),
        latePerDay,
        earlyPerDay: isTimed
          ? latePerDay
          : repeatDays >= 7
            ? redoCost / repeatDays
            : latePerDay * 0.05,
        redoCost,
        skipCost: skipCostOf(latePerDay),
        follows: this.follows(job, stand),
        isFertiliser: job.kind === 'apply' && job.route !== 'solution',
        lockedOn: isHeld ? job.dueOn : undefined,
      },
    ]
  }

  private nutrients(
    job: JobDto,
    remedy: RemedyDto | undefined,
    { productKg, groundM2 }: { productKg: number; groundM2: number | undefined },
  ): Task['nutrientsKgPerHa'] {
    if (job.kind !== 'apply' || groundM2 === undefined || job.sourceId === null) return {}
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
  private window(job: JobDto): { earliest: Day; latest: Day } {
    const { today } = this.around
    const { before, after } = windowOf(job)
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
  private wantedAfter(job: JobDto): Task['wantedAfter'] {
    const before = this.jobs.get(job.afterJobId ?? '')
    if (before?.status !== 'planned') return undefined
    return { taskId: before.id, days: Math.max(0, daysBetween(before.dueOn, job.dueOn)) }
  }

  private follows(job: JobDto, stand: StandDto): Follow[] {
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
  private acidFirst(job: JobDto): Follow[] {
    const isIronIntoSoil = job.kind === 'apply' && job.route === 'soil' && job.acidPlanId === null
    if (!isIronIntoSoil) return []
    const step = this.planning.jobs
      .filter(
        (each) =>
          each.standId === job.standId &&
          each.kind === 'apply' &&
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

function stockOf({ products, settings }: PlanSurroundings, { jobs }: PlanningDto): PlanStock[] {
  const lead = settings.work?.leadDays ?? usualLeadDays
  return products.flatMap(({ id, name, stockKg }) => {
    if (stockKg === null) return []
    const orders = jobs.filter(
      (job) => job.kind === 'buy' && job.productId === id && job.status === 'planned',
    )
    return [
      {
        productId: id,
        name,
        kg: stockKg,
        deliveries: orders.map(({ dueOn, plannedKg }) => ({
          day: addDays(dueOn, lead),
          kg: plannedKg ?? 0,
        })),
      },
    ]
  })
}

/** From ordering to having it, until the place says otherwise. */
export const usualLeadDays = 7

const dayOf = ({ day, meanC, works }: OutlookDto['days'][number]): PlanDay => {
  const byWork = <Value>(of: (work: (typeof works)[number]) => Value) =>
    Object.fromEntries(works.map((each) => [each.work, of(each)])) as Record<WeatherWork, Value>
  return {
    day,
    meanC,
    chance: byWork(({ chance }) => chance),
    washOff: byWork(({ washOff }) => washOff),
    against: byWork(({ against }) => against),
  }
}

const usualWeek = [...Array.from({ length: 5 }, () => plannerFigures.crewHours.value), 0, 0]

/**
 * Turns what is kept of a place into a ground with tasks.
 * @returns every planned job that is due before the outlook ends as a task; days from today on
 */
export function toPlan(planning: PlanningDto, around: PlanSurroundings): PlanInput {
  const { settings, outlook, today } = around
  const maker = new TaskMaker(planning, around)
  // What is due beyond the last day that is known stays where it is.
  const lastDay = outlook.days.at(-1)?.day ?? today
  const stands = planning.stands.map((stand): PlanStand => ({
    id: stand.id,
    name: stand.name,
    isTurf: stand.context === 'turf',
    mowingDays: stand.care?.mowingDays ?? [],
    wateringDays: stand.care?.wateringDays ?? [],
    growthBaseC: growthBase[isWarm(stand.plantId) ? 'warm' : 'cool'].value,
    seasonLeft: seasonLeftOf(stand, planning, around),
  }))
  return {
    ground: {
      system: around.system,
      days: outlook.days.filter(({ day }) => day >= today).map(dayOf),
      stands,
      stock: stockOf(around, planning),
      blackouts: settings.work?.blackouts ?? [],
      crewHours: settings.work?.crewHours ?? usualWeek,
      equipmentHours: plannerFigures.equipmentHours.value,
      tripCost: settings.work?.tripCost ?? plannerFigures.tripCost.value,
    },
    tasks: planning.jobs.filter(({ dueOn }) => dueOn <= lastDay).flatMap((job) => maker.task(job)),
  }
}

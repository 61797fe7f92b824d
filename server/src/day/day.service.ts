import type { DayDto, DayLoadDto } from '@spudder/contract/day'
import { isHand, type JobDto } from '@spudder/contract/job'
import type { ProductDto } from '@spudder/contract/shelf'
import type { WeatherService } from '@spudder/contract/weather'
import { addDays, dateToDay, type Day } from '@spudder/core/base/calendar'
import { dayFigures, orderOfDay } from '@spudder/core/days/day'
import { outlookByHours, type WeatherWork } from '@spudder/core/days/weather'
import type { Connection } from '../database/connect.ts'
import { jobDto } from '../job/job-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { readPlanned } from '../planning/planning.service.ts'
import { findProducts } from '../shelf/product.service.ts'
import { findSprayers } from '../sprayer/sprayer.service.ts'
import { readHours } from '../weather/weather.service.ts'
import { DayJobs } from './day-jobs.ts'
import { selectDoneJobs } from './day.repository.ts'

interface DayStage {
  readonly db: Connection
  readonly weather: WeatherService
}

/** Whose day, where, and when they ask. */
interface Asked {
  readonly placeId: string
  readonly day: Day
  readonly me: { readonly id: string; readonly name: string }
  readonly at: Date
}

const isMine = ({ hands }: Pick<JobDto, 'hands'>, me: Asked['me']): boolean =>
  (hands ?? []).some((each) => isHand(each, me))

const isAnybodys = ({ hands }: JobDto): boolean => (hands ?? []).length === 0

/** What is taken along for some jobs, product by product. */
function loadOf(
  jobs: DayDto['mine'],
  shelf: readonly ProductDto[],
  productOf: (job: JobDto) => string | undefined,
): DayLoadDto[] {
  const sums = new Map<string, DayLoadDto>()
  for (const { job, productName, productKg } of jobs) {
    if (productName === null || productKg <= 0) continue
    const product = shelf.find(({ id }) => id === productOf(job))
    const key = product?.id ?? productName
    const before = sums.get(key)
    sums.set(key, {
      productId: product?.id ?? null,
      name: product?.name ?? productName,
      kg: (before?.kg ?? 0) + productKg,
      stockKg: product?.stockKg ?? null,
      lot: product?.lot ?? '',
    })
  }
  return [...sums.values()]
}

/**
 * A day at a place, for whoever asks.
 * @throws {ServiceError} not-found
 */
export async function readDay(
  { db, weather }: DayStage,
  { placeId, day, me, at }: Asked,
): Promise<DayDto> {
  const place = await findPlace(db, placeId)
  const tomorrow = addDays(day, 1)
  const [plan, shelf, sprayers, { days }] = await Promise.all([
    readPlanned(db, placeId),
    findProducts(db, placeId),
    findSprayers(db, placeId),
    // The night before and the morning after count: rain then is against work of the day.
    readHours({ db, service: weather, place, at }, { from: addDays(day, -1), to: addDays(day, 2) }),
  ])
  const outlooks = new Map<WeatherWork, ReturnType<typeof outlookByHours>>()
  const outlookOn = (on: Day) => (work: WeatherWork) => {
    const known = outlooks.get(work) ?? outlookByHours(days, work, place.unitSystem)
    outlooks.set(work, known)
    return known.get(on)
  }
  const told = new DayJobs({ plan, sprayers, outlookOf: outlookOn(day) })
  const toldTomorrow = new DayJobs({ plan, sprayers, outlookOf: outlookOn(tomorrow) })

  const open = plan.jobs.filter(({ dueOn }) => dueOn <= tomorrow)
  const own = open.filter((job) => isMine(job, me) || isAnybodys(job))
  // Who asks at noon begins at noon.
  const now = dateToDay(at) === day ? at.getHours() + at.getMinutes() / 60 : 0
  const beginsAtH = Math.max(dayFigures.beginsAt.value, now)
  const inOrder = (jobs: readonly JobDto[]) => {
    const byId = new Map(jobs.map((job) => [job.id, job]))
    const tasks = jobs.map((job) => told.taskOf(job))
    return orderOfDay(tasks, beginsAtH).flatMap((step) => {
      const job = byId.get(step.id)
      return job ? [{ job, step }] : []
    })
  }
  const mine = inOrder(own.filter(({ dueOn }) => dueOn === day)).map(({ job, step }) =>
    told.toDto(job, step),
  )
  const others = open.filter((job) => job.dueOn <= day && !isMine(job, me) && !isAnybodys(job))
  const midnight = new Date(`${day}T00:00:00`)
  const standIds = plan.stands.map(({ id }) => id)
  const done = await selectDoneJobs(db, standIds, { day, since: midnight })
  const productOf = ({ remedyId }: JobDto) =>
    plan.remedies.find(({ id }) => id === remedyId)?.productId ?? undefined
  return {
    day,
    isWeatherMadeUp: place.settings.practice?.includes('weather') ?? false,
    mine,
    overdue: own.filter(({ dueOn }) => dueOn < day).map((job) => told.toDto(job)),
    // In an order too, but by no clock: they are at it together with whoever asks.
    others: inOrder(others).map(({ job }) => told.toDto(job)),
    done: done.map((row) => told.toDto(jobDto(row))),
    tomorrow: own.filter(({ dueOn }) => dueOn === tomorrow).map((job) => toldTomorrow.toDto(job)),
    load: loadOf(mine, shelf, productOf),
  }
}

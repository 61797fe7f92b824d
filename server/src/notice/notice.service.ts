import type { JobDto } from '@spudder/contract/job'
import type { NoticeDto } from '@spudder/contract/notice'
import { stockOfPlan } from '@spudder/contract/planning'
import type { WeatherService } from '@spudder/contract/weather'
import { addDays, dateToDay, type Day } from '@spudder/core/base/calendar'
import { noticesOf } from '@spudder/core/days/notice'
import { amountsOf } from '@spudder/core/days/task'
import {
  outlookByHours,
  weatherWorkOf,
  type WeatherWork,
  type WorkOutlook,
} from '@spudder/core/days/weather'
import type { Connection } from '../database/connect.ts'
import { lastSittings } from '../eye/eye.service.ts'
import { findPlace } from '../place/place.service.ts'
import { readPlanned } from '../planning/planning.service.ts'
import { findProducts } from '../shelf/product.service.ts'
import { readHours } from '../weather/weather.service.ts'

/** Who is told, of which place, and when. */
interface Asking {
  readonly placeId: string
  readonly licenceUntil: Day | undefined
  /** The name that they store under. */
  readonly name: string
  readonly at: Date
}

interface NoticeStage {
  readonly db: Connection
  readonly weather: WeatherService
}

/** Hours of a day that are fit for a job; undefined where it is none outdoors or nobody knows the weather. */
function fitHoursOf(
  job: JobDto,
  waterL: number,
  outlookOf: (work: WeatherWork) => WorkOutlook | undefined,
): readonly number[] | undefined {
  // No weather falls into a nutrient solution.
  if (job.kind !== 'apply' || job.route === null || job.route === 'solution') return undefined
  return outlookOf(weatherWorkOf(job.route, waterL > 0 ? 'in water' : 'dry'))?.fitHours
}

/**
 * What somebody ought to be told of a place today.
 * @throws {ServiceError} not-found
 */
export async function findNotices(
  { db, weather }: NoticeStage,
  { placeId, licenceUntil, name, at }: Asking,
): Promise<NoticeDto[]> {
  const place = await findPlace(db, placeId)
  const today = dateToDay(at)
  // The night before and the morning after count: rain then is against work of today.
  const span = { from: addDays(today, -1), to: addDays(today, 1) }
  const [plan, shelf, { days }, sittings] = await Promise.all([
    readPlanned(db, placeId),
    findProducts(db, placeId),
    readHours({ db, service: weather, place, at }, span),
    place.settings.takesAsSaid ? [] : lastSittings(db, placeId, name),
  ])
  const names = new Map(plan.stands.map(({ id, name }) => [id, name]))
  const remedies = new Map(plan.remedies.map((remedy) => [remedy.id, remedy]))
  const stock = stockOfPlan(plan, shelf, { today, leadDays: place.settings.work?.leadDays })
  const outlookOf = (work: WeatherWork) => outlookByHours(days, work, place.unitSystem).get(today)
  const notices = noticesOf({
    today,
    jobs: plan.jobs.flatMap((job) => {
      const standName = names.get(job.standId)
      const { waterL } = amountsOf(job, remedies.get(job.remedyId ?? ''))
      const fitHours = fitHoursOf(job, waterL, outlookOf)
      return standName === undefined ? [] : [{ ...job, standName, fitHours }]
    }),
    short: stock.flatMap(({ productId, name, shortOn, orderBy }) =>
      shortOn === undefined || orderBy === undefined ? [] : [{ productId, name, shortOn, orderBy }],
    ),
    licenceUntil,
    sittings,
    isWeatherMadeUp: place.settings.practice?.includes('weather') ?? false,
  })
  return notices.map(({ standId = null, jobId = null, productId = null, ...notice }) => ({
    ...notice,
    standId,
    jobId,
    productId,
  }))
}

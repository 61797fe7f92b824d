import { addDays, type Day } from '@spudder/core/base/calendar'
import { stockForecast, type StockForecast } from '@spudder/core/days/planner'
import { amountsOf, usualLeadDays } from '@spudder/core/days/task'
import type { JobDto } from '../job/index.ts'
import type { ProductDto } from '../shelf/index.ts'
import type { PlanningDto } from './planning.dto.ts'

/** A product of the shelf against all that is planned of it. */
export interface StockOfPlan extends StockForecast {
  /** On the shelf [kg]. */
  readonly kg: number
  /** Jobs that take of it. */
  readonly uses: number
  /** Jobs of buying it. */
  readonly orders: readonly JobDto[]
  /** What is to be bought, in whole packs where a pack is known [kg]. */
  readonly buyKg: number
}

interface At {
  readonly today: Day
  /** From ordering to having it [d]; as is usual where nobody said. */
  readonly leadDays?: number | undefined
}

/**
 * What the plan takes from the shelf, product by product: those that are planned and whose stock is known. Work
 * that is overdue takes its product today.
 * @throws {CoreError} out-of-range for a lead time below nothing
 */
export function stockOfPlan(
  plan: Pick<PlanningDto, 'jobs' | 'remedies'>,
  shelf: readonly ProductDto[],
  { today, leadDays = usualLeadDays }: At,
): StockOfPlan[] {
  const planned = plan.jobs.filter(({ status }) => status === 'planned')
  const remedies = new Map(plan.remedies.map((remedy) => [remedy.id, remedy]))
  return shelf.flatMap((product) => {
    if (product.stockKg === null) return []
    const uses = planned.flatMap((job) => {
      const remedy = remedies.get(job.remedyId ?? '')
      if (job.kind !== 'apply' || remedy?.productId !== product.id) return []
      const day = job.dueOn < today ? today : job.dueOn
      return [{ day, productKg: amountsOf(job, remedy).productKg, standId: job.standId }]
    })
    if (uses.length === 0) return []
    const orders = planned.filter(
      ({ kind, productId }) => kind === 'buy' && productId === product.id,
    )
    const deliveries = orders.map(({ dueOn, plannedKg }) => ({
      day: addDays(dueOn, leadDays),
      kg: plannedKg ?? 0,
    }))
    const stock = { productId: product.id, name: product.name, kg: product.stockKg, deliveries }
    const forecast = stockForecast(stock, uses, leadDays)
    const pack = product.packKg ?? 0
    // Nobody sells part of a bag.
    const buyKg = pack > 0 ? Math.ceil(forecast.missingKg / pack) * pack : forecast.missingKg
    return [{ ...forecast, kg: product.stockKg, uses: uses.length, orders, buyKg }]
  })
}

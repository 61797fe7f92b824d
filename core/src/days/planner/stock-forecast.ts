import { addDays, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { stockBy } from './rules.ts'
import type { PlanStock } from './task.ts'

/** Use of a product that is planned. */
export interface PlannedUse {
  readonly day: Day
  readonly productKg: number
  readonly standId: string
}

/** A product's stock through the plan, and when to order. */
export interface StockForecast {
  readonly productId: string
  readonly name: string
  /** After each use, and after each delivery, in order [kg]. */
  readonly levels: readonly { readonly day: Day; readonly kg: number }[]
  /** The first use that finds too little; undefined where it lasts. */
  readonly shortOn: Day | undefined
  readonly shortStandId: string | undefined
  /** What is missing for everything planned [kg]. */
  readonly missingKg: number
  /** The last day on which an order still comes in time. */
  readonly orderBy: Day | undefined
}

/**
 * Projects the stock of a product against what is planned.
 * @param leadDays from ordering to having it [d]
 * @throws {CoreError} out-of-range for a lead time below nothing
 */
export function stockForecast(
  stock: PlanStock,
  uses: readonly PlannedUse[],
  leadDays: number,
): StockForecast {
  if (!(leadDays >= 0)) {
    throw new CoreError('days-below-nothing', { parameter: 'leadDays' })
  }
  const ordered = uses.toSorted((one, other) => (one.day < other.day ? -1 : 1))
  let used = 0
  let worst = 0
  let short: PlannedUse | undefined
  const levels = ordered.map((use) => {
    used += use.productKg
    const kg = stockBy(stock, use.day) - used
    if (kg < -1e-6 && !short) short = use
    worst = Math.min(worst, kg)
    return { day: use.day, kg }
  })
  return {
    productId: stock.productId,
    name: stock.name,
    levels,
    shortOn: short?.day,
    shortStandId: short?.standId,
    missingKg: Math.max(0, -worst),
    orderBy: short && addDays(short.day, -leadDays),
  }
}

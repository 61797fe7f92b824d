import type { Sourced } from '../../../base/reference/index.ts'
import type { Context } from '../../../stand/plant/index.ts'

interface DayRange {
  readonly low: number
  readonly high: number
}

/** How leaf colour answers a treatment, in days after it. */
export interface Response extends Sourced {
  readonly id: string
  readonly label: string
  readonly firstChange: DayRange
  readonly full: DayRange
  readonly fades: DayRange
  /** By what a place taught; absent: it does as much, and fails as often, as treatments usually do. */
  readonly taught?: TaughtResponse | undefined
}

/** What a place taught beyond days. */
interface TaughtResponse {
  /** How much it greens, as times the usual. */
  readonly times: number
  /** How often nothing comes of it, as a share of all times. */
  readonly fails: number
}

/** How leaves answer by one way in: on most stands, and on those where it is known apart. */
export interface Responses {
  readonly usual: Response
  readonly on: Readonly<Partial<Record<Context, Response>>>
}

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
}

/** How leaves answer by one way in: on most stands, and on those where it is known apart. */
export interface Responses {
  readonly usual: Response
  readonly on: Readonly<Partial<Record<Context, Response>>>
}

import type { Blackout } from '../planner/index.ts'
import type { Day } from '../../base/calendar/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import type { ReadingKind } from '../../seen/reading/index.ts'
import type { Situation } from '../../soil/acid-plan/index.ts'
import type { SeasonNutrient } from '../../soil/season/index.ts'
import type { Context, Route, StoredSize, StandMeasures } from '../../stand/plant/index.ts'
import type { AppliedEntry, AppliedJob, AppliedRemedy, LabelledProduct } from '../entry/index.ts'
import type { WeatherWork } from '../weather/index.ts'

/** A job as it is kept, as far as its day goes. */
export interface DatedJob extends AppliedJob {
  readonly standId: string
  /** What it is, with the names of today. */
  readonly title: string
  readonly route: Route | null
  readonly productId: string | null
  readonly isLocked: boolean
  readonly afterJobId: string | null
  readonly afterDays: number | null
  readonly withinDays: number | null
}

/** A remedy, as far as its work goes. */
export interface DatedRemedy extends AppliedRemedy {
  readonly standId: string
  readonly sprayerId: string | null
  readonly carrierL: number
}

/** A stand, as far as what is done on it goes. */
export interface DatedStand {
  readonly id: string
  readonly name: string
  readonly context: Context
  readonly plantId: string
  readonly size: StoredSize
  readonly measures: StandMeasures | null
  readonly care: {
    readonly mowingDays?: readonly number[] | undefined
    readonly wateringDays?: readonly number[] | undefined
    readonly paleLossPerDay?: number | undefined
  } | null
}

/** What is kept of a place that its dates rest on. */
export interface KeptOfPlace {
  readonly stands: readonly DatedStand[]
  readonly jobs: readonly DatedJob[]
  readonly remedies: readonly DatedRemedy[]
  readonly acidPlans: readonly {
    readonly id: string
    readonly standId: string
    readonly groundM2: number
    readonly situation: Situation
  }[]
  readonly entries: readonly (AppliedEntry & { readonly standId: string })[]
  /** The newest colour of each stand. */
  readonly colours: readonly {
    readonly standId: string
    readonly kind: ReadingKind
    readonly value: number
  }[]
}

/** A product of the shelf, as far as planning goes. */
export interface StockedProduct extends LabelledProduct {
  readonly name: string
  readonly packPrice: number | null
  readonly packKg: number | null
  readonly stockKg: number | null
}

/** By what a repeat is counted. */
export const intervalClocks = ['days', 'growth', 'mowings'] as const
export type IntervalClock = (typeof intervalClocks)[number]

/** What the place says of its crew, its money and its rules. */
export interface PlaceRules {
  readonly work?:
    | {
        readonly crewHours?: readonly number[] | undefined
        readonly tripCost?: number | undefined
        readonly leadDays?: number | undefined
        readonly intervalBy?: IntervalClock | undefined
        readonly blackouts?: readonly Blackout[] | undefined
      }
    | undefined
  readonly seasonLimits?: Readonly<Partial<Record<SeasonNutrient, number>>> | undefined
}

/** What each day to come promises for each kind of work. */
export interface DayOutlook {
  readonly day: Day
  readonly meanC: number
  readonly works: readonly {
    readonly work: WeatherWork
    readonly chance: number
    readonly washOff: number
    readonly against: readonly string[]
  }[]
}

/** What a plan is made of, beside what is kept of the place. */
export interface PlanSurroundings {
  readonly products: readonly StockedProduct[]
  readonly settings: PlaceRules
  readonly outlook: { readonly days: readonly DayOutlook[] }
  readonly system: UnitSystem
  readonly today: Day
}

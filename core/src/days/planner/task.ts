import type { Day } from '../../base/calendar/index.ts'
import type { JobKind } from '../plan/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import type { SeasonNutrient } from '../../soil/season/index.ts'
import type { WeatherWork } from '../weather/index.ts'

/** How long after another job this one may come: at least and at most, by one of three clocks. */
export interface Gap {
  /** Days of the calendar; days of growth (°C d over the base); or mowings of the stand. */
  readonly by: 'days' | 'growth' | 'mowings'
  readonly least: number
  readonly most?: number | undefined
}

/** A job that has to come before this one. */
export interface Follow {
  readonly taskId: string
  readonly gap: Gap
  /** Why, in words that fit behind the names of both: "looks when the change is due". */
  readonly why: string
}

/** A job as the planner sees it. */
export interface Task {
  readonly id: string
  readonly standId: string
  readonly kind: JobKind
  readonly title: string
  readonly work: WeatherWork
  /** The day on which it would be best; hard bounds around it. */
  readonly wanted: Day
  /** Where it is best so many days after another job, wherever that one comes to lie. */
  readonly wantedAfter?: { readonly taskId: string; readonly days: number } | undefined
  readonly earliest: Day
  readonly latest: Day
  readonly hours: number
  /** The sprayer it needs, if any. */
  readonly equipmentId?: string | undefined
  /** Jobs of one kind on one day share a trip: the same sprayer with the same product. */
  readonly tripKey: string
  readonly productId?: string | undefined
  readonly productKg: number
  /** What it brings to its ground [kg/ha]. */
  readonly nutrientsKgPerHa: Readonly<Partial<Record<SeasonNutrient, number>>>
  /** Money lost a day that it is late; and a day that it is early, since it then does less. */
  readonly latePerDay: number
  readonly earlyPerDay: number
  /** Money to do it once more, where rain takes it off. */
  readonly redoCost: number
  /** Money lost where it is not done at all. */
  readonly skipCost: number
  readonly follows: readonly Follow[]
  /** Whether blackouts of fertiliser hold for it. */
  readonly isFertiliser: boolean
  /** The day on which it stays. */
  readonly lockedOn?: Day | undefined
}

/** What a day promises for each kind of work, and for growth. */
export interface PlanDay {
  readonly day: Day
  readonly chance: Readonly<Record<WeatherWork, number>>
  readonly washOff: Readonly<Record<WeatherWork, number>>
  /** What stands against it, where the forecast knows. */
  readonly against: Readonly<Partial<Record<WeatherWork, readonly string[]>>>
  readonly meanC: number
}

export interface Blackout {
  readonly from: Day
  readonly to: Day
  readonly words: string
}

export interface PlanStand {
  readonly id: string
  readonly name: string
  readonly isTurf: boolean
  /** Days of the week, Monday 1 to Sunday 7. */
  readonly mowingDays: readonly number[]
  readonly wateringDays: readonly number[]
  /** Warmth above which it grows [°C]. */
  readonly growthBaseC: number
  /** What a season may still bring to it, by calendar year [kg/ha]. */
  readonly seasonLeft: Readonly<Record<string, Readonly<Partial<Record<SeasonNutrient, number>>>>>
}

export interface PlanStock {
  readonly productId: string
  readonly name: string
  readonly kg: number
  readonly deliveries: readonly { readonly day: Day; readonly kg: number }[]
}

/** Everything that a plan is made within; money in the currency of the place. */
export interface PlanFrame {
  /** The units in which amounts are said. */
  readonly system: UnitSystem
  /** Day by day from today on, without gaps. */
  readonly days: readonly PlanDay[]
  readonly stands: readonly PlanStand[]
  readonly stock: readonly PlanStock[]
  readonly blackouts: readonly Blackout[]
  /** Hours of work that the crew has, Monday to Sunday. */
  readonly crewHours: readonly number[]
  /** Hours a day that one sprayer can be out. */
  readonly equipmentHours: number
  readonly tripCost: number
}

/** On which day each task is done; undefined where it is left out. */
export type Assignment = ReadonlyMap<string, Day | undefined>

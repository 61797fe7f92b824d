import type { Day } from '../../base/calendar/index.ts'
import type { Outline } from '../../stand/ground/index.ts'
import type { Context, Route, StandSize } from '../../stand/plant/index.ts'
import type { Strip } from '../plan/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import type { Calibration, SprayerSetup } from '../../apply/sprayer/index.ts'
import type { Conditioning } from '../../apply/application/index.ts'
import type { TankPartner } from '../../apply/work/index.ts'

/** Everything that a sheet is made of. */
export interface SheetInput {
  readonly system: UnitSystem
  readonly today: Day
  readonly placeName: string
  readonly stand: {
    readonly name: string
    readonly context: Context
    readonly size: StandSize
    readonly outline?: Outline | undefined
  }
  readonly job: { readonly title: string; readonly dueOn: Day; readonly share: number }
  /** What is left untreated, where that was planned. */
  readonly strip?: Strip | undefined
  readonly work: {
    readonly route: Route
    readonly sourceId: SourceId
    /** For this job, not for the whole remedy. */
    readonly productKg: number
    readonly waterL: number
    readonly tankL?: number | undefined
    readonly densityKgPerL?: number | undefined
    readonly conditioning?: Conditioning | undefined
    readonly partners: readonly TankPartner[]
    readonly waterInAfterH?: number | undefined
  }
  readonly product?:
    { readonly name: string; readonly lot: string; readonly hazards: string } | undefined
  readonly sprayer?:
    | {
        readonly name: string
        readonly setup: SprayerSetup
        readonly calibration?: Calibration | undefined
      }
    | undefined
  readonly looks: readonly { readonly title: string; readonly dueOn: Day }[]
}

/** One fill of a tank as it is weighed out, in the words of the place. */
export interface SheetFill {
  readonly water: string
  readonly product: string
  readonly spoons: string | undefined
  readonly acid: string | undefined
}

/** One box to tick, and where that fill runs out on the ground. */
export interface FillBox {
  readonly number: number
  readonly isPart: boolean
  readonly endsAt: string | undefined
}

/** The outdoor page of one job, in words. */
export interface Sheet {
  readonly title: string
  readonly where: string
  readonly when: string
  readonly product: string
  readonly total: SheetFill
  readonly full: SheetFill | undefined
  readonly part: SheetFill | undefined
  readonly boxes: readonly FillBox[]
  /** What it is put out with. */
  readonly tool: 'Sprayer' | 'Spreader'
  readonly sprayer: readonly string[]
  readonly weather: readonly string[]
  /** Where to leave off; empty where all is treated. */
  readonly leaveOff: readonly string[]
  readonly order: readonly string[]
  readonly cautions: readonly string[]
  readonly after: readonly string[]
}

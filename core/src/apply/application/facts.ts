import type { Route, StandKind, StandSize, StandMeasures } from '../../stand/plant/index.ts'
import type { LabelFigure, Rate } from '../../material/rate/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import type { LoopState } from '../dose/index.ts'
import type { DropClass } from '../sprayer/index.ts'
import type { GroundPH, JarTest, TankPartner } from '../work/index.ts'
import type { WaterTest } from '../../soil/water/index.ts'

/** Water that is brought to a pH with an acid before it is used. */
export interface Conditioning extends WaterTest {
  readonly acidId: string
  readonly targetPH: number
}

/** What is chosen of an application. A figure that nobody gave yet is undefined. */
export interface ChosenApplication {
  readonly route: Route
  readonly sourceId: SourceId
  readonly rate: Rate
  /** In the unit of the rate. */
  readonly rateValue: number | undefined
  /** In the unit of the rate's carrier; not used where it has none. */
  readonly carrierValue: number | undefined
  /** Of its nutrient in the product by mass [1]. */
  readonly contentShare: number
  /** Of a level spoon that somebody weighed for this [kg/L]. */
  readonly weighedKgPerL: number | undefined
  /** Of a level scoop, whose volume nobody knows [kg]. */
  readonly scoopKg: number | undefined
  readonly tankL: number | undefined
  readonly conditioning: Conditioning | undefined
  readonly partners: readonly (TankPartner & { readonly isApart?: boolean | undefined })[]
  readonly waterInAfterH: number | undefined
  /** Iron that a solution holds already [mg/L]. */
  readonly presentIronMgPerL: number | undefined
  /** Days over which a dose is shared; undefined: as the rate says. */
  readonly doseDays: number | undefined
  /** Why it goes over what practice goes to, in words that are kept; undefined where nobody said. */
  readonly why: string | undefined
}

/**
 * Everything that an application is worked out from: what is known of the stand, the product, the
 * sprayer and the day, and what is chosen. Page and server state the same facts and get the same.
 */
export interface ApplicationFacts {
  readonly stand: StandKind & {
    readonly size: StandSize
    readonly measures: StandMeasures
  }
  readonly ground: GroundPH
  /** Of the shelf; undefined where a form of the catalogue is taken. */
  readonly product:
    | {
        readonly name: string
        /** Weighed once, or by its label [kg/L]. */
        readonly weighedKgPerL: number | undefined
        readonly labelMaximum: LabelFigure | undefined
      }
    | undefined
  /** Drops of the sprayer; undefined where nobody knows. */
  readonly drop: DropClass | undefined
  readonly jarTests: readonly JarTest[]
  readonly loop: LoopState
  /** Warmest hour expected on the day [°C]; undefined where nothing is foretold. */
  readonly maxC: number | undefined
  readonly chosen: ChosenApplication
}

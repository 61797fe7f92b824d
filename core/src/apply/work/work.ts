import type { DoseWarning } from '../dose/index.ts'
import type { JarOutcome } from '../mix/index.ts'
import type { Route, StandKind, StandSize, StandMeasures } from '../../stand/plant/index.ts'
import type { LabelFigure } from '../../material/rate/index.ts'
import type { Sourced } from '../../base/reference/index.ts'
import type { PlantPH } from '../../material/choice/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import type { DropClass } from '../sprayer/index.ts'

/** Something else that is to go into the tank, by its own label. */
export interface TankPartner {
  readonly kindId: string
  readonly name: string
  readonly dose: string
}

/** A jar test that a place recorded. */
export interface JarTest {
  readonly sourceId: SourceId
  readonly kindId: string
  readonly partnerName: string
  readonly outcome: JarOutcome
  /** When it was recorded; the newest counts. */
  readonly testedOn: string
}

/** The pH of the ground, where it was measured, and what the plant keeps its colour in. */
export interface GroundPH {
  readonly pH: number | undefined
  readonly plantPH: PlantPH
  /** Whether the plant takes iron so easily that a pot of low pH poisons it. */
  readonly takesIronEasily: boolean
}

/** A piece of work as it is planned. */
export interface PlannedWork extends StandKind {
  readonly route: Route
  readonly sourceId: SourceId
  /** The own product by its own name; null where a form of the catalogue is taken. */
  readonly productName: string | null
  readonly size: StandSize
  readonly measures?: StandMeasures | undefined
  readonly productKg: number
  readonly carrierL: number
  readonly contentShare: number
  /** What somebody weighed or the label says, never what a form usually weighs [kg/L]. */
  readonly weighedKgPerL?: number | undefined
  readonly labelMaximum?: LabelFigure | undefined
  /** Of the nutrient, in a solution already [mg/L]. */
  readonly presentMgPerL?: number | undefined
  /** Why it goes over what practice goes to, in somebody's words. */
  readonly why?: string | undefined
  readonly partners: readonly TankPartner[]
  readonly jarTests: readonly JarTest[]
  readonly waterInAfterH?: number | undefined
  readonly drop?: DropClass | undefined
  readonly maxC?: number | undefined
  /** What is known of the ground's pH, and what the plant wants. */
  readonly ground: GroundPH
  /** Whether it goes in with the seed. */
  readonly isAtPlanting?: boolean
  /** Of a dose to a solution, where it is one. */
  readonly doseWarnings?: readonly DoseWarning[] | undefined
}

/** Where in the plan a problem lies; the field that has to be changed. */
export type WorkField = 'rateValue' | 'carrierValue' | 'partners' | 'applyOn' | 'sourceId'

/** Something to stop at; where it stops, nothing is planned until it is changed. */
export interface WorkProblem extends Sourced {
  readonly id: string
  readonly field: WorkField
  readonly words: string
  readonly stops: boolean
  /** Goes out only with somebody's reason, which is kept with the job; absent: none is asked for. */
  readonly reason?: 'wanted' | 'given'
}

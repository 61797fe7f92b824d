import type { KnownOfApplication } from '@spudder/contract/remedy'
import type { ProductDto } from '@spudder/contract/shelf'
import type { SprayerDto } from '@spudder/contract/sprayer'
import type { JarTest } from '@spudder/core/apply/work'
import type { UnitSystem } from '@spudder/core/base/quantity'
import type { Candidate } from '@spudder/core/material/choice'
import type { PHBelief } from '@spudder/core/material/persistence'
import type { OtherNutrient, Response } from '@spudder/core/material/source'
import type { Context, Route, StandSize, StandMeasures, Plant } from '@spudder/core/stand/plant'
import type { ComputedRef } from 'vue'

/** What is known before a remedy is put together. */
export interface RemedyFacts {
  readonly standId: string
  readonly context: Context
  readonly plantId: string
  /** The way in that is offered first. */
  readonly firstRoute: Route
  readonly size: StandSize
  readonly nutrient: ComputedRef<'Fe' | OtherNutrient>
  readonly shelf: ComputedRef<readonly Candidate[]>
  readonly pH: ComputedRef<PHBelief | undefined>
  /** pH that the plant likes, as it grows there. */
  readonly plantPH: Plant['pHRange']
  readonly presentIronMgPerL: ComputedRef<number | undefined>
  /** How leaves of the stand answer, by what its place taught. */
  readonly expects: ComputedRef<(published: Response) => Response>
  readonly measures: ComputedRef<StandMeasures>
  readonly products: ComputedRef<readonly ProductDto[]>
  readonly sprayers: ComputedRef<readonly SprayerDto[]>
  readonly jarTests: ComputedRef<readonly JarTest[]>
  readonly readings: ComputedRef<KnownOfApplication['readings']>
  /** Warmest hour foretold for a day [°C]. */
  readonly maxCOn: ComputedRef<(day: string) => number | undefined>
  readonly system: ComputedRef<UnitSystem>
}

import type { FigureRange } from '../../base/reference/index.ts'
import {
  acidities,
  findSource,
  isAcid,
  type KnownAcidity,
  type SourceId,
} from '../../material/source/index.ts'
import { kgFor, type AcidNeed } from './acid-need.ts'
import { planSteps } from './plan-steps.ts'
import { limitsOf, type AcidStep, type StepFacts } from './step-rules.ts'
import type { Day } from '../../base/calendar/index.ts'

/** One amendment for the need, beside the others. */
export interface MaterialOffer {
  readonly acidity: KnownAcidity
  readonly name: string
  /** For the whole need [kg/m² of product]. */
  readonly kgPerM2: FigureRange
  /** Money for it [money/m²]. */
  readonly cost: FigureRange
  /** Nutrients that come along with the usual amount [kg/ha]. */
  readonly bringsKgPerHa: Readonly<Partial<Record<'N' | 'S' | 'Fe', number>>>
  /** Steps that limits allow in three years, and the share of the need that they cover [1]. */
  readonly stepCount: number
  readonly coveredShare: number
  /** Why it is not for here; undefined when it is. */
  readonly notHere: string | undefined
}

export interface CompareInput extends StepFacts {
  readonly need: AcidNeed
  readonly startsOn: Day
  readonly planned: readonly AcidStep[]
  readonly done: readonly AcidStep[]
  /** The user's own price of a source [money/kg]. */
  readonly ownPrice: (sourceId: SourceId) => number | undefined
}

const squareMetresPerHa = 1e4

function bringsOf(sourceId: SourceId, kgPerM2: number): MaterialOffer['bringsKgPerHa'] {
  const { brings, nutrient, contentShare } = findSource(sourceId)
  const own = nutrient === 'N' || nutrient === 'S' || nutrient === 'Fe' ? nutrient : undefined
  const shares = { ...brings, ...(own ? { [own]: contentShare.usual } : {}) }
  return Object.fromEntries(
    Object.entries(shares)
      .filter(([, share]) => share > 0)
      .map(([name, share]) => [name, share * kgPerM2 * squareMetresPerHa]),
  )
}

function offerOf(acidity: KnownAcidity, input: CompareInput): MaterialOffer {
  const { need, situation, ownPrice } = input
  const { sourceId, molPerKg } = acidity
  const kgPerM2 = kgFor(need.molPerM2, molPerKg)
  const own = ownPrice(sourceId)
  const price =
    own === undefined ? findSource(sourceId).pricePerKg : { low: own, usual: own, high: own }
  const { onceKg } = limitsOf(situation, sourceId)
  const { steps, leftKgPerM2 } = planSteps({ ...input, sourceId, kgPerM2: kgPerM2.usual })
  return {
    acidity,
    name: findSource(sourceId).name,
    kgPerM2,
    cost: {
      low: kgPerM2.low * price.low,
      usual: kgPerM2.usual * price.usual,
      high: kgPerM2.high * price.high,
    },
    bringsKgPerHa: bringsOf(sourceId, kgPerM2.usual),
    stepCount: steps.length,
    coveredShare: kgPerM2.usual > 0 ? 1 - leftKgPerM2 / kgPerM2.usual : 1,
    notHere: onceKg === 0 ? 'not in this situation' : undefined,
  }
}

/** Every amendment that moves pH the way of the need, for the same need; in the order of practice. */
export function compareMaterials(input: CompareInput): readonly MaterialOffer[] {
  const isDown = input.need.direction === 'down'
  return acidities
    .filter((acidity) => isAcid(acidity) === isDown)
    .map((acidity) => offerOf(acidity, input))
}

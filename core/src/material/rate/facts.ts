import { CoreError, requireInRange } from '../../base/error/index.ts'
import {
  groundOf,
  plantsOn,
  rowOf,
  type Route,
  type StandMeasures,
  type StandSize,
} from '../../stand/plant/index.ts'
import { counted, type Counted } from './data/bases.ts'

/** Everything a rate may need to become an amount. */
export interface RateFacts {
  /** How much there is of what rates count by, in m², m, pieces or L. */
  readonly amounts: Readonly<Partial<Record<Counted, number>>>
  /** The nutrient in the product by mass [1]. */
  readonly contentShare?: number
  /** Bulk density, or that of a liquid, weighed once by the user [kg/L]. */
  readonly densityKgPerL?: number
  /** A level scoop of the product, weighed once by the user [kg]. */
  readonly scoopKg?: number
}

/** Leaf that a spray wets: what was measured, no more than the ground it stands over. */
function leafOver(groundM2: number | undefined, { canopyM2 }: StandMeasures): number | undefined {
  if (canopyM2 === undefined || groundM2 === undefined) return canopyM2 ?? groundM2
  return Math.min(canopyM2, groundM2)
}

/**
 * What rates can count by on a stand of a size, without the water. A spray counts by the leaf that it
 * has to wet, where somebody measured that.
 */
export function countedOf(
  size: StandSize,
  measures: StandMeasures = {},
  route?: Route,
): RateFacts['amounts'] {
  const groundM2 = groundOf(size, measures)
  const known: Readonly<Record<'area' | 'plant' | 'row', number | undefined>> = {
    area: route === 'leaf' ? leafOver(groundM2, measures) : groundM2,
    plant: plantsOn(size, measures),
    row: rowOf(size, measures),
  }
  const said = Object.fromEntries(
    Object.entries(known).filter(([, amount]) => amount !== undefined),
  )
  switch (size.kind) {
    case 'area':
      return said
    case 'trunks':
      return { ...said, trunk: size.diameterM * size.count }
    case 'pots':
      return { ...said, medium: size.potL * size.count }
    case 'solution':
      return { ...said, solution: size.volumeL }
  }
}

/** @throws {CoreError} not-applicable, saying what has to be known */
export function amountCounted({ amounts }: RateFacts, by: Counted): number {
  const amount = amounts[by]
  if (amount === undefined || amount <= 0) {
    throw new CoreError('rate-counts-what-is-missing', {
      parameter: 'size',
      values: { example: counted[by].missing },
      received: Object.keys(amounts).join(', '),
    })
  }
  return amount
}

/** @throws {CoreError} not-applicable, out-of-range */
export function knownContent({ contentShare }: RateFacts): number {
  if (contentShare === undefined) {
    throw new CoreError('content-missing', {
      parameter: 'contentShare',
    })
  }
  return requireInRange('contentShare', contentShare, { min: 1e-4, max: 0.8 })
}

/** @throws {CoreError} not-applicable, out-of-range */
export function knownDensity({ densityKgPerL }: RateFacts): number {
  if (densityKgPerL === undefined) {
    throw new CoreError('density-missing', {
      parameter: 'densityKgPerL',
    })
  }
  return requireInRange('densityKgPerL', densityKgPerL, { min: 0.05, max: 5, unit: 'kg/L' })
}

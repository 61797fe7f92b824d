import { CoreError, requireInRange } from '../../base/error/index.ts'

export interface FillInput {
  readonly productKg: number
  readonly waterL: number
  /** What the tank, backpack or bucket holds [L]. */
  readonly tankL: number
}

/** One fill of the tank. */
export interface Fill {
  readonly waterL: number
  readonly productKg: number
}

/** Every fill the job takes: full ones first, then the part fill if there is one. */
export interface FillPlan {
  readonly fullFills: number
  readonly full: Fill
  readonly part: Fill | undefined
}

/** More fills than a season has hours: the tank or the water was mistyped. */
const mostFills = 2000
/** Below this share of a tank a part fill is rounding, not water. */
const smallestPart = 1e-9

/**
 * Shares a job over fills of a tank; the fills add up to the job.
 * @throws {CoreError} out-of-range, not-a-number
 * @source definition
 */
export function planFills({ productKg, waterL, tankL }: FillInput): FillPlan {
  requireInRange('productKg', productKg, { min: 0, max: 1e6, unit: 'kg' })
  requireInRange('waterL', waterL, { min: 1e-6, max: 1e8, unit: 'L' })
  requireInRange('tankL', tankL, { min: 0.1, max: 1e5, unit: 'L' })
  const fills = waterL / tankL
  if (fills > mostFills) {
    throw new CoreError('too-many-fills', {
      parameter: 'tankL',
      values: { most: mostFills },
      received: `${Math.ceil(fills)} fills`,
    })
  }
  const fullFills = Math.floor(fills + smallestPart)
  const leftL = waterL - fullFills * tankL
  const fillOf = (litres: number): Fill => ({
    waterL: litres,
    productKg: (productKg * litres) / waterL,
  })
  const part = leftL > tankL * smallestPart ? fillOf(leftL) : undefined
  return { fullFills, full: fillOf(tankL), part }
}

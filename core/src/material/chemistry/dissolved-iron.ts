import { requireInRange } from '../../base/error/index.ts'
import { ironHydrolysis, ironSolids, type IronSolidId } from './data/soil-solids.ts'

/**
 * Dissolved Fe(III) over an iron solid without any chelate: Fe and its hydroxides.
 * @param pH 2.5 to 11
 * @returns activities summed [M]
 * @throws {CoreError} out-of-range
 * @source Lindsay 1979
 */
export function dissolvedIron(pH: number, solid: IronSolidId = 'soil-iron'): number {
  requireInRange('pH', pH, { min: 2.5, max: 11 })
  const free = ironSolids[solid].value - 3 * pH
  return ironHydrolysis.reduce(
    (sum, { value }, index) => sum + 10 ** (free + value + (index + 1) * pH),
    10 ** free,
  )
}

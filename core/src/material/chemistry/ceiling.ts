import { carriedShares } from './carried-share.ts'
import type { LigandId } from '../source/index.ts'
import type { SoilConditions } from './soil-metals.ts'

/**
 * Highest pH up to which a ligand keeps at least a share of its iron in soil.
 * @param share 0 to 1 [1]
 * @returns pH to 0.01, from 3 to 11; undefined where it never keeps that much
 * @throws {CoreError} out-of-range
 */
export function ceilingPH(
  ligandId: LigandId,
  share: number,
  conditions: SoilConditions = {},
): number | undefined {
  const keeps = (pH: number) => carriedShares(ligandId, { pH, ...conditions }).Fe >= share
  if (!keeps(3)) return undefined
  let [low, high] = [3, 11]
  if (keeps(high)) return high
  while (high - low > 0.005) {
    const middle = (low + high) / 2
    if (keeps(middle)) low = middle
    else high = middle
  }
  return low
}

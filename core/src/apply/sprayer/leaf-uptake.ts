import { requireInRange } from '../../base/error/index.ts'
import type { FigureRange, Sourced } from '../../base/reference/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import {
  dropClasses,
  dropScale,
  leafCapacity,
  runOffPower,
  type DropClass,
  type LeafLayer,
} from './data/drops.ts'
import { findNozzle } from './boom.ts'
import { nozzleKinds, type NozzleKind } from './data/nozzles.ts'

/**
 * Class of drops that a nozzle makes.
 * @param pressureBar 0.3 to 20 [bar]
 * @throws {CoreError} out-of-range, unknown-name
 * @source our judgement over the class names of ASABE S572; the maker's chart comes first
 */
export function dropClassOf(kind: NozzleKind, sizeId: string, pressureBar: number): DropClass {
  requireInRange('pressure', pressureBar, { min: 0.3, max: 20, unit: 'bar' })
  const { gallonsPerMin } = findNozzle(sizeId)
  const place =
    dropScale.start.value +
    nozzleKinds[kind].coarser +
    dropScale.perDoubledFlow.value * Math.log2(gallonsPerMin / 0.2) +
    dropScale.perDoubledPressure.value * Math.log2(pressureBar / 3)
  const index = Math.min(dropClasses.length - 1, Math.max(0, Math.round(place)))
  return dropClasses[index] ?? dropClasses[2]
}

/** Share of a leaf spray that stays on the leaf, of what lands [1]. */
export interface LeafRetention extends FigureRange, Sourced {
  readonly dropShare: number
}

/** What a spray lands on: bushes hold more water over their ground than grass or rows. */
export const leafLayerOf = (context: Context): LeafLayer =>
  context === 'shrub' || context === 'tree' ? 'canopy' : 'sward'

/**
 * How much of a leaf spray stays on the leaf at a rate of water.
 * @param carrierLPerM2 over 0 [L/m²]
 * @param drop class of the drops; medium where nobody knows
 * @param layer of the leaves it lands on; a sward where nothing is said
 * @throws {CoreError} out-of-range
 * @source common practice (40 gal/acre stays on; 1 oz in 1 gal does what 3 oz do in 4 gal)
 */
export function leafRetentionAt(
  carrierLPerM2: number,
  drop: DropClass = dropClasses[2],
  layer: LeafLayer = 'sward',
): LeafRetention {
  requireInRange('water', carrierLPerM2, { min: 1e-5, max: 100, unit: 'L/m²' })
  const capacity = leafCapacity[layer]
  const stays = (holds: number) =>
    Math.min(1, (holds / carrierLPerM2) ** runOffPower.value) * drop.held
  return {
    low: stays(capacity.low),
    usual: stays(capacity.usual),
    high: stays(capacity.high),
    dropShare: drop.held,
    source: capacity.source,
    mark: 'J',
  }
}

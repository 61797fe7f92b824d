import type { ZoneDto } from '@spudder/contract/zone'
import { amountWords, placeUnits, type UnitSystem } from '@spudder/core/base/quantity'
import { gridPointOf, holdsPoint, metresToEdge, toOutline, type GlobePoint, type GridPoint } from '@spudder/core/stand/ground' // prettier-ignore

/** Beyond this somebody is at home, not on the ground [m]. */
const farM = 2000

/** Where somebody stands among the zones. */
export interface Where {
  readonly zone: ZoneDto | undefined
  /** On the grid of the zones [m]. */
  readonly point: GridPoint
  readonly words: string
}

/**
 * The zone somebody stands in, or the nearest.
 * @returns undefined where no zone says where it lies on the globe
 */
export function whereInZones(
  at: GlobePoint & { readonly accuracyM: number },
  zones: readonly ZoneDto[],
  system: UnitSystem,
): Where | undefined {
  const placed = zones.flatMap((zone) =>
    zone.origin ? [{ zone, point: gridPointOf(at, zone.origin) }] : [],
  )
  const first = placed[0]
  if (!first) return undefined
  const { unit, inMetric } = placeUnits[system].length
  const metres = (value: number) => `${Math.max(1, Math.round(value / inMetric))} ${unit}`
  const doubt = `to ${metres(at.accuracyM)}`
  const inside = placed.find(({ zone, point }) => holdsPoint(toOutline(zone.outline), point))
  if (inside) {
    const edge = metresToEdge(inside.point, toOutline(inside.zone.outline))
    const isSure = edge > at.accuracyM
    const words = `You stand in ${inside.zone.name}${isSure ? '' : ', near its edge: look whether that is so'} (${doubt}).`
    return { ...inside, words }
  }
  const [nearest = first] = placed
    .map((each) => ({ ...each, way: metresToEdge(each.point, toOutline(each.zone.outline)) }))
    .toSorted((one, other) => one.way - other.way)
  const way = metresToEdge(nearest.point, toOutline(nearest.zone.outline))
  if (way > farM) {
    const words = `You are not on this ground: ${nearest.zone.name} is ${amountWords('length', way, system, 2)} away.`
    return { zone: undefined, point: nearest.point, words }
  }
  return {
    zone: undefined,
    point: nearest.point,
    words: `You stand in no zone: ${nearest.zone.name} is ${metres(way)} away (${doubt}).`,
  }
}

import type { FeatureCollection, Polygon } from 'geojson'
import {
  globePointOf,
  runsWithClock,
  type GlobePoint,
  type Outline,
} from '../../stand/ground/index.ts'
import type { ZoneChoice } from './choose-by-zone.ts'

/** A zone as it lies on the grid, with what goes on it. */
export interface MappedZone {
  readonly name: string
  readonly outline: Outline
  readonly areaM2: number
  readonly score: number | null
  readonly choice: Pick<ZoneChoice, 'variety' | 'chelate'> | undefined
}

/** Decimals of a degree: a hundred thousandth of a millionth is a tenth of a metre. */
const decimals = 7
const rounded = (degrees: number): number => Number(degrees.toFixed(decimals))

/**
 * Zones as GeoJSON (RFC 7946): rate and amount of each for a spreader or planter to read.
 * @param origin where the grid's zero lies on the globe
 */
export function applicationMap(
  zones: readonly MappedZone[],
  origin: GlobePoint,
): FeatureCollection<Polygon> {
  return {
    type: 'FeatureCollection',
    features: zones.map(({ name, outline, areaM2, score, choice }) => {
      // RFC 7946: outer rings run against the clock, and the last position is the first.
      const corners = runsWithClock(outline) ? outline.toReversed() : outline
      const ring = corners.map((corner) => {
        const { longitude, latitude } = globePointOf(corner, origin)
        return [rounded(longitude), rounded(latitude)]
      })
      const kgPerHa = choice?.chelate.kgPerHa ?? 0
      return {
        type: 'Feature',
        properties: {
          name,
          score,
          area_ha: Number((areaM2 / 10000).toFixed(4)),
          variety: choice?.variety.name ?? null,
          product: kgPerHa > 0 ? (choice?.chelate.name ?? null) : null,
          rate_kg_ha: kgPerHa,
          amount_kg: Number(((kgPerHa * areaM2) / 10000).toFixed(2)),
        },
        geometry: { type: 'Polygon', coordinates: [[...ring, ring[0] ?? []]] },
      }
    }),
  }
}

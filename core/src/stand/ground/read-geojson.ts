import { min } from 'd3-array'
import { area } from '@turf/area'
import type { Feature, GeoJSON, Polygon, Position } from 'geojson'
import { CoreError, type RefusalName } from '../../base/error/index.ts'
import type { GridPoint, Outline } from './outline.ts'

/** One piece of ground of a map file. */
export interface MappedGround {
  readonly name: string
  /** How much of it is chlorotic, 1 green to 5 dying, where the map says it as "score". */
  readonly score: number | null
  /** On the globe, holes taken out [m²]. */
  readonly areaM2: number
  /** Its outer edge on a plain grid around its south-west corner. */
  readonly outline: Outline
  /** That corner on the globe. */
  readonly southWest: GlobePoint
}

/** A point on the globe, WGS 84 [°]. */
export interface GlobePoint {
  readonly longitude: number
  readonly latitude: number
}

type MapRefusal = Extract<RefusalName, `map-${string}`>
const refused = (name: MapRefusal, received?: string) =>
  new CoreError(name, { parameter: 'map', received })

/** Mean radius of the earth, IUGG [m]. */
const earthRadiusM = 6371008.8
const radians = (degrees: number) => (degrees * Math.PI) / 180

function polygonsIn(json: GeoJSON): readonly Feature<Polygon>[] {
  switch (json.type) {
    case 'FeatureCollection':
      return json.features.flatMap((feature) => polygonsIn(feature))
    case 'Feature':
      return polygonsIn(json.geometry).map((each) => ({ ...each, properties: json.properties }))
    case 'Polygon':
      return [{ type: 'Feature', properties: {}, geometry: json }]
    case 'MultiPolygon':
      return json.coordinates.map((coordinates) => ({
        type: 'Feature',
        properties: {},
        geometry: { type: 'Polygon', coordinates },
      }))
    case 'GeometryCollection':
      return json.geometries.flatMap((geometry) => polygonsIn(geometry))
    default:
      return []
  }
}

function isPosition(value: unknown): value is Position {
  return Array.isArray(value) && value.length >= 2 && value.every((each) => Number.isFinite(each))
}

function checkRings({ geometry }: Feature<Polygon>): void {
  const rings: unknown = geometry.coordinates
  const isShaped =
    Array.isArray(rings) &&
    rings.length > 0 &&
    rings.every((ring) => Array.isArray(ring) && ring.length >= 4 && ring.every(isPosition))
  if (!isShaped) throw refused('map-rings-too-short')
  const isOnGlobe = geometry.coordinates
    .flat()
    .every(
      ([longitude = 999, latitude = 999]) => Math.abs(longitude) <= 180 && Math.abs(latitude) <= 90,
    )
  if (!isOnGlobe) {
    throw refused('map-not-in-degrees')
  }
}

function southWestOf({ geometry }: Feature<Polygon>): GlobePoint {
  const ring = geometry.coordinates[0] ?? []
  return {
    longitude: min(ring, ([longitude = 0]) => longitude) ?? 0,
    latitude: min(ring, ([, latitude = 0]) => latitude) ?? 0,
  }
}

/** Where a point of the globe lies on the plain grid around an origin, good for some kilometres. */
export function gridPointOf({ longitude, latitude }: GlobePoint, origin: GlobePoint): GridPoint {
  return [
    radians(longitude - origin.longitude) * earthRadiusM * Math.cos(radians(origin.latitude)),
    radians(latitude - origin.latitude) * earthRadiusM,
  ]
}

/** Where a point of the plain grid around an origin lies on the globe; undoes {@link gridPointOf}. */
export function globePointOf([eastM, northM]: GridPoint, origin: GlobePoint): GlobePoint {
  const degrees = (radian: number) => (radian * 180) / Math.PI
  return {
    longitude:
      origin.longitude + degrees(eastM / earthRadiusM / Math.cos(radians(origin.latitude))),
    latitude: origin.latitude + degrees(northM / earthRadiusM),
  }
}

function outlineOf(feature: Feature<Polygon>): Outline {
  const ring = feature.geometry.coordinates[0]?.slice(0, -1) ?? []
  const origin = southWestOf(feature)
  return ring.map(([longitude = 0, latitude = 0]) => gridPointOf({ longitude, latitude }, origin))
}

function nameOf({ properties }: Feature<Polygon>, index: number): string {
  const name: unknown = properties?.['name'] ?? properties?.['Name'] ?? properties?.['title']
  return typeof name === 'string' && name.trim() !== ''
    ? name.trim().slice(0, 80)
    : `Piece ${index + 1}`
}

/** What our own map calls it; whatever is no score is none. */
function scoreOf({ properties }: Feature<Polygon>): number | null {
  const score: unknown = properties?.['score']
  return typeof score === 'number' && score >= 1 && score <= 5 ? score : null
}

/**
 * Reads the pieces of ground of a map file.
 * @param text GeoJSON (RFC 7946) with polygons
 * @throws {CoreError} not-applicable, saying what is wrong with the file
 */
export function readGeoJson(text: string): readonly MappedGround[] {
  let json: GeoJSON
  try {
    json = JSON.parse(text) as GeoJSON
  } catch {
    throw refused('map-no-json')
  }
  if (typeof json !== 'object' || json === null || typeof json.type !== 'string') {
    throw refused('map-without-type')
  }
  let polygons: readonly Feature<Polygon>[]
  try {
    polygons = polygonsIn(json)
    polygons.forEach(checkRings)
  } catch (error) {
    throw error instanceof CoreError ? error : refused('map-unreadable')
  }
  if (polygons.length === 0) {
    throw refused('map-without-area', json.type)
  }
  return polygons.map((polygon, index) => ({
    name: nameOf(polygon, index),
    score: scoreOf(polygon),
    areaM2: area(polygon),
    outline: outlineOf(polygon),
    southWest: southWestOf(polygon),
  }))
}

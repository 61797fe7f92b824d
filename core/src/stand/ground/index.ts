export { fillEnds } from './fill-ends.ts'
export type { FillEnd } from './fill-ends.ts'
export {
  areaOf,
  boxOf,
  checkOutline,
  holdsPoint,
  middleOf,
  runsWithClock,
  toOutline,
} from './outline.ts'
export type { GridPoint, Outline } from './outline.ts'
export { globePointOf, gridPointOf, readGeoJson } from './read-geojson.ts'
export type { GlobePoint, MappedGround } from './read-geojson.ts'
export { metresToEdge } from './to-edge.ts'
export { measureGround } from './shapes.ts'
export type { MeasuredGround, Shape } from './shapes.ts'

export { decideAtPlaces } from './made-places.ts'
export type { DecidedPlace } from './made-places.ts'

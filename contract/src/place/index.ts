export { climates, CreatePlaceDto, PlaceDto } from './place.dto.ts'
export type { Climate } from './place.dto.ts'

export { climates, CreatePlaceDto, PlaceDto, PlaceSettingsDto } from './place.dto.ts'
export type { Climate } from './place.dto.ts'

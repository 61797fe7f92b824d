export { climateNames as climates } from '@spudder/core/climate'
export type { Climate } from '@spudder/core/climate'
export { CreatePlaceDto, PlaceDto, PlaceSettingsDto } from './place.dto.ts'

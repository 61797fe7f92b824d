export { climateNames as climates } from '@spudder/core/climate'
export type { Climate } from '@spudder/core/climate'
export {
  CreatePlaceDto,
  intervalClocks,
  PlaceDto,
  PlaceSettingsDto,
  WorkSettingsDto,
} from './place.dto.ts'
export type { IntervalClock } from './place.dto.ts'

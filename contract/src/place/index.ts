export { climateNames as climates } from '@spudder/core/soil/climate'
export type { Climate } from '@spudder/core/soil/climate'
export {
  CreatePlaceDto,
  intervalClocks,
  PlaceDto,
  PlaceSettingsDto,
  WorkSettingsDto,
} from './place.dto.ts'
export type { IntervalClock } from './place.dto.ts'

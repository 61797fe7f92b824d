export { climateNames as climates } from '@spudder/core/soil/climate'
export type { Climate } from '@spudder/core/soil/climate'
export {
  ChangePlaceDto,
  ChangeSettingsDto,
  ShareCalendarDto,
  CreatePlaceDto,
  PlaceDto,
  PlaceSettingsDto,
  WorkSettingsDto,
} from './place.dto.ts'
export { practiceDevices } from './practice.ts'
export type { PracticeDevice } from './practice.ts'
export { placeRoutes } from './place.routes.ts'

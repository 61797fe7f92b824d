export {
  CalibrationDto,
  ChangeSprayerDto,
  CreateSprayerDto,
  SprayerDto,
  SprayerSetupDto,
  toSetup,
} from './sprayer.dto.ts'
export { sprayerRoutes } from './sprayer.routes.ts'

export {
  CalibrationDto,
  ChangeSprayerDto,
  CreateSprayerDto,
  SprayerDto,
  SprayerSetupDto,
  toSetup,
} from './sprayer.dto.ts'

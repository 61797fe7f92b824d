export {
  DayOfHoursDto,
  OutlookDayDto,
  OutlookDto,
  StationFileDto,
  StationImportDto,
  WeatherDayDto,
  WeatherDto,
  WeatherHoursDto,
  WeatherQueryDto,
  WorkOutlookDto,
} from './weather.dto.ts'
export type { WeatherQuestion, WeatherService } from './weather.dto.ts'

export {
  DayOfHoursDto,
  OutlookDayDto,
  OutlookDto,
  StationFileDto,
  StationImportDto,
  WeatherDayDto,
  WeatherDto,
  WeatherAnswerDto,
  WeatherHoursDto,
  WorkOutlookDto,
  stationFileTypes,
} from './weather.dto.ts'
export type { WeatherQuestion, WeatherService } from './weather.dto.ts'
export { weatherRoutes } from './weather.routes.ts'

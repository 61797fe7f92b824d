export { WeatherDayDto, WeatherDto, WeatherQueryDto } from './weather.dto.ts'
export type { WeatherQuestion, WeatherService } from './weather.dto.ts'

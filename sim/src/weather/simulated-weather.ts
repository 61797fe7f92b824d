import type { WeatherHoursDto, WeatherQuestion, WeatherService } from '@spudder/contract/weather'
import { hoursOf } from './hours.ts'

/** Stands in for a weather service: seeded by place, so that a place has one weather. */
export class SimulatedWeather implements WeatherService {
  hours(question: WeatherQuestion): Promise<WeatherHoursDto> {
    return Promise.resolve({ service: 'simulated weather', days: hoursOf(question) })
  }
}

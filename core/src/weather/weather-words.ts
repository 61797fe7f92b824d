import { formatNumber, quantityOf, valueIn, type UnitSystem } from '../quantity/index.ts'

/** Weather of one day at a place. */
export interface DayWeather {
  readonly minC: number
  readonly maxC: number
  readonly rainMm: number
  /** Wind around the calmer end of the day [m/s]. */
  readonly windMPerS: number
}

/** Weather of a day as people of the place say it. */
export interface WeatherWords {
  readonly coolest: string
  readonly warmest: string
  readonly rain: string
  readonly wind: string
}

const secondsPerHour = 3600
/** International mile [m]. */
const metresPerMile = 1609.344

/** Says the weather of a day in °C, mm and m/s, or in °F, inches and miles an hour. */
export function weatherWords(day: DayWeather, system: UnitSystem): WeatherWords {
  const { minC, maxC, rainMm, windMPerS } = day
  if (system === 'metric') {
    return {
      coolest: `${minC.toFixed(0)} °C`,
      warmest: `${maxC.toFixed(0)} °C`,
      rain: `${formatNumber(rainMm, 2)} mm`,
      wind: `${windMPerS.toFixed(0)} m/s`,
    }
  }
  const fahrenheit = (celsius: number) => `${(celsius * 1.8 + 32).toFixed(0)} °F`
  return {
    coolest: fahrenheit(minC),
    warmest: fahrenheit(maxC),
    rain: `${formatNumber(valueIn(quantityOf(rainMm, 'mm'), 'in'), 2)} in`,
    wind: `${((windMPerS * secondsPerHour) / metresPerMile).toFixed(0)} mph`,
  }
}

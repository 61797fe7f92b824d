import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { quantityOf, valueIn, warmthWords, type UnitSystem } from '../../base/quantity/index.ts'

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

/** Metres a second of a mile an hour. */
const mPerSOfMph = metresPerMile / secondsPerHour

const same = (value: number): number => value
const celsiusOfFahrenheit = (degrees: number): number => (degrees - 32) / 1.8

/** Takes what people of the place read off their instruments to °C and m/s. */
export const weatherFrom = {
  metric: { celsius: same, mPerS: same, degrees: '°C', speed: 'm/s' },
  us: {
    celsius: celsiusOfFahrenheit,
    mPerS: (mph: number): number => mph * mPerSOfMph,
    degrees: '°F',
    speed: 'mph',
  },
} as const satisfies Readonly<Record<UnitSystem, object>>

/** Says air, rain and wind in °C, mm and m/s, or in °F, inches and miles an hour. */
const sayings = {
  metric: {
    degrees: (celsius: number) => warmthWords(celsius, 'metric'),
    rain: (millimetres: number) => `${formatNumber(millimetres, 2)} mm`,
    wind: (metresPerSecond: number) => `${formatDecimals(metresPerSecond, 0)} m/s`,
  },
  us: {
    degrees: (celsius: number) => warmthWords(celsius, 'us'),
    rain: (millimetres: number) =>
      `${formatNumber(valueIn(quantityOf(millimetres, 'mm'), 'in'), 2)} in`,
    wind: (metresPerSecond: number) => `${formatDecimals(metresPerSecond / mPerSOfMph, 0)} mph`,
  },
} as const satisfies Readonly<Record<UnitSystem, object>>

/** Says the weather of a day in °C, mm and m/s, or in °F, inches and miles an hour. */
export function weatherWords(day: DayWeather, system: UnitSystem): WeatherWords {
  const say = sayings[system]
  return {
    coolest: say.degrees(day.minC),
    warmest: say.degrees(day.maxC),
    rain: say.rain(day.rainMm),
    wind: say.wind(day.windMPerS),
  }
}

/** Weather of an hour as people of the place say it. */
export function hourWords(
  hour: {
    readonly temperatureC: number
    readonly rainMm: number
    readonly windMPerS: number
    readonly soilC: number
  },
  system: UnitSystem,
  rainMm = hour.rainMm,
) {
  const say = sayings[system]
  return {
    air: say.degrees(hour.temperatureC),
    soil: say.degrees(hour.soilC),
    rain: say.rain(rainMm),
    wind: say.wind(hour.windMPerS),
  }
}

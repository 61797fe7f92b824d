import type {
  WeatherDayDto,
  WeatherDto,
  WeatherQuestion,
  WeatherService,
} from '@spudder/contract/weather'
import { utcDay } from 'd3-time'
import { bellDrawFor, drawFor } from '../seeded/index.ts'
import { climateNormals } from './climates.ts'

const dayOf = (text: string): Date => new Date(`${text}T00:00:00Z`)
const textOf = (date: Date): string => date.toISOString().slice(0, 10)

/** Weather hangs together: a day is drawn with those before it, the nearest weighing most. */
function spell(name: string, date: Date): number {
  const weights = [0.62, 0.48, 0.37, 0.29, 0.22]
  return weights.reduce(
    (sum, weight, back) =>
      sum + weight * bellDrawFor(`${name}:${textOf(utcDay.offset(date, -back))}`),
    0,
  )
}

const round = (value: number): number => Math.round(value * 10) / 10

/** The weather that really comes on a day. */
function trueDay(
  { climate, placeId }: WeatherQuestion,
  date: Date,
): Omit<WeatherDayDto, 'isForecast'> {
  const normals = climateNormals[climate]
  const day = textOf(date)
  const yearShare = utcDay.count(new Date(Date.UTC(date.getUTCFullYear(), 0, 1)), date) / 365
  const season = -Math.cos(2 * Math.PI * (yearShare - 0.06))
  const middle = normals.meanC + normals.swingC * season + 2.6 * spell(`${placeId}:warmth`, date)
  const damp = spell(`${placeId}:damp`, date)
  const rains = 0.5 + 0.36 * damp > 1 - normals.rainyShare * 0.95
  const dayNight = normals.dayNightC * (rains ? 0.6 : 1)
  const rainMm = rains ? -Math.log(1 - drawFor(`${placeId}:rain:${day}`)) * normals.rainMm : 0
  const wind = normals.windMPerS * (1 + 0.32 * spell(`${placeId}:wind`, date) + (rains ? 0.25 : 0))
  return {
    day,
    minC: round(middle - dayNight / 2),
    maxC: round(middle + dayNight / 2),
    rainMm: round(rainMm),
    windMPerS: round(Math.max(0.3, wind)),
  }
}

/** What is said today of a day to come: wrong by more the further it is. */
function foretold(question: WeatherQuestion, date: Date): Omit<WeatherDayDto, 'isForecast'> {
  const truth = trueDay(question, date)
  const ahead = utcDay.count(dayOf(question.today), date)
  const off = (what: string) =>
    bellDrawFor(`${question.placeId}:${question.today}:${what}:${truth.day}`)
  const shift = 0.45 * ahead * off('warmth')
  const missed = drawFor(`${question.today}:${truth.day}:missed`) < ahead * 0.02
  return {
    ...truth,
    minC: round(truth.minC + shift),
    maxC: round(truth.maxC + shift),
    rainMm: missed ? 0 : round(truth.rainMm * Math.exp(0.07 * ahead * off('rain'))),
    windMPerS: round(Math.max(0.3, truth.windMPerS + 0.18 * ahead * off('wind'))),
  }
}

/** Stands in for a weather service: seeded by place, so that a place has one weather. */
export class SimulatedWeather implements WeatherService {
  weather(question: WeatherQuestion): Promise<WeatherDto> {
    const end = utcDay.offset(dayOf(question.to), 1)
    const days = utcDay.range(dayOf(question.from), end).map((date): WeatherDayDto => {
      const isForecast = textOf(date) > question.today
      return { ...(isForecast ? foretold(question, date) : trueDay(question, date)), isForecast }
    })
    return Promise.resolve({ service: 'simulated weather', days })
  }
}

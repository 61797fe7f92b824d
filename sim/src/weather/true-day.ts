import type { WeatherQuestion } from '@spudder/contract/weather'
import { utcDay } from 'd3-time'
import { bellDrawFor, drawFor } from '../seeded/index.ts'
import { climateNormals } from './climates.ts'

export const dayOf = (text: string): Date => new Date(`${text}T00:00:00Z`)
export const textOf = (date: Date): string => date.toISOString().slice(0, 10)

/** Weather hangs together: a day is drawn with those before it, the nearest weighing most. */
function spell(name: string, date: Date): number {
  const weights = [0.62, 0.48, 0.37, 0.29, 0.22]
  return weights.reduce(
    (sum, weight, back) =>
      sum + weight * bellDrawFor(`${name}:${textOf(utcDay.offset(date, -back))}`),
    0,
  )
}

/** The weather of a day as a whole, from which its hours are drawn. */
export interface TrueDay {
  readonly day: string
  readonly minC: number
  readonly maxC: number
  readonly rains: boolean
  readonly rainMm: number
  /** Around the calmer end of the day. */
  readonly windMPerS: number
}

/** The weather that really comes on a day. */
export function trueDay(
  { climate, latitude = 0, placeId }: Pick<WeatherQuestion, 'climate' | 'latitude' | 'placeId'>,
  date: Date,
): TrueDay {
  const normals = climateNormals[climate]
  const day = textOf(date)
  const yearShare = utcDay.count(new Date(Date.UTC(date.getUTCFullYear(), 0, 1)), date) / 365
  // In the south the year is turned by its half.
  const season = (latitude < 0 ? 1 : -1) * Math.cos(2 * Math.PI * (yearShare - 0.06))
  const middle = normals.meanC + normals.swingC * season + 2.6 * spell(`${placeId}:warmth`, date)
  const damp = spell(`${placeId}:damp`, date)
  const rains = 0.5 + 0.36 * damp > 1 - normals.rainyShare * 0.95
  const dayNight = normals.dayNightC * (rains ? 0.6 : 1)
  const rainMm = rains ? -Math.log(1 - drawFor(`${placeId}:rain:${day}`)) * normals.rainMm : 0
  const wind = normals.windMPerS * (1 + 0.32 * spell(`${placeId}:wind`, date) + (rains ? 0.25 : 0))
  return {
    day,
    minC: middle - dayNight / 2,
    maxC: middle + dayNight / 2,
    rains,
    rainMm,
    windMPerS: Math.max(0.3, wind),
  }
}

import type { CreateEntryDto, EntryWeatherDto } from '@spudder/contract/entry'
import type { PlaceDto } from '@spudder/contract/place'
import type {
  DayOfHoursDto,
  OutlookDto,
  WeatherDto,
  WeatherHoursDto,
  WeatherService,
} from '@spudder/contract/weather'
import { addDays, dateToDay, type Day } from '@spudder/core/base/calendar'
import { requireInRange } from '@spudder/core/base/error'
import { daysBetween } from '@spudder/core/base/calendar'
import {
  daysFrom,
  outlookByHours,
  unknownOutlook,
  usualOutlooks,
  weatherWorks,
} from '@spudder/core/days/weather'
import { soilClimateAt, soilTemperature } from '@spudder/core/soil/climate'
import type { Connection } from '../database/connect.ts'
import { fetchWeather } from './fetch-weather.ts'
import { newestStationDay, selectStationDays } from './weather.repository.ts'

/** A forecast further out is a climate, not a forecast. */
const forecastDays = 14
/** Years that are looked back upon for what days usually are like. */
const yearsBack = 3

/** Where weather is asked for, and when. */
export interface WeatherStage {
  readonly db: Connection
  readonly service: WeatherService
  readonly place: PlaceDto
  readonly at: Date
}

interface Span {
  readonly from: Day
  readonly to: Day
}

/** Who tells the weather where nobody does. */
const nobody = 'none'

/** Hours as the station measured them where it did, else as the service has them. */
export async function readHours(
  { db, service, place, at }: WeatherStage,
  { from, to }: Span,
): Promise<WeatherHoursDto> {
  const today = dateToDay(at)
  const last = addDays(today, forecastDays)
  const until = to < last ? to : last
  if (until < from) return { service: nobody, days: [] }
  const { id: placeId, climate } = place
  const { latitude } = place.settings
  const stored = await selectStationDays(db, placeId, from, until)
  const measured = new Map(stored.map(({ day, hours }) => [day, { ...hours } as DayOfHoursDto]))
  const { weatherFrom } = place.settings
  const fetched = weatherFrom ? await fetchWeather(weatherFrom, { from, to: until }, at) : undefined
  // What is made up is told only where it was asked for.
  const told = isPractising(place)
    ? await service.hours({ placeId, climate, latitude, from, to: until, today })
    : undefined
  return putTogether([
    { name: 'station file', days: [...measured.values()] },
    ...(fetched?.ok ? [{ name: fetched.hours.service, days: fetched.hours.days }] : []),
    ...(told ? [{ name: told.service, days: told.days }] : []),
  ])
}

/** Days by who tells them, the best first: a day is told once, by the best who knows it. */
function putTogether(
  tellers: readonly { readonly name: string; readonly days: readonly DayOfHoursDto[] }[],
): WeatherHoursDto {
  const known = new Map<Day, DayOfHoursDto>()
  const names: string[] = []
  for (const { name, days } of tellers) {
    const added = days.filter(({ day }) => !known.has(day))
    if (added.length > 0) names.push(name)
    for (const day of added) known.set(day.day, day)
  }
  const [first = nobody, ...others] = names
  return {
    service:
      others.length === 0 ? first : `${first}, and ${others.join(' and ')} for the other days`,
    days: [...known.values()].toSorted((a, b) => a.day.localeCompare(b.day)),
  }
}

const isPractising = ({ settings }: PlaceDto): boolean =>
  settings.practice?.includes('weather') ?? false

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)
const tenth = (value: number): number => Math.round(value * 10) / 10

/** The calmest three hours of a working day: when a spray would go out. */
function calmest(winds: readonly number[]): number {
  const stretches = [6, 7, 8, 9, 15, 16, 17, 18].map((hour) => mean(winds.slice(hour, hour + 3)))
  return Math.min(...stretches)
}

/** Weather day by day, as its hours add up. */
export async function readDays(stage: WeatherStage, span: Span): Promise<WeatherDto> {
  const { service, days } = await readHours(stage, span)
  return {
    service,
    days: days.map(({ day, isForecast, temperatureC, rainMm, windMPerS }) => ({
      day,
      isForecast,
      minC: Math.min(...temperatureC),
      maxC: Math.max(...temperatureC),
      rainMm: tenth(rainMm.reduce((sum, each) => sum + each, 0)),
      windMPerS: tenth(calmest(windMPerS)),
    })),
  }
}

/** Warmest hour of a day [°C]; undefined where nobody measured or foretells it. */
export async function warmestOn(day: Day, stage: WeatherStage): Promise<number | undefined> {
  const { days } = await readDays(stage, { from: day, to: day })
  return days.find((each) => each.day === day)?.maxC
}

type Usual = ReadonlyMap<string, ReturnType<typeof usualOutlooks>>
interface Climate {
  readonly usual: Usual
  readonly meanC: (day: Day) => number
}
/** What days are usually like, calculated once a day and place, and anew when days of a station came in. */
const climates = new Map<string, Promise<Climate>>()
const keptClimates = 20

async function calculateClimate(stage: WeatherStage, today: Day): Promise<Climate> {
  const from = addDays(today, -365 * yearsBack)
  const { days } = await readHours(stage, { from, to: addDays(today, -1) })
  const system = stage.place.unitSystem
  const usual = new Map<string, ReturnType<typeof usualOutlooks>>()
  for (const work of weatherWorks) {
    // Years of hours take a while: others are served in between.
    await new Promise((resolve) => setImmediate(resolve))
    usual.set(work, usualOutlooks(outlookByHours(days, work, system)))
  }
  const byMonthDay = new Map<string, number[]>()
  for (const { day, temperatureC } of days) {
    const key = day.slice(5)
    byMonthDay.set(key, [...(byMonthDay.get(key) ?? []), mean(temperatureC)])
  }
  const { climate, settings } = stage.place
  const soil = soilClimateAt(climate, settings.latitude)
  const meanC = (day: Day) => {
    const near = daysFrom(addDays(day, -3), addDays(day, 3)).flatMap(
      (each) => byMonthDay.get(each.slice(5)) ?? [],
    )
    // Air is about as warm as the ground a hand deep, over days.
    return near.length > 0 ? mean(near) : soilTemperature(soil, day)
  }
  return { usual, meanC }
}

async function climateOf(stage: WeatherStage): Promise<Climate> {
  const today = dateToDay(stage.at)
  const { id, unitSystem, climate, settings } = stage.place
  const practising = isPractising(stage.place)
  // By what is stored: another server may have taken the file in.
  const newest = (await newestStationDay(stage.db, id))?.getTime() ?? 0
  const key = [id, today, unitSystem, climate, settings.latitude ?? '', practising, newest].join(
    ' ',
  )
  const known = climates.get(key)
  if (known) return known
  const calculated = calculateClimate(stage, today)
  climates.set(key, calculated)
  calculated.catch(() => climates.delete(key))
  const [oldest] = climates.keys()
  if (climates.size > keptClimates && oldest !== undefined) climates.delete(oldest)
  return calculated
}

/** What each day promises for each kind of work: measured, foretold, or as such days usually are. */
export async function readOutlook(stage: WeatherStage, { from, to }: Span): Promise<OutlookDto> {
  const { place, at } = stage
  const today = dateToDay(at)
  // A day before and after, since rain the night before and the morning after counts.
  const { service, days } = await readHours(stage, { from: addDays(from, -1), to: addDays(to, 1) })
  const { usual, meanC } = await climateOf(stage)
  const known = new Map(days.map((day) => [day.day, day]))
  const judged = weatherWorks.map((work) => ({
    work,
    byHours: outlookByHours(days, work, place.unitSystem),
    usually: usual.get(work),
  }))
  return {
    service,
    days: daysFrom(from, to).map((day) => {
      const hours = known.get(day)
      const isUsual = judged.some(({ usually }) => usually?.(day) !== undefined)
      const otherwise = isUsual ? 'usual' : 'unknown'
      return {
        day,
        basis: hours ? (day > today ? 'forecast' : 'measured') : otherwise,
        meanC: tenth(hours ? mean(hours.temperatureC) : meanC(day)),
        works: judged.map(({ work, byHours, usually }) => {
          const outlook = byHours.get(day) ?? usually?.(day) ?? unknownOutlook
          return {
            work,
            chance: Math.round(outlook.chance * 1000) / 1000,
            washOff: Math.round(outlook.washOff * 1e4) / 1e4,
            fromHour: outlook.fromHour ?? null,
            fitHours: [...outlook.fitHours],
            against: [...outlook.against],
          }
        }),
      }
    }),
  }
}

const rainAfterH = 6
const usualHour = 9

/** Hours of a day, and of those after it, that have passed by the clock of this machine. */
function hoursPassed(day: Day, at: Date): number {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  return (at.getTime() - new Date(year, month - 1, date).getTime()) / 3_600_000
}

/**
 * The weather while a piece of work was done, and the rain of six hours on; null where nobody knows
 * it. What has not come yet is not known: rain is left out until all its hours have passed.
 */
export async function weatherDuring(
  stage: WeatherStage,
  { happenedOn, startedAt }: Pick<CreateEntryDto, 'happenedOn' | 'startedAt'>,
): Promise<EntryWeatherDto | null> {
  const span = { from: happenedOn, to: addDays(happenedOn, 1) }
  const { service, days } = await readHours(stage, span)
  const [on, after] = [span.from, span.to].map((day) => days.find((each) => each.day === day))
  const passed = hoursPassed(happenedOn, stage.at)
  // Whoever says no hour did it at the usual one, or before that today, since it is done.
  const unsaid = Math.min(usualHour, Math.floor(passed))
  const hour = startedAt === undefined ? unsaid : Number(startedAt.slice(0, 2))
  if (!on || on.isForecast || hour < 0 || hour > passed) return null
  const rain = [...on.rainMm, ...(after?.rainMm ?? [])].slice(hour, hour + rainAfterH)
  const isRainKnown = hour + rainAfterH <= passed && rain.length === rainAfterH
  return {
    source: service,
    temperatureC: on.temperatureC[hour] ?? 0,
    windMPerS: on.windMPerS[hour] ?? 0,
    humidityPercent: on.humidityPercent[hour] ?? 0,
    ...(isRainKnown ? { rainAfterMm: tenth(rain.reduce((sum, each) => sum + each, 0)) } : {}),
  }
}

/** @throws {CoreError} out-of-range for a span that runs backwards or is too long */
export function requireSpan({ from, to }: Span, longest: number): Span {
  requireInRange('to', daysBetween(from, to), { min: 0, max: longest, unit: 'days after from' })
  return { from, to }
}

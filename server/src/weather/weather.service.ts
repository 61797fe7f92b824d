import type { CreateEntryDto, EntryWeatherDto } from '@spudder/contract/entry'
import type { PlaceDto } from '@spudder/contract/place'
import type {
  DayOfHoursDto,
  OutlookDto,
  StationFileDto,
  StationImportDto,
  WeatherDto,
  WeatherHoursDto,
  WeatherService,
} from '@spudder/contract/weather'
import { addDays, dateToDay, type Day } from '@spudder/core/base/calendar'
import { requireInRange } from '@spudder/core/base/error'
import { daysBetween } from '@spudder/core/base/calendar'
import { daysFrom, outlookByHours, usualOutlooks, weatherWorks } from '@spudder/core/days/weather'
import type { Connection, Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
import { findPlace } from '../place/place.service.ts'
import { readInThread } from '../thread/file-reader.ts'
import { unpackedDays } from '../thread/packed-days.ts'
import { selectStationDays, storeStationDays } from './weather.repository.ts'

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

/** Hours as the station measured them where it did, else as the service has them. */
export async function readHours(
  { db, service, place, at }: WeatherStage,
  { from, to }: Span,
): Promise<WeatherHoursDto> {
  const today = dateToDay(at)
  const last = addDays(today, forecastDays)
  const until = to < last ? to : last
  if (until < from) return { service: 'none', days: [] }
  const { id: placeId, climate } = place
  const { latitude } = place.settings
  const told = await service.hours({ placeId, climate, latitude, from, to: until, today })
  const measured = new Map(
    (await selectStationDays(db, placeId, from, until)).map(({ day, hours }) => [day, hours]),
  )
  if (measured.size === 0) return told
  return {
    service: `station file, and ${told.service} for the other days`,
    days: told.days.map((day) => {
      const own = measured.get(day.day)
      return own ? ({ ...own } as DayOfHoursDto) : day
    }),
  }
}

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
/** What days are usually like, calculated once a day and place. */
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
  const meanC = (day: Day) =>
    mean(
      daysFrom(addDays(day, -3), addDays(day, 3)).flatMap(
        (near) => byMonthDay.get(near.slice(5)) ?? [],
      ),
    )
  return { usual, meanC }
}

function climateOf(stage: WeatherStage): Promise<Climate> {
  const today = dateToDay(stage.at)
  const { id, unitSystem, climate, settings } = stage.place
  const key = `${id} ${today} ${unitSystem} ${climate} ${settings.latitude ?? ''}`
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
      return {
        day,
        basis: hours ? (day > today ? 'forecast' : 'measured') : 'usual',
        meanC: tenth(hours ? mean(hours.temperatureC) : meanC(day)),
        works: judged.flatMap(({ work, byHours, usually }) => {
          const outlook = byHours.get(day) ?? usually?.(day)
          return outlook
            ? [
                {
                  work,
                  chance: Math.round(outlook.chance * 1000) / 1000,
                  washOff: Math.round(outlook.washOff * 1e4) / 1e4,
                  fromHour: outlook.fromHour ?? null,
                  fitHours: [...outlook.fitHours],
                  against: [...outlook.against],
                },
              ]
            : []
        }),
      }
    }),
  }
}

const rainAfterH = 6
const usualHour = 9

/** The weather while a piece of work was done and six hours on; null where nobody knows it. */
export async function weatherDuring(
  stage: WeatherStage,
  { happenedOn, startedAt }: Pick<CreateEntryDto, 'happenedOn' | 'startedAt'>,
): Promise<EntryWeatherDto | null> {
  const span = { from: happenedOn, to: addDays(happenedOn, 1) }
  const { service, days } = await readHours(stage, span)
  const [on, after] = days
  if (!on || on.isForecast) return null
  const hour = startedAt === undefined ? usualHour : Number(startedAt.slice(0, 2))
  const rain = [...on.rainMm, ...(after?.rainMm ?? [])].slice(hour, hour + rainAfterH)
  return {
    source: service,
    temperatureC: on.temperatureC[hour] ?? 0,
    windMPerS: on.windMPerS[hour] ?? 0,
    humidityPercent: on.humidityPercent[hour] ?? 0,
    rainAfterMm: tenth(rain.reduce((sum, each) => sum + each, 0)),
  }
}

/** As many as are stored between two turns of everybody else. */
const daysAtOnce = 100

/**
 * Takes in a station's file, all of it or nothing: its days stand in place of the service's.
 * @throws {CoreError} where the file cannot be read at all
 */
export async function importStationFile(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { fileName, bytes, dayOrder }: StationFileDto & { readonly bytes: Buffer },
): Promise<StationImportDto> {
  await findPlace(db, placeId)
  const { packed, ...read } = await readInThread('station', { bytes, dayOrder })
  await db.transaction(async (transaction) => {
    for (let from = 0; from < packed.count; from += daysAtOnce) {
      const days = unpackedDays(packed, from, from + daysAtOnce)
      await storeStationDays(
        transaction,
        days.map((hours) => ({
          placeId,
          day: hours.day,
          hours,
          fileName,
          ...recordedBy(recorder),
        })),
      )
    }
  })
  climates.clear()
  const [first, last] = [unpackedDays(packed, 0, 1), unpackedDays(packed, packed.count - 1)]
  return {
    dayCount: packed.count,
    from: first[0]?.day ?? null,
    to: last[0]?.day ?? null,
    errors: read.errors.map((error) => ({ ...error })),
    assumed: [...read.assumed],
  }
}

/** @throws {CoreError} out-of-range for a span that runs backwards or is too long */
export function requireSpan({ from, to }: Span, longest: number): Span {
  requireInRange('to', daysBetween(from, to), { min: 0, max: longest, unit: 'days after from' })
  return { from, to }
}

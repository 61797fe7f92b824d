import papaparse from 'papaparse'
import { isDay, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { hoursOfDay, weatherFrom, type DayOfHours } from '../weather/index.ts'

/** What a column of a station's file can hold, and what turns its units into ours. */
interface Column {
  readonly names: RegExp
  readonly units: Readonly<Record<string, (value: number) => number>>
  readonly usual: string
  readonly low: number
  readonly high: number
}

const same = (value: number) => value
const celsius = {
  '°c': same,
  c: same,
  '°f': weatherFrom.us.celsius,
  f: weatherFrom.us.celsius,
}
const columns = {
  temperatureC: {
    names: /^(air )?temp(erature)?\b/,
    units: celsius,
    usual: 'c',
    low: -60,
    high: 60,
  },
  rainMm: {
    names: /^(rain|precip)/,
    units: { mm: same, in: (value: number) => value * 25.4 },
    usual: 'mm',
    low: 0,
    high: 400,
  },
  windMPerS: {
    names: /^wind/,
    units: {
      'm/s': same,
      'km/h': (value: number) => value / 3.6,
      mph: weatherFrom.us.mPerS,
    },
    usual: 'm/s',
    low: 0,
    high: 90,
  },
  humidityPercent: { names: /^(rel.*)?humid/, units: { '%': same }, usual: '%', low: 0, high: 100 },
  soilC: { names: /^soil temp/, units: celsius, usual: 'c', low: -40, high: 60 },
} as const satisfies Readonly<Record<string, Column>>
type ColumnName = keyof typeof columns
const columnNames = Object.keys(columns) as ColumnName[]
const needed: readonly ColumnName[] = ['temperatureC', 'rainMm', 'windMPerS']

/** A row that could not be used, and why. */
export interface StationRowError {
  readonly row: number
  readonly words: string
}

export interface StationFile {
  readonly days: readonly DayOfHours[]
  readonly errors: readonly StationRowError[]
  /** What the file does not hold and what stands in for it. */
  readonly assumed: readonly string[]
}

interface Found {
  readonly name: ColumnName
  readonly header: string
  readonly convert: (value: number) => number
}

/** Which column a header names, with its unit in brackets or behind the name. */
function readHeader(header: string): Found | undefined {
  const plain = header.trim().toLowerCase().replace(/_/g, ' ')
  const name = columnNames.find((each) => columns[each].names.test(plain))
  if (!name) return undefined
  const { units, usual }: Column = columns[name]
  const given =
    /[([]\s*([^)\]]+?)\s*[)\]]/.exec(plain)?.[1] ??
    /(°?[cf]|mm|in|m\/s|km\/h|mph|%)$/.exec(plain)?.[1]
  const convert = units[given ?? usual]
  if (!convert) {
    throw new CoreError('unit-unknown', {
      parameter: header,
      expected: Object.keys(units).join(', '),
      received: given ?? '',
    })
  }
  return { name, header, convert }
}

const momentPattern = /^(\d{4}-\d{2}-\d{2})[T ](\d{1,2})(?::\d{2}){0,2}/

/** Mean of what is there; rain is summed. */
function ofHour(name: ColumnName, values: readonly number[]): number {
  const sum = values.reduce((total, each) => total + each, 0)
  return name === 'rainMm' ? sum : sum / values.length
}

type HourValues = Map<ColumnName, number[]>

/**
 * Reads a weather station's file: one row an hour or oftener, headed; time as 2026-05-31 14:00 by the
 * station's clock, temperature, rain, wind, and if there is any, humidity and soil temperature.
 * @returns the days of which all hours are there; what stands in for missing columns; rows left out
 * @throws {CoreError} quantity-unreadable without a time or a column that is needed; unit-unknown
 */
export function readStationFile(text: string): StationFile {
  const { data, meta } = papaparse.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: 'greedy',
  })
  const headers = meta.fields ?? []
  const time = headers.find((header) => /^(date ?time|time|date|timestamp)/i.test(header.trim()))
  const found = headers.flatMap((header) => readHeader(header) ?? [])
  const missing = needed.filter((name) => !found.some((each) => each.name === name))
  if (time === undefined || missing.length > 0) {
    throw new CoreError('quantity-unreadable', {
      parameter: 'text',
      expected:
        'a header row with time (2026-05-31 14:00), temperature (°C), rain (mm) and wind (m/s)',
      received: headers.join(', ') || 'nothing',
    })
  }
  const errors: StationRowError[] = []
  const hours = new Map<Day, HourValues[]>()
  data.forEach((row, index) => {
    const problem = readRow({ row, time, found, hours })
    if (problem) errors.push({ row: index + 2, words: problem })
  })
  const has = (name: ColumnName) => found.some((each) => each.name === name)
  const whole: DayOfHours[] = []
  for (const [day, values] of [...hours].toSorted(([one], [other]) => (one < other ? -1 : 1))) {
    const made = dayOf(day, values)
    if (made) whole.push(made)
    else errors.push({ row: 0, words: `${day}: not every hour is there; the day is left out` })
  }
  const assumed = [
    ...(has('humidityPercent') ? [] : ['humidity 75 %: no column of it']),
    ...(has('soilC') ? [] : ['soil as warm as the day on average: no column of it']),
  ]
  return { days: whole, errors, assumed }
}

interface RowOfFile {
  readonly row: Readonly<Record<string, string>>
  readonly time: string
  readonly found: readonly Found[]
  readonly hours: Map<Day, HourValues[]>
}

/** Puts a row where it belongs. @returns what is wrong with it, if anything */
function readRow({ row, time, found, hours }: RowOfFile): string | undefined {
  const moment = momentPattern.exec((row[time] ?? '').trim())
  const [, day = '', hourText = ''] = moment ?? []
  const hour = Number(hourText)
  if (!moment || !isDay(day) || hour >= hoursOfDay) {
    return `time: expected 2026-05-31 14:00, received ${row[time] ?? 'nothing'}`
  }
  const read = found.map(({ name, header, convert }) => {
    const text = (row[header] ?? '').trim()
    return { name, header, text, value: text === '' ? Number.NaN : convert(Number(text)) }
  })
  const wrong = read.find(({ name, value }) => {
    const { low, high } = columns[name]
    return !(value >= low && value <= high)
  })
  if (wrong) {
    const { low, high, usual } = columns[wrong.name]
    return `${wrong.header}: expected ${low} to ${high} ${usual}, received ${wrong.text || 'nothing'}`
  }
  const ofDay = hours.get(day) ?? Array.from({ length: hoursOfDay }, (): HourValues => new Map())
  hours.set(day, ofDay)
  for (const { name, value } of read) {
    const values = ofDay[hour]
    values?.set(name, [...(values.get(name) ?? []), value])
  }
  return undefined
}

const assumedHumidity = 75

/** A day whose hours are all there; undefined where one is missing. */
function dayOf(day: Day, values: readonly HourValues[]): DayOfHours | undefined {
  if (values.some((hour) => hour.size === 0)) return undefined
  const series = (name: ColumnName) => values.map((hour) => ofHour(name, hour.get(name) ?? []))
  const temperatureC = series('temperatureC')
  const meanC = temperatureC.reduce((sum, each) => sum + each, 0) / hoursOfDay
  const rainMm = series('rainMm')
  const orElse = (name: ColumnName, otherwise: number) =>
    series(name).map((value) => (Number.isNaN(value) ? otherwise : value))
  return {
    day,
    isForecast: false,
    temperatureC,
    rainMm,
    rainChance: rainMm.map((millimetres) => Number(millimetres > 0.1)),
    windMPerS: series('windMPerS'),
    humidityPercent: orElse('humidityPercent', assumedHumidity),
    soilC: orElse('soilC', meanC),
    temperatureDoubtK: 0,
    windDoubtMPerS: 0,
  }
}

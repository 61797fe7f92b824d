import { isDay, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import {
  guessDayOrder,
  numberMarksIn,
  mostTableRows,
  readDay,
  readNumber,
  readTable,
  type DayOrder,
  type NumberMarks,
  type Table,
} from '../../base/table/index.ts'
import { hoursOfDay, type DayOfHours } from '../weather/index.ts'
import {
  neededValues,
  plainHeading,
  readHeader,
  stationColumns,
  toldHeader,
  valueNamed,
  type Found,
  type StationColumns,
  type StationValue,
} from './station-columns.ts'

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

/** Headings of the moment of a row: both in one column, or the day and the hour apart. */
const dayNames = /^(date ?time|date|timestamp|day|time ?stamp|time|datum)\b/
const hourNames = /^(time|hour|clock|uhrzeit)\b/

const isKnown = (heading: string): boolean =>
  dayNames.test(plainHeading(heading)) || valueNamed(heading) !== undefined

const clockPattern = /(?:^|[\sT])(\d{1,2})(?::\d{2}){1,2}(?:[.,]\d+)?\s*([ap])?/i

/** The hour of a clock as 14:00, 2:00 PM or 14; undefined where it is none. */
function hourOf(text: string): number | undefined {
  const [, digits = '', half = ''] = clockPattern.exec(text) ?? /^(\d{1,2})()$/.exec(text) ?? []
  if (digits === '') return undefined
  const hour = Number(digits)
  if (half === '') return hour
  return (hour % 12) + (half.toLowerCase() === 'p' ? 12 : 0)
}

/** Sum of what was read in an hour, and how often. */
interface Summed {
  sum: number
  count: number
}
type HourValues = Map<StationValue, Summed>

/** Mean of what is there; rain is summed. */
function ofHour(
  name: StationValue,
  { sum, count }: Summed = { sum: Number.NaN, count: 1 },
): number {
  return name === 'rainMm' ? sum : sum / count
}

export interface StationOptions {
  /** In which order days are written, where the file leaves it open. */
  readonly dayOrder?: DayOrder | undefined
  /** Which column is what, told once; for files that have those headings. */
  readonly columns?: StationColumns | undefined
}

/**
 * Headings of a station's file, whatever they are called, for a person to say which is what.
 * @throws {CoreError} quantity-unreadable for a file that is no table
 */
export const stationHeadings = (text: string): readonly string[] =>
  // Without one that is known it is the first row of cells that are no numbers.
  readTable(text, {
    parameter: 'text',
    knows: (heading) => isKnown(heading) || /^[^\d.,:/-]/.test(heading),
    example,
    mostRows: mostTableRows,
  }).header.filter((heading) => heading !== '')

const example =
  'a header row with time (2026-05-31 14:00), temperature (°C), rain (mm) and wind (m/s)'

/** Where the parts of a row stand. */
interface Layout {
  readonly day: number
  /** The column of the hour; that of the day where both stand in one. */
  readonly hour: number
  readonly found: readonly (Found & { readonly at: number })[]
}

/** Headings that were told. */
const toldHeadings = ({ day, hour, headings }: StationColumns): readonly string[] => [
  day,
  ...(hour === undefined ? [] : [hour]),
  ...Object.values(headings),
]

/** What was told holds for a file that has all of those headings; any other speaks for itself. */
function isTold({ header }: Table, told: StationColumns | undefined): told is StationColumns {
  return told !== undefined && toldHeadings(told).every((heading) => header.includes(heading))
}

interface Moment {
  readonly day: number
  /** -1 where no heading names it. */
  readonly hour: number
}

function momentOf({ header }: Table, told: StationColumns | undefined): Moment {
  if (told) {
    const { day, hour } = told
    return { day: header.indexOf(day), hour: hour === undefined ? -1 : header.indexOf(hour) }
  }
  const plain = header.map(plainHeading)
  const day = plain.findIndex((heading) => dayNames.test(heading))
  return {
    day,
    hour: plain.findIndex((heading, index) => index !== day && hourNames.test(heading)),
  }
}

/** @throws {CoreError} quantity-unreadable without a time or a column that is needed; unit-unknown */
function layoutOf(table: Table, told: StationColumns | undefined): Layout {
  const { header } = table
  const said = isTold(table, told) ? told : undefined
  const { day, hour } = momentOf(table, said)
  const found = header.flatMap((heading, at) => {
    if (at === day || at === hour) return []
    const column = said ? toldHeader(heading, said) : readHeader(heading)
    return column ? [{ ...column, at }] : []
  })
  const missing = neededValues.filter((name) => !found.some((each) => each.name === name))
  if (day < 0 || missing.length > 0) {
    throw new CoreError('table-without-headings', {
      parameter: 'text',
      values: { example },
      received: header.join(', ') || 'nothing',
    })
  }
  return { day, hour: hour < 0 ? day : hour, found }
}

/** @throws {CoreError} date-unreadable where 3/4 could be two days and nobody said which */
function orderOf({ rows }: Table, { day }: Layout, told: DayOrder | undefined): DayOrder {
  if (told) return told
  const { order, isSure } = guessDayOrder(rows.map((cells) => cells[day] ?? ''))
  if (isSure) return order
  throw new CoreError('day-order-unsure', {
    parameter: 'dayOrder',
    received: rows[0]?.[day] ?? '',
  })
}

/**
 * Reads a weather station's file: one row an hour or oftener, headed; the moment by the station's
 * clock, temperature, rain, wind, and if there is any, humidity and soil temperature. Takes time in
 * proportion to its length.
 * @returns the days of which all hours are there; what stands in for missing columns; rows left out
 * @throws {CoreError} quantity-unreadable without a time or a column that is needed; unit-unknown;
 * date-unreadable where the order of its days is open
 */
export function readStationFile(
  text: string,
  { dayOrder, columns }: StationOptions = {},
): StationFile {
  const told = columns ? toldHeadings(columns) : []
  const table = readTable(text, {
    parameter: 'text',
    knows: (heading) => told.includes(heading) || isKnown(heading),
    example,
    mostRows: mostTableRows,
  })
  const layout = layoutOf(table, columns)
  const order = orderOf(table, layout, dayOrder)
  const marks = numberMarksIn(
    table,
    layout.found.map(({ header }) => header),
  )
  const errors: StationRowError[] = []
  const hours = new Map<Day, HourValues[]>()
  table.rows.forEach((cells, index) => {
    const words = readRow({ cells, marks, layout, order, hours })
    if (words !== undefined) errors.push({ row: table.lines[index] ?? 0, words })
  })
  const has = (name: StationValue) => layout.found.some((each) => each.name === name)
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
  readonly cells: readonly string[]
  readonly marks: NumberMarks
  readonly layout: Layout
  readonly order: DayOrder
  readonly hours: Map<Day, HourValues[]>
}

/** Puts a row where it belongs. @returns what is wrong with it, if anything */
function readRow({ cells, marks, layout, order, hours }: RowOfFile): string | undefined {
  const dayText = cells[layout.day] ?? ''
  const day = readDay(dayText, order)
  const hour = hourOf(cells[layout.hour] ?? '')
  if (day === undefined || !isDay(day) || hour === undefined || hour >= hoursOfDay) {
    return `time: expected 2026-05-31 14:00, received ${dayText || 'nothing'}`
  }
  const read = layout.found.map(({ name, header, convert, at }) => {
    const text = cells[at] ?? ''
    const number = readNumber(text, marks)
    return { name, header, text, value: number ? convert(number.value) : Number.NaN }
  })
  const wrong = read.find(({ name, value }) => {
    const { low, high } = stationColumns[name]
    return !(value >= low && value <= high)
  })
  if (wrong) {
    const { low, high, usual } = stationColumns[wrong.name]
    return `${wrong.header}: expected ${low} to ${high} ${usual}, received ${wrong.text || 'nothing'}`
  }
  const ofDay = hours.get(day) ?? Array.from({ length: hoursOfDay }, (): HourValues => new Map())
  hours.set(day, ofDay)
  for (const { name, value } of read) {
    const summed = ofDay[hour]?.get(name) ?? { sum: 0, count: 0 }
    summed.sum += value
    summed.count += 1
    ofDay[hour]?.set(name, summed)
  }
  return undefined
}

const assumedHumidity = 75

/** A day whose hours are all there; undefined where one is missing. */
function dayOf(day: Day, values: readonly HourValues[]): DayOfHours | undefined {
  if (values.some((hour) => hour.size === 0)) return undefined
  const series = (name: StationValue) => values.map((hour) => ofHour(name, hour.get(name)))
  const temperatureC = series('temperatureC')
  const meanC = temperatureC.reduce((sum, each) => sum + each, 0) / hoursOfDay
  const rainMm = series('rainMm')
  const orElse = (name: StationValue, otherwise: number) =>
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

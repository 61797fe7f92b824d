import { CoreError } from '../../base/error/index.ts'
import { weatherFrom } from '../weather/index.ts'

/** What a column of a station's file can hold, and what turns its units into ours. */
interface Column {
  readonly label: string
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
export const stationColumns = {
  temperatureC: {
    label: 'Temperature',
    names: /^(air )?temp(erature)?\b/,
    units: celsius,
    usual: 'c',
    low: -60,
    high: 60,
  },
  rainMm: {
    label: 'Rain',
    names: /^(rain|precip)/,
    units: { mm: same, in: (value: number) => value * 25.4 },
    usual: 'mm',
    low: 0,
    high: 400,
  },
  windMPerS: {
    label: 'Wind',
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
  humidityPercent: {
    label: 'Humidity',
    names: /^(rel.*)?humid/,
    units: { '%': same },
    usual: '%',
    low: 0,
    high: 100,
  },
  soilC: {
    label: 'Temperature of the soil',
    names: /^soil temp/,
    units: celsius,
    usual: 'c',
    low: -40,
    high: 60,
  },
} as const satisfies Readonly<Record<string, Column>>
/** What a station measures. */
export type StationValue = keyof typeof stationColumns
export const stationValues = Object.keys(stationColumns) as StationValue[]
/** Without these nobody can be told when to spray. */
export const neededValues: readonly StationValue[] = ['temperatureC', 'rainMm', 'windMPerS']

/** Which column is what, where its headings do not say: told once for all files of a station. */
export interface StationColumns {
  /** Heading of the day, or of day and hour in one. */
  readonly day: string
  /** Heading of the hour, where it stands apart. */
  readonly hour?: string | undefined
  readonly headings: Readonly<Partial<Record<StationValue, string>>>
  /** Unit of a column; as is usual where it is left out. */
  readonly units: Readonly<Partial<Record<StationValue, string>>>
}

/** Units that a column may be told to stand in. */
export const unitsOfValue = (name: StationValue): readonly string[] => {
  const { units }: Column = stationColumns[name]
  // The degree sign is for headings; a person chooses between letters.
  return Object.keys(units).filter((unit) => !unit.startsWith('°'))
}

export interface Found {
  readonly name: StationValue
  readonly header: string
  readonly convert: (value: number) => number
}

/** @throws {CoreError} column-unit-unknown */
function converted(name: StationValue, header: string, unit: string | undefined): Found {
  const { units, usual }: Column = stationColumns[name]
  const convert = units[unit ?? usual]
  if (convert) return { name, header, convert }
  throw new CoreError('column-unit-unknown', {
    parameter: header,
    values: { units: Object.keys(units) },
    received: unit ?? '',
  })
}

/** As headings and units are compared: small letters, no spaces around them, no underscores. */
export const plainHeading = (heading: string): string =>
  heading.trim().toLowerCase().replace(/_/g, ' ')

/** What a heading names by itself. */
export const valueNamed = (heading: string): StationValue | undefined =>
  stationValues.find((each) => stationColumns[each].names.test(plainHeading(heading)))

/**
 * Which column a header names, with its unit in brackets or behind the name.
 * @throws {CoreError} column-unit-unknown
 */
export function readHeader(header: string): Found | undefined {
  const plain = plainHeading(header)
  const name = valueNamed(header)
  if (!name) return undefined
  const given =
    /[([]\s*([^)\]]+?)\s*[)\]]/.exec(plain)?.[1] ??
    /(?:^|[\s.:-])(°?[cf]|mm|in|m\/s|km\/h|mph|%)$/.exec(plain)?.[1]
  return converted(name, header, given)
}

/**
 * What a column holds by what was told.
 * @throws {CoreError} column-unit-unknown
 */
export function toldHeader(header: string, { headings, units }: StationColumns): Found | undefined {
  const name = stationValues.find((each) => headings[each] === header)
  return name && converted(name, header, units[name])
}

const isValue = (name: string): name is StationValue => stationValues.some((each) => each === name)

/**
 * What was told of columns, as it may be kept.
 * @throws {CoreError} quantity-unreadable for what no station measures, or where a column is missing;
 * column-unit-unknown
 */
export function checkStationColumns(told: StationColumns): StationColumns {
  const names = [...Object.keys(told.headings), ...Object.keys(told.units)]
  const unknown = names.find((name) => !isValue(name))
  const missing = neededValues.find((name) => !told.headings[name])
  if (unknown !== undefined || missing !== undefined) {
    throw new CoreError('table-without-headings', {
      parameter: 'stationColumns',
      values: { example: 'a column each for temperature, rain and wind' },
      received: unknown ?? `none for ${stationColumns[missing ?? 'rainMm'].label.toLowerCase()}`,
    })
  }
  for (const name of stationValues) converted(name, told.headings[name] ?? name, told.units[name])
  return told
}

import { formatDecimals, formatNumber, readTyped } from '../writing/index.ts'
import { rateText, tradeRateUnits, inPlaceUnits, type UnitSystem } from './choose-unit.ts'
import { formatQuantity } from './format-quantity.ts'
import { quantityOf, valueIn } from './convert.ts'

const ladder = (dimension: 'mass' | 'volume' | 'length' | 'area', inStore: string) => {
  return (value: number, unit: string): string => {
    const stored = valueIn(quantityOf(value, unit), inStore)
    return formatQuantity(inPlaceUnits(dimension, stored, 'us'), 4).replace('ft2', 'ft²')
  }
}
const mass = ladder('mass', 'kg')
const length = ladder('length', 'm')
/** In one unit, whatever the size of the figure. */
const said = (inUs: string) => (value: number, unit: string) =>
  `${formatNumber(valueIn(quantityOf(value, unit), inUs))} ${inUs.replace('ft2', 'ft²')}`
/** Exact, by the international mile [mph per km/h]. */
const mphPerKmH = 1 / 1.609344

/** Units that workings print as they are stored, and how a US place says them. */
const stored: Readonly<Record<string, (value: number, unit: string) => string>> = {
  kg: mass,
  g: mass,
  L: ladder('volume', 'L'),
  cm: length,
  mm: length,
  'm²': ladder('area', 'm2'),
  m: said('ft'),
  'L/ha': said('gal/acre'),
  'L/min': said('gal/min'),
  'kg/m²': said('lb/1000 ft2'),
  'km/h': (value) => `${formatNumber(value * mphPerKmH)} mph`,
  'kg CaCO3/ha': (value) =>
    `${formatNumber(valueIn(quantityOf(value, 'kg/ha'), 'lb/acre'))} lb CaCO3/acre`,
}

const number = '(?<![\\w.,])\\d[\\d.,\u00a0\u202f’]*'
/** Nothing that goes on as another unit: "g/L", "kg CaCO3/ha". */
const patternOf = (units: readonly string[]) => {
  const longestFirst = units.toSorted((one, other) => other.length - one.length).join('|')
  return new RegExp(`(${number})(?:-(${number}))? (${longestFirst})(?![\\w/²³]| \\w+/)`, 'g')
}
const inStoreUnits = patternOf(Object.keys(stored))
const inTradeUnits = patternOf(tradeRateUnits)

/** The figures of a match, read as this locale writes them; none where one of them is none. */
function readFigures(low: string, high: string | undefined): readonly number[] {
  const values = [low, high].flatMap((text) => (text === undefined ? [] : [readTyped(text)]))
  return values.some(Number.isNaN) ? [] : values
}

/**
 * A line of a working, written for this locale, in the units of a place: "1444 m²" of the store is
 * "15,543 ft²" in a US one, "1 oz/in" of the table "11.2 g/cm" in a metric one. Concentrations and
 * densities are said alike everywhere.
 */
export function figuresIn(line: string, system: UnitSystem): string {
  const pattern = system === 'metric' ? inTradeUnits : inStoreUnits
  return line.replace(pattern, (whole, low: string, high: string | undefined, unit: string) => {
    const values = readFigures(low, high)
    if (values.length === 0) return whole
    if (system === 'metric') return rateText(values, unit, system)
    return values.map((value) => stored[unit]?.(value, unit) ?? whole).join(' to ')
  })
}

/** A number as the store prints it: thousands by commas, decimals by a point. */
const storedNumber = /(?<![\w.,/])(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+\.\d+)(?![\d.,]\d|\d)/g

/** The same for a working that is stored with an entry: its numbers are not of this locale yet. */
export function storedFiguresIn(line: string, system: UnitSystem): string {
  const written = line.replace(storedNumber, (text) => {
    const decimals = text.split('.')[1]?.length ?? 0
    return formatDecimals(Number(text.replaceAll(',', '')), decimals)
  })
  return figuresIn(written, system)
}

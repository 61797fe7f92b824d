import { formatDecimals } from '../writing/index.ts'
import type { UnitSystem } from './choose-unit.ts'

const amount = '[\\d½¼¾.,]+(?:(?: to |-)[\\d½¼¾.,]+)?'
const metricUnits = '°C|mm|cm|m|m²|ha|g|kg|mL|L|kg/ha|g/m²|L/ha|L/100 m²|km/h|m/s'
const usUnits =
  '°F|in|ft|ft²|acre|acres|oz|lb|fl oz|gal|lb/acre|lb/1000 ft²|gal/acre|gal/1000 ft²|mph'
const both = (first: string, second: string) =>
  new RegExp(`(${amount} (?:${first}))\\s\\((${amount} (?:${second}))\\)`, 'g')
const metricFirst = both(metricUnits, usUnits)
const usFirst = both(usUnits, metricUnits)
/** A number with a decimal point that is no part of a longer one, a date or a version. */
const decimal = /(?<![\d.])\d+\.\d+(?![\d.])/g

/**
 * A sentence of the catalogue (none that was put together for a place: its thousands would be read for
 * decimals) as it is said at a place: of a figure that stands there in both systems,
 * "10 °C (50 °F)", the one of the place, and decimals as they are written there.
 */
export function saidIn(text: string, system: UnitSystem): string {
  const kept = system === 'metric' ? ['$1', '$2'] : ['$2', '$1']
  return text
    .replace(metricFirst, kept[0] ?? '')
    .replace(usFirst, kept[1] ?? '')
    .replace(decimal, (figure) =>
      formatDecimals(Number(figure), figure.length - figure.indexOf('.') - 1),
    )
}

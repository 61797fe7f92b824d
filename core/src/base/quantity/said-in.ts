import { formatDecimals, formatNumber } from '../writing/index.ts'
import type { UnitSystem } from './choose-unit.ts'
import { quantityOf, valueIn } from './convert.ts'
import { celsiusOf, fahrenheitOf } from './warmth.ts'

const amount = '[\\d½¼¾.,]+(?:(?: to |-)[\\d½¼¾.,]+)?'
const metricUnits =
  '°C|mm|cm|m|m²|ha|g|kg|mL|L|kg/ha|g/m²|L/ha|L/100 m²|km/h|m/s|bar|L/min|mg/L|g/cm|g/plant|L/pot|g/100 L|kg/plant'
const usUnits =
  '°F|in|ft|ft²|ft2|acre|acres|oz|lb|fl oz|gal|lb/acre|lb/1000 ft²|oz/1000 ft2|gal/acre|gal/1000 ft²|mph|psi|gal/min|oz/100 gal|oz/in|oz/plant|lb/plant|fl oz/pot'
const both = (first: string, second: string) =>
  new RegExp(
    `(${amount} (?:${first}))(?:\\s\\((${amount} (?:${second}))\\)| or (${amount} (?:${second}))(?![\\w/]))`,
    'g',
  )
const metricFirst = both(metricUnits, usUnits)
const usFirst = both(usUnits, metricUnits)
/** A number with a decimal point that is no part of a longer one, a date or a version. */
const decimal = /(?<![\d.])\d+\.\d+(?![\d.])/g

/** What the other system says a unit in; under the stroke as it is printed there. */
type Pairs = Readonly<Record<string, string>>

/**
 * Units that a sentence may state alone. What stands in kilograms for a kilogram of something else
 * is a ratio and stays: in a US place only what is spread, measured off or read off is converted.
 * Inches alone cannot be told from the word.
 */
// prettier-ignore
const pairs: Readonly<Record<UnitSystem, { readonly over: Pairs; readonly under: Pairs }>> = {
  metric: {
    over: { oz: 'g', lb: 'kg', gal: 'L', 'fl oz': 'mL', tbsp: 'mL', cup: 'mL', cups: 'mL' },
    under: { acre: 'ha', '1000 ft²': '100 m²', '100 ft²': '10 m²', in: 'cm', inch: 'cm', '100 gal': '100 L', gal: 'L', tree: 'tree', pot: 'pot' },
  },
  us: {
    over: { 'kg/ha': 'lb/acre', 'g/m²': 'oz/1000 ft²', 'L/ha': 'gal/acre', mm: 'in', cm: 'in' },
    under: {},
  },
}

const anyOf = (units: Pairs): string =>
  Object.keys(units)
    .toSorted((one, other) => other.length - one.length)
    .join('|')

/** "4 lb nitrogen/1000 ft²", "1-4 tbsp per inch", "5 cm"; nothing that goes on as another unit. */
function inOneSystem({ over, under }: { readonly over: Pairs; readonly under: Pairs }): RegExp {
  const figures = '(?<![\\d.,/])(\\d+(?:\\.\\d+)?)(?:( to |-)(\\d+(?:\\.\\d+)?))?'
  const below =
    Object.keys(under).length === 0 ? '()()()' : `(?:( [a-z]+)?(/| per )(${anyOf(under)}))?`
  return new RegExp(`${figures} (${anyOf(over)})${below}(?![\\w/²³])`, 'g')
}
const oneSystem = { metric: inOneSystem(pairs.metric), us: inOneSystem(pairs.us) } as const

const unitOf = (top: string, bottom = '') => (bottom === '' ? top : `${top}/${bottom}`)

type Found = readonly (string | undefined)[]

/** A figure that stands there in the other system alone, to the two figures that a sentence needs. */
function amountIn(
  [, low, joint, high, top, what = '', stroke = '', bottom]: Found,
  to: UnitSystem,
) {
  const { over, under } = pairs[to]
  const [target, below] = [over[top ?? ''] ?? '', under[bottom ?? ''] ?? '']
  const say = (figure: string) => {
    const stated = quantityOf(Number(figure), unitOf(top ?? '', bottom))
    return formatNumber(Number(valueIn(stated, unitOf(target, below)).toPrecision(2)))
  }
  const figures = [low, high].flatMap((figure) => (figure === undefined ? [] : [say(figure)]))
  return `${figures.join(joint ?? '')} ${target}${bottom ? `${what}${stroke}${below}` : ''}`
}

const warmth = /(?<![\d.])(\d+(?:\.\d+)?)(?:( to |-)(\d+(?:\.\d+)?))? °([CF])/g
function warmthIn([whole = '', low, joint, high, scale]: Found, to: UnitSystem): string {
  const [own, inOwn] = to === 'us' ? (['F', fahrenheitOf] as const) : (['C', celsiusOf] as const)
  if (scale === own) return inDecimals(whole)
  const figures = [low, high].flatMap((figure) =>
    figure === undefined ? [] : [formatDecimals(inOwn(Number(figure)), 0)],
  )
  return `${figures.join(joint ?? '')} °${own}`
}

const inDecimals = (text: string): string =>
  text.replace(decimal, (figure) =>
    formatDecimals(Number(figure), figure.length - figure.indexOf('.') - 1),
  )

/** Says what a pattern finds by one function, and what lies between by another. */
function saidApart(
  text: string,
  pattern: RegExp,
  found: (groups: Found) => string,
  between: (rest: string) => string,
): string {
  let from = 0
  let said = ''
  for (const match of text.matchAll(pattern)) {
    said += between(text.slice(from, match.index)) + found([...match])
    from = match.index + match[0].length
  }
  return said + between(text.slice(from))
}

/**
 * Of a figure that a text states in both systems, "10 °C (50 °F)" or "2 lb or 500 g", the one of the
 * place; nothing else is touched, so that it is good for what was put together for a place too.
 */
export function ownOf(text: string, system: UnitSystem): string {
  const [ofMetricFirst, ofUsFirst] = system === 'metric' ? ['$1', '$2$3'] : ['$2$3', '$1']
  return text.replace(metricFirst, ofMetricFirst ?? '').replace(usFirst, ofUsFirst ?? '')
}

/**
 * A sentence of the catalogue (none that was put together for a place: its thousands would be read for
 * decimals) as it is said at a place: of a figure that stands there in both systems,
 * "10 °C (50 °F)", the one of the place; one that stands there in the other system alone, "4 lb
 * nitrogen/1000 ft²", converted to two figures; decimals as they are written there.
 */
export function saidIn(sentence: string, system: UnitSystem): string {
  const ofPlace = ownOf(sentence, system)
  const warm = (text: string) =>
    saidApart(text, warmth, (found) => warmthIn(found, system), inDecimals)
  return saidApart(ofPlace, oneSystem[system], (found) => amountIn(found, system), warm)
}

import { CoreError } from '../error/index.ts'
import { readTyped } from '../writing/index.ts'
import { parseUnit } from './parse-unit.ts'
import { dimensionOf, type Dimension, type Quantity } from './quantity.ts'

const vulgarFractions: ReadonlyMap<string, string> = new Map([
  ['½', ' 1/2'],
  ['¼', ' 1/4'],
  ['¾', ' 3/4'],
  ['⅓', ' 1/3'],
  ['⅔', ' 2/3'],
  ['⅛', ' 1/8'],
])

const decimal = String.raw`[\d.,][\d.,\u00a0\u2009\u202f'’]*|\d{1,3}(?: \d{3})+(?:[.,]\d+)?`
const quantityPattern = new RegExp(
  String.raw`^(?:(?:(?<whole>\d+)\s+)?(?<over>\d+)\s*/\s*(?<under>\d+)|(?<decimal>${decimal}))\s*(?<unit>[^\d\s.,].*)?$`,
)

/** Words for a dimension in an error message, with an example a grower would type. */
const dimensionExamples: Readonly<Partial<Record<Dimension, string>>> = {
  mass: 'a weight such as 2 lb or 500 g',
  volume: 'a volume such as 10 gal or 20 L',
  area: 'an area such as 4500 ft2 or 0.2 ha',
  length: 'a length such as 2 in or 30 cm',
  share: 'a percentage such as 2 %',
  'mass/area': 'a rate such as 2 oz/1000 ft2 or 1.2 kg/ha',
  'volume/area': 'a spray volume such as 30 gal/acre or 300 L/ha',
  'mass/volume': 'a strength such as 5 oz/100 gal or 22 mg/L',
  'mass/length': 'a rate of trunk such as 1 oz/in or 10 g/cm',
  'mass/count': 'a dose such as 1 oz/plant or 20 g/plant',
  'volume/length': 'water by trunk such as 2 gal/in or 3 L/cm',
  'volume/count': 'a dose such as 8 fl oz/pot or 0.5 L/pot',
  time: 'a time such as 45 s or 2 min',
  pressure: 'a pressure such as 40 psi or 3 bar',
  'length/time': 'a speed such as 4 mph or 6 km/h',
  'volume/time': 'a flow such as 0.2 gal/min or 0.8 L/min',
}

/** What to type for a dimension, for hints and errors. */
export function dimensionExample(dimension: Dimension): string {
  return dimensionExamples[dimension] ?? `a ${dimension}`
}

function unreadable(text: string, example: string): CoreError {
  return new CoreError('quantity-unreadable', {
    parameter: 'quantity',
    values: { example },
    received: text.trim() === '' ? 'nothing' : `"${text.trim()}"`,
  })
}

/**
 * Reads a quantity as it is typed: "2 oz/1000 ft2", "1.2 kg/ha", "1 1/2 gal", "½ cup", "22 mg/L".
 * @param expect the dimension it must have; a weight where a volume is wanted is refused
 * @throws {CoreError} quantity-unreadable, unit-unknown, unit-ambiguous, unit-mismatch
 */
export function parseQuantity(text: string, expect?: Dimension): Quantity {
  const expected = expect
    ? dimensionExample(expect)
    : 'a number with a unit, such as 2 oz or 10 gal'
  let spelled = text.trim()
  for (const [sign, words] of vulgarFractions) spelled = spelled.replace(sign, words)
  const match = quantityPattern.exec(spelled.trim())
  if (!match?.groups) throw unreadable(text, expected)
  const { whole, over, under, decimal: digits, unit } = match.groups
  if (unit === undefined) throw unreadable(text, `${expected}: the unit is missing`)
  const value =
    over === undefined ? readTyped(digits ?? '') : Number(whole ?? 0) + Number(over) / Number(under)
  if (!Number.isFinite(value)) throw unreadable(text, expected)
  const quantity: Quantity = { value, unit: parseUnit(unit) }
  if (expect && dimensionOf(quantity.unit) !== expect) {
    throw new CoreError('quantity-of-other-kind', {
      parameter: 'quantity',
      values: { example: expected },
      received: text.trim(),
    })
  }
  return quantity
}

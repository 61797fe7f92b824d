import type { Sourced } from '../../reference/index.ts'

/** What a unit measures. Volume and area are kept apart from length so that nonsense is refused. */
export type BaseDimension =
  'mass' | 'volume' | 'area' | 'length' | 'count' | 'share' | 'time' | 'pressure'

export interface UnitDefinition extends Sourced {
  /** Printed symbol, and the name by which code asks for it. */
  readonly symbol: string
  readonly dimension: BaseDimension
  /** How many of the store's unit (kg, L, m², m, piece, 1, s, Pa) one of these is. */
  readonly factor: number
  readonly synonyms: readonly string[]
}

const si = { source: 'BIPM, SI Brochure, 9th ed.', mark: 'P' } as const
/** Factors as in NIST Special Publication 811, appendix B.8; all are exact by definition. */
const nist = { source: 'NIST SP 811 (2008), appendix B.8', mark: 'P' } as const
const plain = { source: 'definition', mark: 'D' } as const

const kgPerPound = 0.45359237
const litrePerGallon = 3.785411784
const metrePerFoot = 0.3048
/** International acre: 43,560 ft² of the international foot. */
const squareFeetPerAcre = 43560

type Row = readonly [
  symbol: string,
  dimension: BaseDimension,
  factor: number,
  synonyms: readonly string[],
  from: Sourced,
]

// prettier-ignore
const rows: readonly Row[] = [
  ['kg', 'mass', 1, ['kilogram', 'kilograms', 'kgs'], si],
  ['g', 'mass', 1e-3, ['gram', 'grams', 'gm'], si],
  ['mg', 'mass', 1e-6, ['milligram', 'milligrams'], si],
  ['t', 'mass', 1000, ['tonne', 'tonnes'], si],
  ['lb', 'mass', kgPerPound, ['lbs', 'pound', 'pounds'], nist],
  ['oz', 'mass', kgPerPound / 16, ['ounce', 'ounces'], nist],
  ['L', 'volume', 1, ['l', 'litre', 'litres', 'liter', 'liters'], si],
  ['mL', 'volume', 1e-3, ['ml', 'cc'], si],
  ['m3', 'volume', 1000, ['m³', 'cubic metre', 'cubic metres'], si],
  ['yd3', 'volume', (3 * metrePerFoot) ** 3 * 1000, ['yd³', 'cu yd', 'cubic yard', 'cubic yards'], nist],
  ['acre-inch', 'volume', (squareFeetPerAcre * metrePerFoot ** 3 * 1000) / 12, ['acre-inches', 'acre inch', 'acre inches', 'ac-in'], nist],
  ['imp gal', 'volume', 4.54609, ['imperial gal', 'imperial gallon', 'imperial gallons', 'uk gal'], nist],
  ['gal', 'volume', litrePerGallon, ['gallon', 'gallons', 'us gal', 'gals'], nist],
  ['qt', 'volume', litrePerGallon / 4, ['quart', 'quarts'], nist],
  ['pt', 'volume', litrePerGallon / 8, ['pint', 'pints'], nist],
  ['fl oz', 'volume', litrePerGallon / 128, ['floz', 'fluid ounce', 'fluid ounces', 'fl. oz', 'fl.oz'], nist],
  ['cup', 'volume', litrePerGallon / 16, ['cups'], nist],
  ['tbsp', 'volume', litrePerGallon / 256, ['tablespoon', 'tablespoons', 'tbs'], nist],
  ['tsp', 'volume', litrePerGallon / 768, ['teaspoon', 'teaspoons'], nist],
  ['m2', 'area', 1, ['m²', 'sq m', 'sqm', 'square metres', 'square meters'], si],
  ['ha', 'area', 1e4, ['hectare', 'hectares'], si],
  ['ft2', 'area', metrePerFoot ** 2, ['ft²', 'sq ft', 'sqft', 'square feet'], nist],
  ['acre', 'area', squareFeetPerAcre * metrePerFoot ** 2, ['acres', 'ac'], nist],
  ['m', 'length', 1, ['metre', 'metres', 'meter'], si],
  ['cm', 'length', 0.01, ['centimetre'], si],
  ['mm', 'length', 1e-3, ['millimetre'], si],
  ['in', 'length', metrePerFoot / 12, ['inch', 'inches', '"'], nist],
  ['ft', 'length', metrePerFoot, ['foot', 'feet', 'row ft', 'row feet', 'row foot'], nist],
  ['km', 'length', 1000, ['kilometre', 'kilometer'], si],
  ['mi', 'length', 1609.344, ['mile', 'miles'], nist],
  ['piece', 'count', 1, ['pieces', 'plant', 'plants', 'pot', 'pots', 'tree', 'trees', 'vine', 'vines', 'shrub', 'shrubs', 'bush', 'bushes'], plain],
  ['%', 'share', 0.01, ['percent', 'per cent'], plain],
  ['s', 'time', 1, ['sec', 'second', 'seconds'], si],
  ['min', 'time', 60, ['minute', 'minutes'], si],
  ['h', 'time', 3600, ['hour', 'hours', 'hr'], si],
  ['Pa', 'pressure', 1, ['pascal'], si],
  ['kPa', 'pressure', 1e3, [], si],
  ['bar', 'pressure', 1e5, ['bars'], si],
  ['psi', 'pressure', 6894.757293168, [], nist],
]

/** Every unit a grower may type. Store units: kg, L, m², m, piece, share of one, s, Pa. */
export const unitDefinitions: readonly UnitDefinition[] = rows.map(
  ([symbol, dimension, factor, synonyms, from]) => ({
    symbol,
    dimension,
    factor,
    synonyms,
    ...from,
  }),
)

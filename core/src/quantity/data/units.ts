import type { Sourced } from '../../reference/index.ts'

/** What a unit measures. Volume and area are kept apart from length so that nonsense is refused. */
export type BaseDimension = 'mass' | 'volume' | 'area' | 'length' | 'count' | 'share'

export interface UnitDefinition extends Sourced {
  /** Printed symbol, and the name by which code asks for it. */
  readonly symbol: string
  readonly dimension: BaseDimension
  /** How many of the store's unit (kg, L, m², m, piece, 1) one of these is. */
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
/** US survey acre, 43,560 ft² of the international foot. */
const squareFeetPerAcre = 43560

/** Every unit a grower may type. Store units: kg, L, m², m, piece, share of one. */
export const unitDefinitions: readonly UnitDefinition[] = [
  { symbol: 'kg', dimension: 'mass', factor: 1, synonyms: ['kilogram', 'kilograms', 'kgs'], ...si },
  { symbol: 'g', dimension: 'mass', factor: 1e-3, synonyms: ['gram', 'grams', 'gm'], ...si },
  { symbol: 'mg', dimension: 'mass', factor: 1e-6, synonyms: ['milligram', 'milligrams'], ...si },
  { symbol: 't', dimension: 'mass', factor: 1000, synonyms: ['tonne', 'tonnes'], ...si },
  {
    symbol: 'lb',
    dimension: 'mass',
    factor: kgPerPound,
    synonyms: ['lbs', 'pound', 'pounds'],
    ...nist,
  },
  {
    symbol: 'oz',
    dimension: 'mass',
    factor: kgPerPound / 16,
    synonyms: ['ounce', 'ounces'],
    ...nist,
  },
  {
    symbol: 'L',
    dimension: 'volume',
    factor: 1,
    synonyms: ['l', 'litre', 'litres', 'liter', 'liters'],
    ...si,
  },
  { symbol: 'mL', dimension: 'volume', factor: 1e-3, synonyms: ['ml', 'cc'], ...si },
  { symbol: 'm3', dimension: 'volume', factor: 1000, synonyms: ['m³', 'cubic metre'], ...si },
  {
    symbol: 'gal',
    dimension: 'volume',
    factor: litrePerGallon,
    synonyms: ['gallon', 'gallons', 'us gal', 'gals'],
    ...nist,
  },
  {
    symbol: 'qt',
    dimension: 'volume',
    factor: litrePerGallon / 4,
    synonyms: ['quart', 'quarts'],
    ...nist,
  },
  {
    symbol: 'pt',
    dimension: 'volume',
    factor: litrePerGallon / 8,
    synonyms: ['pint', 'pints'],
    ...nist,
  },
  {
    symbol: 'fl oz',
    dimension: 'volume',
    factor: litrePerGallon / 128,
    synonyms: ['floz', 'fluid ounce', 'fluid ounces', 'fl. oz', 'fl.oz'],
    ...nist,
  },
  {
    symbol: 'cup',
    dimension: 'volume',
    factor: litrePerGallon / 16,
    synonyms: ['cups'],
    ...nist,
  },
  {
    symbol: 'tbsp',
    dimension: 'volume',
    factor: litrePerGallon / 256,
    synonyms: ['tablespoon', 'tablespoons', 'tbs'],
    ...nist,
  },
  {
    symbol: 'tsp',
    dimension: 'volume',
    factor: litrePerGallon / 768,
    synonyms: ['teaspoon', 'teaspoons'],
    ...nist,
  },
  {
    symbol: 'm2',
    dimension: 'area',
    factor: 1,
    synonyms: ['m²', 'sq m', 'sqm', 'square metres', 'square meters'],
    ...si,
  },
  { symbol: 'ha', dimension: 'area', factor: 1e4, synonyms: ['hectare', 'hectares'], ...si },
  {
    symbol: 'ft2',
    dimension: 'area',
    factor: metrePerFoot ** 2,
    synonyms: ['ft²', 'sq ft', 'sqft', 'square feet'],
    ...nist,
  },
  {
    symbol: 'acre',
    dimension: 'area',
    factor: squareFeetPerAcre * metrePerFoot ** 2,
    synonyms: ['acres', 'ac'],
    ...nist,
  },
  { symbol: 'm', dimension: 'length', factor: 1, synonyms: ['metre', 'metres', 'meter'], ...si },
  { symbol: 'cm', dimension: 'length', factor: 0.01, synonyms: ['centimetre'], ...si },
  { symbol: 'mm', dimension: 'length', factor: 1e-3, synonyms: ['millimetre'], ...si },
  {
    symbol: 'in',
    dimension: 'length',
    factor: metrePerFoot / 12,
    synonyms: ['inch', 'inches', '"'],
    ...nist,
  },
  {
    symbol: 'ft',
    dimension: 'length',
    factor: metrePerFoot,
    synonyms: ['foot', 'feet'],
    ...nist,
  },
  {
    symbol: 'piece',
    dimension: 'count',
    factor: 1,
    synonyms: ['pieces', 'plant', 'plants', 'pot', 'pots', 'tree', 'trees'],
    ...plain,
  },
  { symbol: '%', dimension: 'share', factor: 0.01, synonyms: ['percent', 'per cent'], ...plain },
]

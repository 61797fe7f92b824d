import type { Dimension, UnitSystem } from '../../../base/quantity/index.ts'
import { eachFrom, none, type None } from '../../../base/reference/index.ts'

/** What a rate measures out: product, or the nutrient in it. */
export type Measured = 'product' | 'nutrient'

/** What a rate counts by, each in the store's unit. */
export const counted = {
  area: { unit: 'm2', missing: 'a size by area for this rate: how much ground it goes onto' },
  trunk: { unit: 'm', missing: 'a size by trunks for this rate: how many and how thick' },
  plant: { unit: 'piece', missing: 'the number of plants: this rate counts by plant' },
  row: { unit: 'm', missing: 'the length of row or drip line: this rate counts by length' },
  medium: { unit: 'L', missing: 'a size by pots for this rate: their number and volume' },
  carrier: { unit: 'L', missing: 'the water it goes out in: this rate is a strength' },
  solution: { unit: 'L', missing: 'a size by solution for this rate: how much is in the loop' },
} as const
export type Counted = keyof typeof counted

interface BasisDefinition {
  readonly measured: Measured
  readonly by: Counted
  readonly dimension: Dimension
  readonly label: string
  readonly formula: string
  /** The units in which a place says it, the usual one first. */
  readonly saidIn: Readonly<Record<UnitSystem, readonly string[]>>
  /** In which order the maximum of a label in such a unit is taken to mean it. */
  readonly asMaximum: number | None
  /** Whether what is there already counts, so that the rate is brought up to and not added. */
  readonly countsPresent: boolean
}

/** What a rate counts by; each has one way to an amount. */
export const rateBases = eachFrom(
  { source: 'definition; the order of `asMaximum` is how labels are written', mark: 'D' },
  {
    'product-per-area': {
      measured: 'product',
      by: 'area',
      dimension: 'mass/area',
      label: 'product per area',
      formula: 'product = rate × area',
      saidIn: {
        us: ['oz/1000 ft2', 'lb/acre', 'fl oz/1000 ft2'],
        metric: ['kg/ha', 'g/m2', 'L/ha'],
      },
      asMaximum: 1,
      countsPresent: false,
    },
    'iron-per-area': {
      measured: 'nutrient',
      by: 'area',
      dimension: 'mass/area',
      label: 'iron per area',
      formula: 'product = iron rate × area ÷ iron in the product',
      saidIn: { us: ['lb/acre'], metric: ['kg/ha'] },
      asMaximum: none('a label limits product'),
      countsPresent: false,
    },
    'product-per-trunk': {
      measured: 'product',
      by: 'trunk',
      dimension: 'mass/length',
      label: 'product per trunk diameter',
      formula: 'product = rate × trunk diameter × trees',
      saidIn: { us: ['oz/in', 'tbsp/in'], metric: ['g/cm', 'mL/cm'] },
      asMaximum: 1,
      countsPresent: false,
    },
    'product-per-plant': {
      measured: 'product',
      by: 'plant',
      dimension: 'mass/count',
      label: 'product per plant',
      formula: 'product = rate × plants',
      saidIn: { us: ['oz/plant', 'tbsp/plant'], metric: ['g/plant', 'mL/plant'] },
      asMaximum: 1,
      countsPresent: false,
    },
    'product-per-row': {
      measured: 'product',
      by: 'row',
      dimension: 'mass/length',
      label: 'product per length of row',
      formula: 'product = rate × length of row',
      saidIn: { us: ['oz/ft', 'tbsp/ft'], metric: ['g/m', 'mL/m'] },
      asMaximum: 2,
      countsPresent: false,
    },
    'product-per-medium': {
      measured: 'product',
      by: 'medium',
      dimension: 'mass/volume',
      label: 'product per volume of pot',
      formula: 'product = rate × pot × pots',
      saidIn: { us: ['oz/gal'], metric: ['g/L'] },
      asMaximum: 3,
      countsPresent: false,
    },
    'drench-strength': {
      measured: 'product',
      by: 'carrier',
      dimension: 'mass/volume',
      label: 'product in the drench',
      formula: 'drench = share of pot volume × pot × pots; product = strength × drench',
      saidIn: { us: ['oz/100 gal', 'tbsp/gal', 'fl oz/gal'], metric: ['g/10 L', 'mL/10 L'] },
      asMaximum: 2,
      countsPresent: false,
    },
    'spray-strength': {
      measured: 'product',
      by: 'carrier',
      dimension: 'share',
      label: 'strength of the spray',
      formula: 'spray = water rate × size; product = strength (w/v, 1 % = 10 g/L) × spray',
      saidIn: { us: ['%'], metric: ['%'] },
      asMaximum: 1,
      countsPresent: false,
    },
    'product-in-solution': {
      measured: 'product',
      by: 'solution',
      dimension: 'mass/volume',
      label: 'product in the solution',
      formula: 'product = rate × volume',
      saidIn: { us: ['oz/100 gal'], metric: ['mg/L'] },
      asMaximum: 1,
      countsPresent: false,
    },
    'iron-in-solution': {
      measured: 'nutrient',
      by: 'solution',
      dimension: 'mass/volume',
      label: 'iron in the solution',
      formula: 'product = (wanted − present) × volume ÷ iron in the product',
      saidIn: { us: ['mg/L'], metric: ['mg/L'] },
      asMaximum: none('a label limits product'),
      countsPresent: true,
    },
  } as const satisfies Readonly<Record<string, BasisDefinition>>,
)

export type RateBasis = keyof typeof rateBases

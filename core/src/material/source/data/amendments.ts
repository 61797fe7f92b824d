import type { FigureRange, Sourced } from '../../../base/reference/index.ts'

/** What an amendment of the ground is mostly bought for. */
export type AmendmentContent = 'S' | 'N' | 'Al' | 'Ca' | 'OM'
export const amendmentContentWords: Readonly<Record<AmendmentContent, string>> = {
  S: 'sulfur',
  N: 'nitrogen',
  Al: 'aluminium',
  Ca: 'calcium',
  OM: 'organic matter',
}

/** Something that changes the pH of ground, as it is bought. */
export interface Amendment extends Sourced {
  readonly id: string
  readonly name: string
  readonly content: AmendmentContent
  /** What it is bought for in the product by mass [1]. */
  readonly contentShare: FigureRange
  /** Retail price of a kilogram, in the money of the place. */
  readonly pricePerKg: FigureRange & Sourced
  readonly densityKgPerL: { readonly value: number } & Sourced
  readonly brings?: Readonly<Partial<Record<'N' | 'S', number>>>
}

const price = (low: number, usual: number, high: number) => ({
  low,
  usual,
  high,
  source: 'retail prices, about; the own bill replaces them',
  mark: 'J' as const,
})
const weighs = (value: number) => ({
  value,
  source: 'poured, about; weigh a scoop',
  mark: 'C' as const,
})
const label = { source: 'labels of such products (common practice)', mark: 'C' } as const

/** Generic amendments that lower or raise pH; ferrous sulfate stands among the sources of iron. */
export const amendments = [
  {
    id: 'sulfur-flour',
    name: 'Sulfur flour',
    content: 'S',
    contentShare: { low: 0.95, usual: 0.99, high: 0.999 },
    pricePerKg: price(1.2, 2, 3.5),
    densityKgPerL: weighs(0.6),
    ...label,
  },
  {
    id: 'sulfur-granules',
    name: 'Sulfur granules that fall apart',
    content: 'S',
    contentShare: { low: 0.88, usual: 0.9, high: 0.92 },
    pricePerKg: price(0.8, 1.4, 2.5),
    densityKgPerL: weighs(1.2),
    ...label,
  },
  {
    id: 'sulfur-prills',
    name: 'Sulfur prills that stay whole',
    content: 'S',
    contentShare: { low: 0.9, usual: 0.95, high: 0.99 },
    pricePerKg: price(0.6, 1, 1.8),
    densityKgPerL: weighs(1.25),
    ...label,
  },
  {
    id: 'ammonium-sulfate',
    name: 'Ammonium sulfate',
    content: 'N',
    contentShare: { low: 0.205, usual: 0.21, high: 0.212 },
    pricePerKg: price(0.5, 0.9, 1.6),
    densityKgPerL: weighs(1),
    brings: { S: 0.24 },
    source: 'formula 28.01/132.14, label 21-0-0 with 24 % S',
    mark: 'D',
  },
  {
    id: 'urea',
    name: 'Urea',
    content: 'N',
    contentShare: { low: 0.46, usual: 0.46, high: 0.466 },
    pricePerKg: price(0.6, 1, 1.8),
    densityKgPerL: weighs(0.75),
    source: 'formula 28.01/60.06, label 46-0-0',
    mark: 'D',
  },
  {
    id: 'aluminium-sulfate',
    name: 'Aluminium sulfate',
    content: 'Al',
    contentShare: { low: 0.081, usual: 0.081, high: 0.091 },
    pricePerKg: price(0.9, 1.6, 3),
    densityKgPerL: weighs(1),
    brings: { S: 0.144 },
    source: '18-hydrate 53.96/666.4; drier grades hold more',
    mark: 'D',
  },
  {
    id: 'peat-moss',
    name: 'Peat moss, dry weight',
    content: 'OM',
    contentShare: { low: 0.9, usual: 0.95, high: 0.98 },
    pricePerKg: price(0.6, 1, 2),
    densityKgPerL: weighs(0.12),
    ...label,
  },
  {
    id: 'needle-mulch',
    name: 'Pine needles, oak leaves or bark',
    content: 'OM',
    contentShare: { low: 0.8, usual: 0.9, high: 0.95 },
    pricePerKg: price(0, 0.15, 0.4),
    densityKgPerL: weighs(0.15),
    ...label,
  },
  {
    id: 'limestone',
    name: 'Ground limestone',
    content: 'Ca',
    contentShare: { low: 0.32, usual: 0.36, high: 0.39 },
    pricePerKg: price(0.1, 0.25, 0.5),
    densityKgPerL: weighs(1.3),
    ...label,
  },
] as const satisfies readonly Amendment[]

export type AmendmentId = (typeof amendments)[number]['id']

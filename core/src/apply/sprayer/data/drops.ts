import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

const byEye = {
  source: 'class names of ASABE S572; share that stays on the leaf is judged',
  mark: 'J',
} as const

/** Classes of drop size, fine to coarse, in the words of the standard. */
export const dropClasses = [
  { id: 'very-fine', label: 'very fine', held: 0.8, words: 'drifts before it lands', ...byEye },
  { id: 'fine', label: 'fine', held: 0.95, words: 'covers well, drifts in a breeze', ...byEye },
  { id: 'medium', label: 'medium', held: 0.95, words: 'covers well and stays on', ...byEye },
  {
    id: 'coarse',
    label: 'coarse',
    held: 0.85,
    words: 'some drops bounce off narrow leaves',
    ...byEye,
  },
  { id: 'very-coarse', label: 'very coarse', held: 0.7, words: 'many drops bounce off', ...byEye },
  {
    id: 'extremely-coarse',
    label: 'extremely coarse',
    held: 0.6,
    words: 'for soil, not for leaves: most drops bounce off',
    ...byEye,
  },
] as const satisfies readonly (Sourced & {
  readonly id: string
  readonly label: string
  readonly held: number
  readonly words: string
})[]
export type DropClass = (typeof dropClasses)[number]

/** Where the classes of a flat fan stand: size 02 at 3 bar is fine to medium. */
export const dropScale: Readonly<
  Record<'start' | 'perDoubledFlow' | 'perDoubledPressure', Figure>
> = {
  start: {
    value: 1.9,
    unit: 'class',
    source: 'class names of ASABE S572; places read across for generic nozzles',
    mark: 'J',
  },
  perDoubledFlow: {
    value: 0.8,
    unit: 'classes',
    source: 'bigger nozzles make coarser drops (common practice), as a number',
    mark: 'J',
  },
  perDoubledPressure: {
    value: -0.9,
    unit: 'classes',
    source: 'more pressure makes finer drops (common practice), as a number',
    mark: 'J',
  },
}

/** Leaves that stand over the ground as a sward or in rows, or as the canopy of bushes. */
export type LeafLayer = 'sward' | 'canopy'

/** Water that leaves hold before it runs off, from thin to dense leaves [L/m²]. */
export const leafCapacity: Readonly<Record<LeafLayer, FigureRange & Sourced>> = {
  sward: {
    low: 0.03,
    usual: 0.0374158,
    high: 0.047,
    source: 'common practice: at most 40 gal/acre stays on the leaf; the range is judgement',
    mark: 'C',
  },
  canopy: {
    low: 0.2,
    usual: 0.41,
    high: 0.82,
    source: 'half a gallon to two over 100 ft² of canopy until it glistens, from memory',
    mark: 'M',
  },
}

/**
 * How the share that stays falls once leaves are full: with this power of the water. It is what
 * makes three ounces in 4 gal/1000 ft² do what one does in 1 gal.
 */
export const runOffPower: Figure = {
  value: 0.8,
  unit: '',
  source: 'derived from practice: 1 oz in 1 gal/1000 ft² does as much as 3 oz in 4 gal',
  mark: 'D',
}

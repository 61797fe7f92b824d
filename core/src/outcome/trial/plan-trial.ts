import { shuffler } from 'd3-array'
import { randomLcg } from 'd3-random'
import { CoreError } from '../../base/error/index.ts'

/** What is compared: "iron" with "none", "sulfate", "EDDHA". */
export interface Factor {
  readonly name: string
  readonly levels: readonly string[]
}

/** How plots are laid out. */
export const trialLayouts = {
  scattered: 'scattered over even ground',
  blocks: 'in blocks, each with every treatment once',
  'split-plot': 'in blocks of whole plots for the first factor, split for the second',
} as const
export type TrialLayout = keyof typeof trialLayouts

export interface TrialDesign {
  readonly layout: TrialLayout
  readonly factors: readonly Factor[]
  readonly replicates: number
}

/** A plot on the ground: rows from the near edge, columns from the left, both from 0. */
export interface Plot {
  readonly number: number
  readonly row: number
  readonly column: number
  /** Which replicate or block it belongs to, from 1. */
  readonly block: number
  readonly levels: Readonly<Record<string, string>>
}

/** Most plots of a trial: what one person rates in a morning. */
const mostPlots = 240

/** Every combination of levels, the first factor varying slowest. */
export function treatmentsOf(
  factors: readonly Factor[],
): readonly Readonly<Record<string, string>>[] {
  return factors.reduce<readonly Readonly<Record<string, string>>[]>(
    (rows, { name, levels }) =>
      rows.flatMap((row) => levels.map((level) => ({ ...row, [name]: level }))),
    [{}],
  )
}

/** What a treatment is called: its levels in the order of the factors. */
export const treatmentName = (factors: readonly Factor[], levels: Plot['levels']): string =>
  factors.map(({ name }) => levels[name] ?? '').join(' · ')

function requireDesign({ layout, factors, replicates }: TrialDesign): void {
  const parameter = 'design'
  const names = new Set(factors.map(({ name }) => name))
  if (factors.length === 0 || factors.length > 2)
    throw new CoreError('factors-too-many', { parameter })
  if (names.size < factors.length) throw new CoreError('factors-alike', { parameter })
  if (layout === 'split-plot' && factors.length !== 2)
    throw new CoreError('split-without-two-factors', { parameter })
  for (const { name, levels } of factors) {
    if (new Set(levels).size !== levels.length)
      throw new CoreError('levels-alike', { parameter, values: { factor: name } })
    if (levels.length < 2)
      throw new CoreError('levels-too-few', { parameter, values: { factor: name } })
  }
  if (!Number.isInteger(replicates) || replicates < 1)
    throw new CoreError('replicates-too-few', { parameter })
  const plots = replicates * treatmentsOf(factors).length
  if (plots > mostPlots)
    throw new CoreError('plots-too-many', { parameter, values: { most: mostPlots, plots } })
}

/**
 * Lays a trial out at random, the same seed always alike.
 * @param seed 0 to below 1 [1]
 * @throws {CoreError} out-of-range with what a design must have
 */
export function planTrial(design: TrialDesign, seed: number): readonly Plot[] {
  requireDesign(design)
  const { layout, factors, replicates } = design
  const shuffle = shuffler(randomLcg(seed))
  const treatments = treatmentsOf(factors)
  const blocks = Array.from({ length: replicates }, (_, index) => index + 1)
  if (layout === 'scattered') {
    const all = shuffle(blocks.flatMap((block) => treatments.map((levels) => ({ block, levels }))))
    const columns = Math.ceil(Math.sqrt(all.length))
    return all.map((plot, index) => ({
      ...plot,
      number: index + 1,
      row: Math.floor(index / columns),
      column: index % columns,
    }))
  }
  return blocks.flatMap((block, row) => {
    const order = layout === 'split-plot' ? splitOrder(factors, shuffle) : shuffle([...treatments])
    return order.map((levels, column) => ({
      number: row * treatments.length + column + 1,
      row,
      column,
      block,
      levels,
    }))
  })
}

/** Whole plots of the first factor side by side, each split among the levels of the second. */
function splitOrder(
  [whole, split]: readonly Factor[],
  shuffle: <Item>(items: Item[]) => Item[],
): Plot['levels'][] {
  if (!whole || !split) return []
  return shuffle([...whole.levels]).flatMap((level) =>
    shuffle([...split.levels]).map((other) => ({ [whole.name]: level, [split.name]: other })),
  )
}

/** Plots in the order in which one walks them: up one row, back the next. */
export function walkingOrder(plots: readonly Plot[]): readonly Plot[] {
  return plots.toSorted(
    (a, b) => a.row - b.row || (a.row % 2 === 0 ? a.column - b.column : b.column - a.column),
  )
}

import { formatAtMost } from '../../base/writing/index.ts'
import type { IronSourceId } from '../source/index.ts'
import { findIronSource, sourceKinds } from '../source/index.ts'
import type { LabelField } from './check-label.ts'
import type { Label } from './label.ts'
import { labelProgramme, type LabelProgramme, type ProgrammeOptions } from './label-programme.ts'

/** Iron that one source of a label can carry. */
export interface SourceBounds {
  readonly sourceId: IronSourceId
  /** [g in 100 g of product] */
  readonly least: number
  readonly most: number
  /** Of the label's iron [1]. */
  readonly leastShare: number
  readonly mostShare: number
}

/** What a label can be, or why it can be nothing. */
export type LabelBounds =
  | {
      readonly possible: true
      readonly sources: readonly SourceBounds[]
      /** Of the iron, at the least, that no chelator or complex carries [1]. */
      readonly openLeastShare: number
      /** What the other nutrients take of 100 g, at the least. */
      readonly othersLeastG: number
    }
  | { readonly possible: false; readonly field: LabelField; readonly words: string }

const round = (value: number): string => formatAtMost(value, value < 10 ? 2 : 1)

const sum = () => 1

/** Drops limits, to see what could be without them. */
function without(programme: LabelProgramme, ...names: readonly string[]) {
  return Object.fromEntries(
    Object.entries(programme.limits).filter(([name]) => !names.includes(name)),
  )
}

/** Which figure cannot be: limits are let go one after the other until a bag fits. */
function whyImpossible(
  label: Label,
  programme: LabelProgramme,
): Extract<LabelBounds, { possible: false }> {
  const no = (field: LabelField, words: string) => ({ possible: false, field, words }) as const
  const othersG = programme.othersLeastG()
  if (othersG > 100) {
    const words = Number.isFinite(othersG)
      ? `The other nutrients alone take ${round(othersG)} of 100 g. One of them is misread.`
      : 'Nothing named on the label holds all the nutrients it declares.'
    return no('derivedFrom', words)
  }
  const noParts = without(programme, 'Fe', 'chelated', 'soluble', 'orthoOrtho')
  const mostIron = programme.solveFor('maximize', sum, noParts) ?? 0
  const names = label.sourceIds.map((id) => findIronSource(id).name).join(', ') || 'any source'
  if (mostIron < label.iron - 1e-9) {
    return no(
      'Fe',
      `${round(label.iron)} % iron cannot be: from ${names} at most ${round(mostIron)} % fits beside the rest.`,
    )
  }
  const parts = [
    ['chelated', 'chelated', label.chelated],
    ['soluble', 'waterSoluble', label.waterSoluble],
    ['orthoOrtho', 'orthoOrtho', label.orthoOrtho],
  ] as const
  for (const [limit, field, declared] of parts) {
    if (declared === undefined) continue
    const freed = without(programme, limit)
    const counts = (variable: LabelProgramme['iron'][number]): number => {
      if (limit === 'chelated') return sourceKinds[variable.source.kind].isOpen ? 0 : 1
      if (limit === 'soluble') return sourceKinds[variable.source.kind].dissolves ? 1 : 0
      return variable.orthoOrtho ?? 0
    }
    const most = programme.solveFor('maximize', counts, freed)
    if (most === undefined) continue
    const least = programme.solveFor('minimize', counts, freed) ?? 0
    const bound = declared > most ? `at most ${round(most)}` : `at least ${round(least)}`
    return no(field, `${round(declared)} % here cannot be: from ${names} it is ${bound} %.`)
  }
  return no('Fe', `No mix of ${names} gives these figures together. Check them against the label.`)
}

/**
 * Least and most iron that each source of a label can be carrying.
 * @returns bounds, or which figure of the label cannot be
 * @source linear programme over masses; contents of the source room
 */
export function labelBounds(label: Label, options: ProgrammeOptions = {}): LabelBounds {
  const programme = labelProgramme(label, options)
  if (programme.solveFor('maximize', sum) === undefined) return whyImpossible(label, programme)
  const ids = [...new Set(programme.iron.map(({ source }) => source.id))]
  const sources = ids.map((sourceId): SourceBounds => {
    const own = (variable: { source: { id: string } }) => (variable.source.id === sourceId ? 1 : 0)
    const least = programme.solveFor('minimize', own) ?? 0
    const most = programme.solveFor('maximize', own) ?? 0
    return {
      sourceId,
      least,
      most,
      leastShare: least / label.iron,
      mostShare: most / label.iron,
    }
  })
  const isOpen = ({ source: { kind } }: LabelProgramme['iron'][number]) =>
    sourceKinds[kind].isOpen ? 1 : 0
  return {
    possible: true,
    sources,
    openLeastShare: (programme.solveFor('minimize', isOpen) ?? 0) / label.iron,
    othersLeastG: programme.othersLeastG(),
  }
}

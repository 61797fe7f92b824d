import { formatAtMost } from '../../base/writing/index.ts'
import {
  ingredients,
  ironSources,
  nutrients,
  type IronSourceId,
  type Nutrient,
} from '../source/index.ts'
import type { Label, LabelDraft } from './label.ts'

/** A field of a label draft: a nutrient of the analysis or one of the others. */
export type LabelField = Nutrient | Exclude<keyof LabelDraft, 'analysis'>

/** A label that can be calculated with, or what is wrong with it, by field. */
export type CheckedLabel =
  | { readonly label: Label; readonly problems: Readonly<Record<string, never>> }
  | { readonly label: undefined; readonly problems: Readonly<Partial<Record<LabelField, string>>> }

/** Longest names first: "ferrous ammonium sulfate" is not ammonium sulfate. */
interface Named {
  readonly name: string
  readonly sourceId?: IronSourceId
  readonly ingredientId?: string
}
const known: readonly Named[] = [
  ...ironSources.flatMap(({ id, labelNames }) =>
    labelNames.map((name): Named => ({ name, sourceId: id })),
  ),
  ...ingredients.flatMap(({ id, labelNames }) =>
    labelNames.map((name): Named => ({ name, ingredientId: id })),
  ),
].toSorted((a, b) => b.name.length - a.name.length)

function readNames(text: string) {
  const items = text
    .toLowerCase()
    .split(/,|;|\n|\+|\band\b|&/)
    .map((item) => item.trim())
    .filter((item) => item !== '')
  const found = items.map((item) => known.find(({ name }) => item.includes(name)))
  const unique = <Value>(values: readonly (Value | undefined)[]): Value[] => [
    ...new Set(values.filter((value) => value !== undefined)),
  ]
  return {
    sourceIds: unique(found.map((each) => each?.sourceId)),
    ingredientIds: unique(found.map((each) => each?.ingredientId)),
    unknownNames: items.filter((_, index) => found[index] === undefined),
  }
}

const fieldWords: Readonly<Record<string, string>> = {
  Fe: 'iron',
  chelated: 'chelated iron',
  waterSoluble: 'water-soluble iron',
  orthoOrtho: 'ortho-ortho iron',
}

/**
 * Reads a label's fields and says beside each what is wrong with it. Nothing is changed.
 * @returns the label, or the problems
 */
export function checkLabel(draft: LabelDraft): CheckedLabel {
  const problems: Partial<Record<LabelField, string>> = {}

  function percent(field: LabelField, text: string | undefined): number | undefined {
    const trimmed = (text ?? '').trim().replace(/\s*%$/, '').replace(',', '.')
    if (trimmed === '') return undefined
    const value = Number(trimmed)
    const what = fieldWords[field] ?? field
    if (!Number.isFinite(value)) problems[field] = `Give ${what} as a number, such as 6.`
    else if (value < 0)
      problems[field] = `Nothing holds less than none: give ${what} from 0 to 100.`
    else if (value > 100) problems[field] = `A bag holds 100 %: give ${what} from 0 to 100.`
    else return value
    return undefined
  }

  const totals = Object.fromEntries(
    nutrients.flatMap((nutrient) => {
      const value = percent(nutrient, draft.analysis[nutrient])
      return value === undefined ? [] : [[nutrient, value]]
    }),
  ) as Partial<Record<Nutrient, number>>
  const iron = totals.Fe
  if (!problems.Fe && (iron === undefined || iron === 0)) {
    problems.Fe = 'Give the total of iron: without it there is nothing to share out.'
  }
  const sum = Object.values(totals).reduce((all, value) => all + value, 0)
  if (!problems.Fe && sum > 100) {
    problems.Fe = `The figures add up to ${formatAtMost(sum, 1)} %; a bag holds 100. Check them against the label.`
  }

  function part(field: 'chelated' | 'waterSoluble' | 'orthoOrtho'): number | undefined {
    const isAll = /^\s*(all|total|fully)\s*$/i.test(draft[field])
    const value = isAll ? iron : percent(field, draft[field])
    if (value !== undefined && iron !== undefined && value > iron + 1e-9) {
      problems[field] =
        `A part cannot be more than the whole: ${fieldWords[field] ?? field} is at most ${iron} %.`
    }
    return value
  }
  const parts = {
    chelated: part('chelated'),
    waterSoluble: part('waterSoluble'),
    orthoOrtho: part('orthoOrtho'),
  }
  if (Object.keys(problems).length > 0 || iron === undefined) return { label: undefined, problems }
  return {
    label: {
      totals,
      iron,
      ...(parts.chelated === undefined ? {} : { chelated: parts.chelated }),
      ...(parts.waterSoluble === undefined ? {} : { waterSoluble: parts.waterSoluble }),
      ...(parts.orthoOrtho === undefined ? {} : { orthoOrtho: parts.orthoOrtho }),
      ...readNames(draft.derivedFrom),
    },
    problems: {},
  }
}

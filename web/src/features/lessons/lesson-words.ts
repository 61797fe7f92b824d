import type { Derivation } from '@spudder/core/base/reference'
import { formatAtMost, formatDecimals } from '@spudder/core/base/writing'
import {
  betweenPlaces,
  betweenStands,
  halfForgotten,
  type LearntResponse,
  type LessonRow,
} from '@spudder/core/outcome/learnt'

/** What is learnt of a kind of treatment, as people say it. */
export const rowWords: Readonly<Record<LessonRow['name'], string>> = {
  size: 'How much it greens',
  onset: 'Full colour after',
  lasting: 'Lasts',
  failing: 'Does nothing',
}

type Span = LessonRow['here']
const perHundred = (share: number): string => formatAtMost(100 * share, 0)
const spans: Readonly<Record<LessonRow['unit'], (span: Span) => string>> = {
  days: ({ low, high }) => `${formatAtMost(low, 0)} to ${formatAtMost(high, 0)} days`,
  times: ({ low, high }) => `${formatDecimals(low, 1)} to ${formatDecimals(high, 1)} × the usual`,
  share: ({ mean = NaN, low, high }) =>
    `${perHundred(mean)} in 100 (${perHundred(low)} to ${perHundred(high)})`,
}
const values: Readonly<Record<LessonRow['unit'], (value: number) => string>> = {
  days: (value) => `${formatAtMost(value, 0)} days`,
  times: (value) => `${formatDecimals(value, 1)} × the usual`,
  share: (value) => `${perHundred(value)} in 100`,
}

export const publishedWords = ({ unit, published }: LessonRow): string => spans[unit](published)
export const hereWords = ({ unit, here }: LessonRow): string => spans[unit](here)
export function seenWords({ unit, seen }: LessonRow): string {
  if (!seen) return 'nothing yet'
  return `${values[unit](seen.value)}, of ${seen.count} ${seen.count === 1 ? 'treatment' : 'treatments'}`
}

/** How what is expected here was got. */
export function lessonDerivation(
  { published, entryIds }: LearntResponse,
  rows: readonly LessonRow[],
): Derivation {
  return {
    figure: `How leaves answer ${published.label} here`,
    formula:
      'what each watched treatment told of itself, what is usual divided out, drawn to the published as far as that is surer: a bell for the place, one for its stands, one for single times; how wide the latter two are is weighed, not known. Failures are a share, drawn to the usual one.',
    inputs: [
      ...rows.map((row) => ({
        label: rowWords[row.name],
        value: `published ${publishedWords(row)}; seen ${seenWords(row)}; so here ${hereWords(row)}`,
      })),
      {
        label: 'of the published range lies between places',
        value: `${perHundred(betweenPlaces.value)} in 100, between stands of one ${perHundred(betweenStands.value)}, the rest from time to time`,
      },
      {
        label: 'counts half as much after',
        value: `${halfForgotten.value} days`,
      },
    ],
    result: `what is expected here of ${entryIds.length} watched ${entryIds.length === 1 ? 'treatment' : 'treatments'}: ranges hold eight of ten times`,
    source: `${published.source}; a hierarchical normal model and a beta distribution, Gelman et al., Bayesian Data Analysis; what would change it: more looks after a treatment, or striking an entry out`,
    mark: 'D',
  }
}

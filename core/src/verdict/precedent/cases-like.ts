import type { Day } from '../../base/calendar/index.ts'
import type { Derivation } from '../../base/reference/index.ts'
import { formatAtMost } from '../../base/writing/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import { likeEnough, ofOtherContext, ofOtherPlant } from './data/likeness.ts'

/** What a verdict thinks likely, cause or pair by its id. */
export interface CauseChance {
  readonly causeId: string
  readonly probability: number
}

/** What a case is compared by. */
export interface ComparedCase {
  readonly context: Context
  readonly plantId: string
  readonly verdict: readonly CauseChance[]
}

/** A case that is over: what was thought, what was done, how it went. */
export interface PastCase extends ComparedCase {
  readonly id: string
  readonly standId: string
  readonly standName: string
  readonly openedOn: Day
  readonly closedOn: Day
  readonly outcome: 'green' | 'given-up'
  readonly note: string
  /** In the order of their days; empty: nothing was put out. */
  readonly treatments: readonly { readonly appliedName: string; readonly happenedOn: Day }[]
}

export interface LikeCase<Of extends PastCase = PastCase> {
  readonly past: Of
  /** 0 nothing in common to 1 the same verdict on the same plant. */
  readonly likeness: number
}

/** How much two verdicts have in common, 0 to 1: the cosine of the roots of their chances. */
function overlap(one: readonly CauseChance[], other: readonly CauseChance[]): number {
  const chances = new Map(other.map(({ causeId, probability }) => [causeId, probability]))
  return one.reduce(
    (sum, { causeId, probability }) => sum + Math.sqrt(probability * (chances.get(causeId) ?? 0)),
    0,
  )
}

function likenessOf(now: ComparedCase, past: ComparedCase): number {
  const shared = overlap(now.verdict, past.verdict)
  if (now.context !== past.context) return shared * ofOtherContext.value
  return now.plantId === past.plantId ? shared : shared * ofOtherPlant.value
}

/**
 * Past cases that are like one of now, the likest first; of two that are as like, the later one.
 * @param most so many at most
 * @returns likeness from 0 to 1 [1]; none where none is like enough
 * @source overlap of two distributions, Bhattacharyya 1943 (M)
 */
export const casesLike = <Of extends PastCase>(
  now: ComparedCase,
  past: readonly Of[],
  most = 3,
): LikeCase<Of>[] =>
  past
    .map((each) => ({ past: each, likeness: likenessOf(now, each) }))
    .filter(({ likeness }) => likeness >= likeEnough.value)
    .toSorted((a, b) => b.likeness - a.likeness || b.past.closedOn.localeCompare(a.past.closedOn))
    .slice(0, most)

/**
 * How likeness was got.
 * @param from so many cases were compared [1]
 */
export function likenessDerivation(all: readonly LikeCase[], from: number): Derivation {
  const share = (value: number) => formatAtMost(100 * value, 0)
  return {
    figure: 'How like a past case is',
    formula:
      'the sum over all causes of √(chance now × chance then), which is 1 where both verdicts are the same; less for another plant, and less for another kind of stand',
    inputs: [
      { label: 'cases that were closed here', value: String(from) },
      { label: 'for another plant, times', value: formatAtMost(ofOtherPlant.value, 2) },
      { label: 'for another kind of stand, times', value: formatAtMost(ofOtherContext.value, 2) },
      { label: 'told from', value: `${share(likeEnough.value)} in 100 on` },
    ],
    result: all.map(({ past, likeness }) => `${past.standName} ${share(likeness)} in 100`).join('; '), // prettier-ignore
    source:
      'overlap of two distributions, Bhattacharyya 1943, from memory; what would change it: another look, or correcting what was found in the past case',
    mark: 'D',
  }
}

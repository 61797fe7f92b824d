import type { Context } from '../../stand/plant/index.ts'
import type { FeatureName } from './data/features.ts'
import { hypothesesOf } from './hypotheses.ts'
import { featureTable } from './likelihood-table.ts'

const seenFirst: readonly FeatureName[] = ['tier', 'pattern', 'severity']

/** How much two causes have in common in what they show of a feature: the overlap of its values [1]. */
function overlapIn(name: FeatureName, oneId: string, otherId: string, context: Context): number {
  const hypotheses = hypothesesOf(context)
  const [one, other] = [oneId, otherId].map((id) => hypotheses.findIndex((each) => each.id === id))
  if (one === undefined || other === undefined || one < 0 || other < 0) return 0
  const { rows } = featureTable(name, { context, leaf: 'broad', findings: {} })
  return rows.reduce((sum, row) => sum + Math.sqrt((row[one] ?? 0) * (row[other] ?? 0)), 0)
}

/**
 * How alike two causes look on a kind of stand, by the signs that are seen first.
 * @returns 0 never alike to 1 always alike [1]; 0 where either does not occur there
 * @source overlap of two distributions, Bhattacharyya 1943 (M)
 */
export const featureLikeness = (oneId: string, otherId: string, context: Context): number =>
  seenFirst.reduce((product, name) => product * overlapIn(name, oneId, otherId, context), 1)

/** Of some features, those that tell two causes apart best on a kind of stand, the best first. */
export const tellingApart = (
  oneId: string,
  otherId: string,
  { context, among }: { readonly context: Context; readonly among: readonly FeatureName[] },
): readonly FeatureName[] =>
  among
    .map((name) => ({ name, overlap: overlapIn(name, oneId, otherId, context) }))
    .toSorted((a, b) => a.overlap - b.overlap)
    .map(({ name }) => name)

import { contextNames, type Context } from '../../stand/plant/index.ts'
import { causesOf } from './causes.ts'
import type { Cause } from './data/cause.ts'
import { commonPairs, families, pairShare } from './data/pairs.ts'

/** What a case may be laid to: one cause, or two at once. */
export interface Hypothesis {
  readonly id: string
  /** One cause or two; of two, the one that iron or the commoner remedy goes to first. */
  readonly causes: readonly [Cause] | readonly [Cause, Cause]
  /** Probability before anything was looked at [1]. */
  readonly prior: number
}

const somethingElse = 'something-else'

const isOneFamily = (a: Cause, b: Cause): boolean =>
  families.some((family) => family.includes(a.id) && family.includes(b.id))

function timesTogether(a: Cause, b: Cause): number {
  const known = commonPairs.find(({ pair }) => pair.includes(a.id) && pair.includes(b.id))
  return known?.times ?? 1
}

function listHypotheses(context: Context): readonly Hypothesis[] {
  const causes = causesOf(context)
  const commonness = (cause: Cause) => cause.commonness[context] ?? cause.commonness.otherwise
  const total = causes.reduce((sum, cause) => sum + commonness(cause), 0)
  const share = (cause: Cause) => commonness(cause) / total

  const mayPair = causes.filter(({ id }) => id !== somethingElse)
  const pairs = mayPair.flatMap((a, index) =>
    mayPair
      .slice(index + 1)
      .filter((b) => !isOneFamily(a, b))
      .map((b) => ({ a, b, weight: share(a) * share(b) * timesTogether(a, b) })),
  )
  const pairTotal = pairs.reduce((sum, { weight }) => sum + weight, 0)
  return [
    ...causes.map((cause): Hypothesis => ({
      id: cause.id,
      causes: [cause],
      prior: share(cause) * (1 - pairShare.value),
    })),
    ...pairs.map(({ a, b, weight }): Hypothesis => ({
      id: `${a.id}+${b.id}`,
      causes: [a, b],
      prior: (weight / pairTotal) * pairShare.value,
    })),
  ]
}

const byContext = new Map(contextNames.map((context) => [context, listHypotheses(context)]))

/** Every single cause and pair that a case of a context may be laid to; priors sum to one. */
export function hypothesesOf(context: Context): readonly Hypothesis[] {
  return byContext.get(context) ?? []
}

import type { TreatmentId } from './data/cause.ts'
import type { Verdict } from './diagnose.ts'
import { beginningOf, bestCredit, creditsOf } from './treatments.ts'

/** How far a verdict has got. */
export interface Settling {
  readonly state: 'settled' | 'leaning' | 'open'
  /** The treatment likeliest to be right, and how likely [1]. */
  readonly treatment: TreatmentId
  readonly chance: number
}

/** From here on a careful person acts [1]; our judgement. */
const settledFrom = 0.7
/** From here on one cause is clearly ahead [1]; our judgement. */
const leaningFrom = 0.5

/** Whether one may act on a verdict: it is the first step that must be settled, not the last cause. */
export function settlingOf({ ranked }: Verdict): Settling {
  const best = bestCredit(
    creditsOf(ranked, beginningOf),
    ranked.map(({ probability }) => probability),
  )
  if (best.chance >= settledFrom) return { state: 'settled', ...best }
  return { state: best.chance >= leaningFrom ? 'leaning' : 'open', ...best }
}

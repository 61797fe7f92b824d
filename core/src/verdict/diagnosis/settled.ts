import { bounds } from './data/bounds.ts'
import type { TreatmentId } from './data/cause.ts'
import type { Verdict } from './diagnose.ts'
import { beginningOf, bestCredit, creditsOf } from './treatments.ts'

/** How far a verdict has got. */
export const settlingStates = ['settled', 'leaning', 'open'] as const
export interface Settling {
  readonly state: (typeof settlingStates)[number]
  /** The treatment likeliest to be right, and how likely [1]. */
  readonly treatment: TreatmentId
  readonly chance: number
}

/** Whether one may act on a verdict: it is the first step that must be settled, not the last cause. */
export function settlingOf({ ranked }: Verdict): Settling {
  const best = bestCredit(
    creditsOf(ranked, beginningOf),
    ranked.map(({ probability }) => probability),
  )
  if (best.chance >= bounds.settledFrom.value) return { state: 'settled', ...best }
  return { state: best.chance >= bounds.leaningFrom.value ? 'leaning' : 'open', ...best }
}

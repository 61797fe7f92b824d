import type { Estimate } from './mixed-model.ts'

// By itself: whoever reads what was learnt need not load what learns.
/** What is to be expected of one group. */
export interface LearntGroup {
  readonly own: Estimate
  /** The next time there, with all that strays from time to time. */
  readonly next: Estimate
}

/** What a place has taught of one figure, beside what was thought before; it can be sent and kept. */
export interface LearntMean {
  readonly before: Estimate
  /** What was seen by itself, each time as much as it is sure and young; undefined: nothing was. */
  readonly seen: (Estimate & { readonly count: number }) | undefined
  readonly after: Estimate
  readonly groups: ReadonlyMap<string, LearntGroup>
  /** Of any group that was never seen. */
  readonly others: LearntGroup
}

/** What is to be expected of a group; of one never seen, of any. */
export const learntOf = ({ groups, others }: LearntMean, group: string): LearntGroup =>
  groups.get(group) ?? others
